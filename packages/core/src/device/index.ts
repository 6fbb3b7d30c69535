export * from './curve-lines';
export * from './curve-feed';
export * from './bends-of-line';
