export * from './horse-body';
export * from './poses';
export * from './body-input';
export * from './measured-again';
