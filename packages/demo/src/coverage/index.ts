export * from './clustered';
export * from './hands';
export * from './takes-coverage';
export * from './front-coverage';
export * from './peak-coverage';
