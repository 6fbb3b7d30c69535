export * from './front-section-generator';
export * from './animals';
export * from './saddles';
export * from './scenario';
