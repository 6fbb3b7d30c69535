/** HTTP tests against a real MariaDB, one run after another on one server. */
module.exports = {
  // a whole server and a database of its own begin before each file of tests, and what is due of all horses is worked out cold
  testTimeout: 120_000,
  testEnvironment: 'node',
  rootDir: __dirname,
  testMatch: ['<rootDir>/test/**/*.test.ts'],
  extensionsToTreatAsEsm: ['.ts'],
  transform: { '^.+\\.ts$': ['@swc/jest', { jsc: { parser: { syntax: 'typescript' }, target: 'es2022' }, module: { type: 'es6' } }] },
};
