export * from './drawing';
export * from './front-template';
export * from './scale-bars';
export * from './sheets';
export * from './svg';
