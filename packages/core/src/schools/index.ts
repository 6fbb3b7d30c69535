export * from './needs';
export * from './engine';
export * from './criteria';
export * from './school';
export * from './readiness';
export * from './all';
