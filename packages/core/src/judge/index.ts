export * from './sit-values';
export * from './value-errors';
export * from './fault-chains';
export * from './judge-sitting';
export * from './complaint-table';
export * from './complaint-answer';
export * from './weighed-school';
export * from './foretold';
