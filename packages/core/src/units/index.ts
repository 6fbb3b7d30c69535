export * from './length';
export * from './angle';
export * from './near-off';
