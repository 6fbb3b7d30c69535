/** Pure packages and tools: no browser, no database. */
export default {
  testEnvironment: 'node',
  // nothing here is timed: on a busy machine a property of a hundred horses takes its time
  testTimeout: 240_000,
  // pure computing: every core has its share
  maxWorkers: '100%',
  roots: ['<rootDir>/packages', '<rootDir>/tools'],
  testMatch: ['**/__tests__/**/*.test.ts'],
  transform: { '^.+\\.ts$': ['@swc/jest', { jsc: { parser: { syntax: 'typescript' }, target: 'es2022' } }] },
};
