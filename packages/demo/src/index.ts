export * from './front-section-generator';
export * from './back-generator';
export * from './animals';
export * from './riders';
export * from './saddles';
export * from './measured-visit';
export * from './scenario';
