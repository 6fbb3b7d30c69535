export * from './rider-measures';
export * from './proportions';
export * from './linkage';
export * from './purposes';
export * from './leather';
export * from './leathers-to-buy';
export * from './plumb';
export * from './weight';
