export * from './complaints';
export * from './dated-facts';
export * from './consequences';
