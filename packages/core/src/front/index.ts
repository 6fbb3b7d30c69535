export * from './padding';
export * from './arch-on-section';
export * from './verdict';
export * from './front-search';
export * from './neighbours';
export * from './saddle-settings';
export * from './confidence';
export * from './front-fit';
