export * from './kendall';
export * from './trend';
export * from './leaves-tolerance';
export * from './line-draws';
