import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { spawnSync } from 'node:child_process';
import { ROOT } from '../machine/root.mjs';

const CORE = ['-c', 'jest.config.mjs'];
const inCore = (...tests) => ({ args: [...CORE, ...tests.map((t) => `packages/core/src/${t}`)], env: {} });
const set = (name, ...tests) => ({ args: ['-c', 'tools/mutate/jest.mjs', ...tests], env: { FULCRA_MUTATED: name } });

/** Small mistakes that tests once let pass: what is changed where, and the tests meant to notice. */
const MUTANTS = [
  [
    'takes agree up to 8 mm of width',
    'packages/core/src/back/takes-agreement.ts',
    'widthMm: 5',
    'widthMm: 8',
    inCore('visit/__tests__/station-measured'),
  ],
  [
    'ways to the last rib agree up to 25 mm',
    'packages/core/src/back/landmarks-resolved.ts',
    'LAST_RIB_AGREE_MM = 20',
    'LAST_RIB_AGREE_MM = 25',
    inCore('back/__tests__/landmarks'),
  ],
  [
    'chain: the gap’s sign',
    'packages/core/src/judge/fault-chains.ts',
    'shape.bridgeGapMm > rules.bridgeGap.most',
    'shape.bridgeGapMm < rules.bridgeGap.most',
    inCore('judge'),
  ],
  [
    'chain: the drift’s sign',
    'packages/core/src/judge/fault-chains.ts',
    'drift.along < school.rules.driftAlong.least',
    'drift.along > school.rules.driftAlong.least',
    inCore('judge'),
  ],
  [
    'the muscle’s width halved',
    'packages/core/src/sit/places.ts',
    'muscle / 2 - outerMm',
    'muscle / 4 - outerMm',
    inCore('sit/__tests__/places'),
  ],
  [
    'the pad under the withers forgotten',
    'packages/core/src/sit/places.ts',
    'under.roofAt(u) - setup.pad.thicknessMm',
    'under.roofAt(u)',
    inCore('sit/__tests__/places'),
  ],
  [
    'drift across to the wrong side',
    'packages/core/src/sit/drift.ts',
    'acrossN -= p * area',
    'acrossN += p * area',
    inCore('sit/__tests__/places'),
  ],
  [
    'a western channel of 60 mm',
    'packages/core/src/schools/western.ts',
    'channelWidth: keepClear(80)',
    'channelWidth: keepClear(60)',
    inCore('schools'),
  ],
  [
    'withdrawn facts still counted',
    'packages/core/src/visit/recorded.ts',
    'withdrawn || body.kind !== kind',
    'body.kind !== kind',
    inCore('visit/__tests__/facts-read'),
  ],
  [
    'the first choice instead of the last',
    'packages/core/src/visit/facts-read.ts',
    "factsOfKind(facts, 'chosenSetting').at(-1)",
    "factsOfKind(facts, 'chosenSetting').at(0)",
    inCore('visit/__tests__/facts-read', 'visit/__tests__/ride'),
  ],
  [
    'an unsafe saddle that was chosen is overlooked',
    'packages/core/src/visit/ride-of-visit.ts',
    's.id === chosen?.saddleId || s.id === decidedSaddleId',
    's.id === decidedSaddleId',
    inCore('visit/__tests__/ride'),
  ],
  [
    'a busy server drops the entry',
    'apps/app/src/platform/sync/outcome.ts',
    'if (status === 503)',
    'if (status === 5030)',
    set('sync', 'outcome'),
  ],
  [
    'refused writes are shown as if taken',
    'apps/app/src/platform/sync/waiting.ts',
    'isOwn(w, owner) && w.refused === undefined',
    'isOwn(w, owner)',
    set('sync', 'waiting'),
  ],
  [
    'the decision that was superseded stands',
    'apps/app/src/platform/views/fold-visit.ts',
    '{ ...of, decision, superseded:',
    '{ ...of, superseded:',
    set('sync', 'fold'),
  ],
  [
    'the decision that was superseded stands, on the server',
    'apps/server/src/visits/decided.ts',
    'own.at(-1)',
    'own.at(0)',
    set('server', 'visit-rules'),
  ],
  [
    'a fact reached through another visit',
    'apps/server/src/visits/append-rules.ts',
    'known.visitId !== mine.visitId',
    'false',
    set('server', 'visit-rules'),
  ],
  [
    'facts of the future count as earlier',
    'apps/server/src/visits/fact-rules.ts',
    'on <= upTo',
    'on !== upTo',
    set('server', 'visit-rules'),
  ],
  ['withdrawn facts count as earlier', 'apps/server/src/visits/fact-rules.ts', ' && !withdrawn', '', set('server', 'visit-rules')],
  ['a sixth take', 'apps/server/src/visits/take-rules.ts', 'held >= MOST_TAKES', 'held > MOST_TAKES', set('server', 'visit-rules')],
  [
    'one photo too many',
    'apps/server/src/photos/photo-rules.ts',
    'held >= MOST_PHOTOS',
    'held > MOST_PHOTOS',
    set('server', 'record-rules'),
  ],
  [
    'other facts go out with the tracings',
    'apps/server/src/views/tracings.ts',
    " && f.body.kind === 'landmark'",
    '',
    set('server', 'record-rules'),
  ],
];

/** Makes each and runs its tests; the file is put back as it was, whatever happens. @returns whether a test noticed */
function noticed([name, path, from, to, { args, env }]) {
  const file = join(ROOT, path);
  const text = readFileSync(file, 'utf8');
  if (!text.includes(from)) throw new Error(`${name}: ${path} no longer holds "${from}"; name the mutant anew.`);
  const run = () =>
    spawnSync('npx', ['jest', ...args, '--silent'], { cwd: ROOT, env: { ...process.env, ...env }, stdio: 'ignore' }).status === 0;
  try {
    writeFileSync(file, text.replace(from, to));
    return !run();
  } finally {
    writeFileSync(file, text);
  }
}

/** The tests are to pass as the code is: a mutant that "fails" with them broken shows nothing. */
function passAsTheyAre() {
  const all = [...new Map(MUTANTS.map(([, , , , t]) => [JSON.stringify(t), t])).values()];
  for (const { args, env } of all) {
    const { status } = spawnSync('npx', ['jest', ...args, '--silent'], { cwd: ROOT, env: { ...process.env, ...env }, stdio: 'ignore' });
    if (status !== 0) throw new Error(`Before anything is changed, these tests fail: ${args.join(' ')}.`);
  }
}

passAsTheyAre();
const results = MUTANTS.map((mutant) => {
  const killed = noticed(mutant);
  console.log(`${killed ? 'noticed ' : 'SURVIVES'}  ${mutant[0]}`);
  return killed;
});
const survivors = results.filter((killed) => !killed).length;
console.log(`${results.length - survivors} noticed, ${survivors} survive`);
process.exitCode = survivors === 0 ? 0 : 1;
