import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { availableParallelism, tmpdir } from 'node:os';
import { join } from 'node:path';
import { Stryker } from '@stryker-mutator/core';
import { ROOT } from '../machine/root.mjs';
import { SETS, WANTED } from './sets.mjs';

/** Small changes made to the code one by one, each to be noticed by a test: npm run mutate [set ...] */
async function main() {
  process.chdir(ROOT);
  const names = process.argv.length > 2 ? process.argv.slice(2) : Object.keys(SETS);
  const scores = [];
  for (const name of names) scores.push([name, await mutated(name)]);
  for (const [name, { killed, all }] of scores) console.log(`${name}: ${killed} of ${all} killed, ${percent(killed, all)} %`);
  if (scores.some(([, { killed, all }]) => (100 * killed) / all < WANTED)) {
    console.log(`${WANTED} % are wanted of each.`);
    process.exitCode = 1;
  }
}

async function mutated(name) {
  if (SETS[name] === undefined) throw new Error(`There is no set "${name}": ${Object.keys(SETS).join(', ')}.`);
  const scratch = mkdtempSync(join(tmpdir(), 'fulcra-mutate-'));
  process.env.FULCRA_MUTATED = name;
  try {
    await new Stryker(optionsFor(SETS[name], scratch)).runMutationTest();
    return counted(JSON.parse(readFileSync(join(scratch, 'report.json'), 'utf8')));
  } finally {
    rmSync(scratch, { recursive: true, force: true });
  }
}

const optionsFor = ({ mutate }, scratch) => ({
  mutate,
  packageManager: 'npm',
  testRunner: 'jest',
  plugins: ['@stryker-mutator/jest-runner'],
  jest: { configFile: 'tools/mutate/jest.mjs' },
  coverageAnalysis: 'perTest',
  concurrency: Math.max(1, availableParallelism()),
  disableTypeChecks: false,
  ignorePatterns: ['**/dist', '**/.expo', 'docs', 'e2e', 'test-results', '.data', '.cache'],
  tempDirName: join(scratch, 'copy'),
  reporters: ['json'],
  jsonReporter: { fileName: join(scratch, 'report.json') },
  timeoutMS: 20_000,
  logLevel: 'warn',
});

/** Prints what survives. A mutant that doesn't compile or that can't be told from the code is none. */
function counted({ files }) {
  let [killed, all] = [0, 0];
  for (const [file, { mutants, source }] of Object.entries(files)) {
    const lines = source.split('\n');
    for (const { status, location, mutatorName, replacement } of mutants) {
      if (status !== 'Killed' && status !== 'Timeout' && status !== 'Survived' && status !== 'NoCoverage') continue;
      all += 1;
      if (status === 'Killed' || status === 'Timeout') killed += 1;
      else console.log(`${file}:${location.start.line} ${mutatorName} → ${replacement}\n    ${lines[location.start.line - 1].trim()}`);
    }
  }
  return { killed, all };
}

const percent = (part, whole) => (whole === 0 ? 100 : (100 * part) / whole).toFixed(1);

await main();
