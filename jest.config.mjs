/** Pure packages and tools: no browser, no database. */
export default {
  testEnvironment: 'node',
  roots: ['<rootDir>/packages', '<rootDir>/tools'],
  testMatch: ['**/__tests__/**/*.test.ts'],
  transform: { '^.+\\.ts$': ['@swc/jest', { jsc: { parser: { syntax: 'typescript' }, target: 'es2022' } }] },
};
