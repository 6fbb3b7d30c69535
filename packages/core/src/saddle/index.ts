export * from './front-arch';
export * from './width-setting';
