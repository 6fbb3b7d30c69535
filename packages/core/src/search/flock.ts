import { type Zone, ZONES } from '../saddle/saddle-build';
import { type DescribedSaddle, type SaddleSetup } from '../saddle/saddle-setup';
import { zoneShare } from '../saddle/underside';
import { type CriterionId } from '../schools/criteria';
import { type Outcome, done } from '../problems';
import { SIDES, radFromDeg } from '../units';
import { type Sitting, sit } from '../sit/sit';
import { type Assessed, type FitBench, assess, betterOf } from './assess';
import { type BestSetup, type SearchStep, bestSetup } from './best-setup';
import { type AxisId } from './setup-axes';

/** A change of filling costs as much as this share of the squared misses it saves: no wool is moved for nothing (default). */
const RELUCTANCE = 0.02;
const ROUNDS = 200;
/** Turned-up ends and rounded edges aren't flocked against the horse: they are left out. */
const ENDS_LEFT_OUT = 0.12;
/** Filled, settled, looked at again: so often. */
const SETTLED_AGAIN = 3;
const FLOCK_AXES: readonly AxisId[] = ['flockFront', 'flockMiddle', 'flockRear', 'flockNear'];

/**
 * Filling per zone and side, planned under load: what evens out the squeeze of the settled saddle, and then what would level it
 * (least squares, in real steps, inside what can be put in or taken out), settled again, and from there zone by zone. Judged as the saddle
 * is judged: what comes back is never worse than what is in it now.
 * A generator: the caller sees every step, and stops by not asking for the next.
 * @returns the whole filling (not the change); the same as now where nothing can be adjusted or nothing is better
 */
export function* evenFlock(bench: FitBench, saddle: DescribedSaddle, setup: SaddleSetup): Generator<SearchStep, Outcome<BestSetup>> {
  const now = assess(bench, saddle, setup);
  if (!now.ok) return now;
  const tried: Assessed[] = [now.value];
  if (saddle.build.panel.flock.stepMm <= 0) return done({ best: now.value, tried, neighbours: [] });
  let best = now.value;
  for (const way of ['even', 'level'] as const) {
    let from = setup;
    for (let round = 0; round < SETTLED_AGAIN; round++) {
      yield { tried: tried.length, best };
      const next = evened(bench, saddle, from, way);
      if (next === null) break;
      from = next;
      const assessed = assess(bench, saddle, next, best);
      if (!assessed.ok) continue;
      tried.push(assessed.value);
      // what levels it is taken where it is judged as good and presses no harder
      if (improves(assessed.value, best) || (way === 'level' && levels(assessed.value, best))) best = assessed.value;
    }
  }
  const search = bestSetup(bench, saddle, setup.placeMm, FLOCK_AXES, best.setup);
  let step = search.next();
  for (; !step.done; step = search.next()) yield { tried: tried.length + step.value.tried, best: step.value.best };
  if (!step.value.ok) return done({ best, tried, neighbours: [] });
  const zone = step.value.value;
  const better = improves(zone.best, best);
  return done({
    best: better ? zone.best : best,
    tried: onceEach([...tried, ...zone.tried]).sort(betterOf),
    neighbours: better ? zone.neighbours : [],
  });
}

/** A filling that both ways came to stands once. */
const onceEach = (tried: readonly Assessed[]): Assessed[] => [...new Map(tried.map((a) => [JSON.stringify(a.setup), a])).values()];

/** By so little in the score, and in the peak ratio, nobody would tell two settings apart (defaults). */
const AS_GOOD = { score: 0.5, ratio: 0.03 } as const;

const value = (of: Assessed, id: CriterionId): number => Math.abs(of.resting.rows.find((r) => r.id === id)?.value ?? 0);
const noHarder = (a: Assessed, than: Assessed): boolean => value(a, 'peakRatio') <= value(than, 'peakRatio') + AS_GOOD.ratio;

/** Better by what it is judged by, and no harder anywhere, unless it takes a hard stop away. */
const improves = (a: Assessed, than: Assessed): boolean => betterOf(a, than) < 0 && (a.stopMiss < than.stopMiss || noHarder(a, than));

/** More level than another, as good by its score, and no harder anywhere. */
function levels(a: Assessed, than: Assessed): boolean {
  const tilt = (of: Assessed): number => value(of, 'roll') + value(of, 'seatLevel');
  if (Number(a.sits) < Number(than.sits) || a.stopMiss > than.stopMiss || a.score < than.score - AS_GOOD.score) return false;
  return tilt(a) < tilt(than) && noHarder(a, than);
}

/**
 * One round: evens out the squeeze as it has settled, or as it would lie if it had settled level; null where the saddle doesn't rest
 * or there is nothing left to change.
 */
function evened(bench: FitBench, saddle: DescribedSaddle, setup: SaddleSetup, way: 'even' | 'level'): SaddleSetup | null {
  const { body, rider, strapPullN } = bench;
  const sitting = sit({ body, saddle, setup, rider, pose: 'resting', strapPullN }, bench.poses.resting);
  if (!sitting.ok || sitting.value.settled.state !== 'settled') return null;
  const { leastMm, mostMm, stepMm } = saddle.build.panel.flock;
  const { rows, gaps } = panelRows(sitting.value, saddle, setup, way);
  const now = SIDES.flatMap((side) => ZONES.map((zone) => setup.flock[side][zone]));
  const change = boundedLeastSquares(
    rows,
    gaps,
    now.map((v) => leastMm - v),
    now.map((v) => mostMm - v),
  );
  const stepped = now.map((v, i) => Math.min(mostMm, Math.max(leastMm, stepMm * Math.round((v + change[i]!) / stepMm))));
  if (stepped.every((v, i) => v === now[i])) return null;
  const zones = (from: number): Record<Zone, number> => ({ front: stepped[from]!, middle: stepped[from + 1]!, rear: stepped[from + 2]! });
  return { ...setup, flock: { near: zones(0), off: zones(3) } };
}

/** How much each of the six fillings brings the underside down at each cell, and how far the settled back lies over it there. */
function panelRows({ settled, panel, under }: Sitting, saddle: DescribedSaddle, setup: SaddleSetup, way: 'even' | 'level') {
  const { pitchDeg, rollDeg } = settled.pose;
  const [pitch, roll] = way === 'even' ? [0, 0] : [Math.tan(radFromDeg(pitchDeg)), Math.tan(radFromDeg(rollDeg))];
  const rows: number[][] = [];
  const gaps: number[] = [];
  for (let at = 0; at < panel.count; at++) {
    if (Number.isNaN(panel.overlapMm[at]!)) continue;
    const u = panel.x[at]! - setup.placeMm;
    const share = (u - under.fromMm) / (under.toMm - under.fromMm);
    if (share < ENDS_LEFT_OUT || share > 1 - ENDS_LEFT_OUT) continue;
    const { innerMm, outerMm } = under.edgesAt(u);
    const v = (Math.abs(panel.y[at]!) - innerMm) / (outerMm - innerMm);
    if (v < ENDS_LEFT_OUT * 2 || v > 1 - ENDS_LEFT_OUT * 2) continue;
    const near = panel.y[at]! < 0;
    const vertical = 1 / under.rowAt(u).slopeCosine;
    const shares = ZONES.map((zone) => vertical * zoneShare(zone, u / saddle.build.frame.lengthMm));
    rows.push([...(near ? shares : [0, 0, 0]), ...(near ? [0, 0, 0] : shares)]);
    // turned back level, a low cantle and a low off side come up again
    gaps.push(settled.cells.squeezeMm[at]! / settled.cells.nz[at]! - pitch * panel.x[at]! - roll * panel.y[at]!);
  }
  return { rows, gaps };
}

/**
 * min over f and a common height h of sum (gap + row.f - h)^2 + reluctance |f|^2, with f between two bounds: by coordinate descent,
 * which finds the one least of a convex problem with bounds.
 */
export function boundedLeastSquares(
  rows: readonly (readonly number[])[],
  gaps: readonly number[],
  least: readonly number[],
  most: readonly number[],
): number[] {
  const n = rows.length;
  const count = least.length;
  const f = least.map((lo, i) => Math.min(Math.max(0, lo), most[i]!));
  if (n === 0) return f;
  const mean = (of: (i: number) => number): number => rows.reduce((s, _, i) => s + of(i), 0) / n;
  const middle = Array.from({ length: count }, (_, j) => mean((i) => rows[i]![j]!));
  const gapMiddle = mean((i) => gaps[i]!);
  const centred = rows.map((row) => row.map((v, j) => v - middle[j]!));
  const gram = Array.from({ length: count }, (_, j) =>
    Array.from({ length: count }, (_, k) => centred.reduce((s, row) => s + row[j]! * row[k]!, 0) + (j === k ? RELUCTANCE * n : 0)),
  );
  const right = Array.from({ length: count }, (_, j) => -centred.reduce((s, row, i) => s + row[j]! * (gaps[i]! - gapMiddle), 0));
  for (let round = 0; round < ROUNDS; round++) {
    for (let j = 0; j < count; j++) {
      const others = gram[j]!.reduce((s, g, k) => (k === j ? s : s + g * f[k]!), 0);
      f[j] = Math.min(most[j]!, Math.max(least[j]!, (right[j]! - others) / gram[j]![j]!));
    }
  }
  return f;
}
