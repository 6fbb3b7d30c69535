export * from './merge';
