export * from './sit-values';
export * from './fault-chains';
export * from './judge-sitting';
