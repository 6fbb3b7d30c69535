export * from './tack-points';
export * from './tack-standing';
