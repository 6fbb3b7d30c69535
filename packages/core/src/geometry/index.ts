export * from './point';
export * from './polyline';
export * from './monotone-curve';
export * from './circle-fit';
export * from './line-fit';
export * from './align';
export * from './rising-root';
export * from './median';
