import { SETS } from './sets.mjs';

const { tests } = SETS[process.env.FULCRA_MUTATED];

/** The tests of one set, in the copy of the checkout that is being mutated. */
export default {
  rootDir: process.cwd(),
  testEnvironment: 'node',
  roots: tests.map((folder) => `<rootDir>/${folder}`),
  testMatch: ['**/*.test.ts'],
  transform: { '^.+\\.ts$': ['@swc/jest', { jsc: { parser: { syntax: 'typescript' }, target: 'es2022' } }] },
};
