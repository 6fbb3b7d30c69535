export * from './student';
