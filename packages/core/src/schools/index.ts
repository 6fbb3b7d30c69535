export * from './needs';
export * from './school';
export * from './readiness';
export * from './all';
export * from './sit-criteria';
export * from './sit-rules';
export * from './sit-defaults';
