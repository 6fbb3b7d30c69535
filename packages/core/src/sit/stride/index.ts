export * from './moving-back';
export * from './stride-loads';
export * from './exact-ridden';
export * from './stride';
export * from './stride-told';
