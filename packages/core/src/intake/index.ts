export * from './complaints';
export * from './dated-facts';
