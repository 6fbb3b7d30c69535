
/** The tests that hold the judgement: quick ones, no search and no physics. */
export default {
  rootDir: process.cwd(),
  testEnvironment: 'node',
  roots: ['judge', 'schools', 'visit', 'records', 'back', 'feel', 'shape', 'intake'].map((room) => `<rootDir>/packages/core/src/${room}`),
  testMatch: ['**/__tests__/**/*.test.ts'],
  transform: { '^.+\\.ts$': ['@swc/jest', { jsc: { parser: { syntax: 'typescript' }, target: 'es2022' } }] },
};
