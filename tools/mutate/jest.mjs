import { SETS } from './sets.mjs';

const { tests, without = [], only = '' } = SETS[process.env.FULCRA_MUTATED];

/** The tests of one set, in the copy of the checkout that is being mutated. */
export default {
  rootDir: process.cwd(),
  testEnvironment: 'node',
  roots: tests.map((folder) => `<rootDir>/${folder}`),
  testMatch: [`**/*${only || '.test'}.ts`],
  testPathIgnorePatterns: ['/node_modules/', ...without],
  transform: { '^.+\\.ts$': ['@swc/jest', { jsc: { parser: { syntax: 'typescript' }, target: 'es2022' } }] },
};
