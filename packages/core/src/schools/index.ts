export * from './school';
export * from './readiness';
export * from './all';
