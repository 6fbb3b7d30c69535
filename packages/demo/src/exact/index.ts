export * from './bench';
export * from './bench-page';
export * from './changes';
export * from './made-to-fit';
export * from './stock-page';
