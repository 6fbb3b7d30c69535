export * from './springs';
export * from './contact-cells';
export * from './settle';
export * from './contact-measures';
