export * from './section';
export * from './section-from-points';
export * from './section-from-widths';
export * from './section-measures';
export * from './take';
export * from './takes-agreement';
export * from './takes-consensus';
