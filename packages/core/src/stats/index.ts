export * from './student';
export * from './mixture';
