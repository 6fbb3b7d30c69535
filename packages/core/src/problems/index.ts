export * from './registry';
