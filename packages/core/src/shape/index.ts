export * from './traits';
export * from './traits-measured';
export * from './fault-rules';
export * from './fault-forecast';
