export * from './seat-cells';
export * from './loads';
export * from './drift';
export * from './contact-shape';
export * from './places';
export * from './saddle-cut';
export * from './sit';
