export * from './tack-points';
export * from './tack-standing';
export * from './intervals';
export * from './next-visit';
export * from './tree-forecast';
export * from './day-route';
export * from './order-state';
