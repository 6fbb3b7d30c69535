export * from './hands';
export * from './takes-coverage';
