export * from './barrel';
