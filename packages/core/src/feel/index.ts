export * from './places';
export * from './next-pass';
export * from './sore-hold';
