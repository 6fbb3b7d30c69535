export * from './barrel';
export * from './traced-barrel';
export * from './section-halves';
