export * from './barrel';
export * from './traced-barrel';
