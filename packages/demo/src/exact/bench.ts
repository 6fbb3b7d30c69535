import {
  type CriterionId,
  type HorseBody,
  type JudgeInput,
  type Ridden,
  type School,
  type SitVerdict,
  CELL_MM,
  judgeSitting,
  laidFront,
  rideLaid,
  sitBench,
  sitLaid,
} from '@fulcra/core';
import { DEMO_ANIMALS } from '../animals';
import { type BackBuild } from '../back-generator';
import { trueBody } from '../demo-body';
import { type Change, CHANGES } from './changes';
import { type MadeToFit, EXACT_RIDER, laidExactly, madeToFit } from './made-to-fit';

const [, hob, marl, , , thistledown, corrie, tarn] = DEMO_ANIMALS.map((a) => a.back);

/** Twelve backs: the demo's animals and four between and beyond them. */
export const EXACT_BACKS: readonly (readonly [name: string, build: BackBuild])[] = [
  ...DEMO_ANIMALS.map((a) => [a.horse.name, a.back] as const),
  ['between Hob and Tarn', { ...hob!, dipMm: (hob!.dipMm + tarn!.dipMm) / 2, witherMm: (hob!.witherMm + tarn!.witherMm) / 2 }],
  ['Marl, even', { ...marl!, front: { ...marl!.front, offDeg: marl!.front.nearDeg } }],
  ['Thistledown, level', { ...thistledown!, croupMm: 0 }],
  ['Corrie, sound, longer', { ...corrie!, weakOffDeg: 0, lastRibMm: corrie!.lastRibMm + 30 }],
];

/** One saddle on one horse, standing and ridden, ready to be judged. */
export function judgeInputOf(made: MadeToFit, body: HorseBody, school: School): JudgeInput {
  const bench = sitBench(body, 'resting', school.engine, CELL_MM.search);
  const laid = laidExactly(made, body, school, school.engine.strapPullN);
  const question = { body, saddle: made.saddle, setup: made.setup, rider: EXACT_RIDER, pose: 'resting' as const };
  const sitting = sitLaid(question, laid, bench, null);
  if (!sitting.ok) throw new Error(JSON.stringify(sitting.problems));
  const front = laidFront(body, made.saddle, made.setup);
  return { body, saddle: made.saddle, setup: made.setup, sitting: sitting.value, laid: front, ridden: riddenOf(question, laid, bench) };
}

function riddenOf(
  question: Parameters<typeof rideLaid>[0],
  laid: ReturnType<typeof laidExactly>,
  bench: ReturnType<typeof sitBench>,
): Ridden | null {
  const riding = rideLaid(question, { value: laid }, bench, ['walk', 'trotSitting']);
  let step = riding.next();
  while (!step.done) step = riding.next();
  return step.value.ok ? step.value.value : null;
}

/** What was found of one change on one back. */
export interface ChangeFound {
  readonly back: string;
  /** The number it should move went the right way; its row or its chain names it. */
  readonly moved: boolean;
  readonly named: boolean;
  readonly chained: boolean;
  /** Rows that miss now and did not before, and that don't follow from the change. */
  readonly invented: readonly CriterionId[];
  readonly from: number | null;
  readonly to: number | null;
}

export interface BenchRow {
  readonly change: Change;
  readonly found: readonly ChangeFound[];
}

/** What one school says of the saddles as made, and of each change. */
export interface ExactBench {
  readonly school: School;
  readonly exact: readonly { readonly back: string; readonly misses: readonly CriterionId[]; readonly score: number }[];
  readonly rows: readonly BenchRow[];
}

const missing = (verdict: SitVerdict): CriterionId[] => verdict.rows.filter((r) => r.costs > 0).map((r) => r.id);

/**
 * The whole bench: every saddle is made for each school, and judged by it.
 * @param changes fewer, for a quick look
 */
export const exactBench = (schools: readonly School[], backs = EXACT_BACKS, changes = CHANGES): ExactBench[] =>
  schools.map((school) => benchOf(school, backs, changes));

function benchOf(school: School, backs: typeof EXACT_BACKS, changes: readonly Change[]): ExactBench {
  const judged = (made: MadeToFit, body: HorseBody): SitVerdict => judgeSitting(judgeInputOf(made, body, school), school);
  const bases = backs.map(([back, build]) => {
    const body = trueBody(build);
    const made = madeToFit(body, school);
    return { back, build, body, made, before: judged(made, body) };
  });
  return {
    school,
    exact: bases.map(({ back, before }) => ({ back, misses: missing(before), score: before.score })),
    rows: changes.map((change) => ({
      change,
      found: bases.map(({ back, build, body, made, before }) =>
        foundOf(change, back, before, judged(change.saddle?.(made) ?? made, change.horse?.(build, body) ?? body)),
      ),
    })),
  };
}

function foundOf({ moves, chain, follows }: Change, back: string, before: SitVerdict, after: SitVerdict): ChangeFound {
  const value = (v: SitVerdict): number | null => v.rows.find((r) => r.id === moves.id)?.value ?? null;
  const [from, to] = [value(before), value(after)];
  const row = after.rows.find((r) => r.id === moves.id);
  const chained = chain !== undefined && after.chains.some((c) => c.id === chain);
  const was = missing(before);
  return {
    back,
    from,
    to,
    moved: from !== null && to !== null && moves.by * (to - from) > 1e-9,
    named: row !== undefined && Math.sign(row.outside) === moves.by,
    chained,
    invented: missing(after).filter((id) => id !== moves.id && !was.includes(id) && !follows.includes(id)),
  };
}
