import { type DescribedSaddle, type SaddleSetup, middleSetup } from '../saddle/saddle-setup';
import { type Outcome, done } from '../problems';
import { type Assessed, type FitBench, assess, betterOf } from './assess';
import { type Compared, compareSettings } from './compare';
import { type School } from '../schools/school';
import { type SitRow } from '../judge/judge-sitting';
import { type AxisId, FITTER_STEPS, neighbourSetups, stepSetup } from './setup-axes';

/** What "find the best" may turn: what a workshop can set, where it lies, and the straps. Shims and filling have searches of their own. */
export const SEARCH_AXES: readonly AxisId[] = ['width', 'archShape', 'curve', 'frontDepth', 'gusset', 'place', 'straps'];

export interface SearchStep {
  readonly tried: number;
  readonly best: Assessed;
}

export interface BestSetup {
  readonly best: Assessed;
  readonly tried: readonly Assessed[];
  /** The neighbours of the best, one real step either way on every axis: what it is better than. */
  readonly neighbours: readonly { readonly axis: AxisId; readonly direction: -1 | 1; readonly assessed: Assessed }[];
}

/** What a search found, held against doing nothing of the kind: no shims, the filling as it is, the setting as it stands. */
export interface FoundBeside {
  readonly found: BestSetup;
  /** Null where nothing can't be laid. */
  readonly nothing: Assessed | null;
  /** How what was found does against it. */
  readonly compared: Compared | null;
}

export function besideNothing(found: BestSetup, nothing: Outcome<Assessed>): FoundBeside {
  if (!nothing.ok) return { found, nothing: null, compared: null };
  return { found, nothing: nothing.value, compared: compareSettings(nothing.value, found.best) };
}

/** Tries no more setups of one saddle than this. */
const MOST_TRIED = 400;

/**
 * From the middle of every range, one thing at a time, as long as it gets better; then every neighbour of what was found.
 * A generator: the caller sees every step, and stops by not asking for the next.
 */
export function* bestSetup(
  bench: FitBench,
  saddle: DescribedSaddle,
  placeMm: number,
  axes: readonly AxisId[] = SEARCH_AXES,
  from: SaddleSetup = middleSetup(saddle, placeMm),
): Generator<SearchStep, Outcome<BestSetup>> {
  const seen = new Map<string, Assessed>();
  const first = assess(bench, saddle, from);
  if (!first.ok) return first;
  let best = first.value;
  seen.set(JSON.stringify(from), best);
  const assessOnce = (setup: SaddleSetup): Assessed | null => {
    const key = JSON.stringify(setup);
    const known = seen.get(key);
    if (known !== undefined) return known;
    const outcome = assess(bench, saddle, setup, best);
    if (!outcome.ok) return null;
    seen.set(key, outcome.value);
    return outcome.value;
  };
  yield { tried: 1, best };
  for (let moved = true; moved && seen.size < MOST_TRIED;) {
    moved = false;
    for (const axis of axes) {
      for (const direction of [1, -1] as const) {
        for (let next = neighbour(saddle, best, axis, direction, assessOnce); next !== null && betterOf(next, best) < 0;) {
          best = next;
          moved = true;
          yield { tried: seen.size, best };
          next = neighbour(saddle, best, axis, direction, assessOnce);
        }
        yield { tried: seen.size, best };
      }
    }
    const finer = axes.includes('place') ? finerPlace(best, bench.school, assessOnce) : null;
    if (finer !== null) {
      best = finer;
      moved = true;
      yield { tried: seen.size, best };
    }
  }
  const neighbours = neighbourSetups(saddle, best.setup, axes).flatMap(({ axis, direction, setup }) => {
    const assessed = assessOnce(setup);
    return assessed === null ? [] : [{ axis, direction, assessed }];
  });
  return done({ best, tried: [...seen.values()].sort(betterOf), neighbours });
}

/** Near a hard limit the place along the back is looked at millimetre by millimetre, so far from it, mm. */
const FINE = { withinMm: 5, stepMm: 1 } as const;

/** The best place within one coarse step, where a hard limit in mm is near or missed; null where that is where it lies. */
function finerPlace(best: Assessed, school: School, assessOnce: (setup: SaddleSetup) => Assessed | null): Assessed | null {
  const near = best.resting.rows.some((row) => row.unit === 'mm' && isNearHardLimit(row, school));
  if (!near) return null;
  let found = best;
  for (let by = -FITTER_STEPS.placeMm + FINE.stepMm; by < FITTER_STEPS.placeMm; by += FINE.stepMm) {
    const placeMm = best.setup.placeMm + by;
    if (by === 0 || placeMm < FITTER_STEPS.placeFromMm || placeMm > FITTER_STEPS.placeToMm) continue;
    const next = assessOnce({ ...best.setup, placeMm });
    if (next !== null && betterOf(next, found) < 0) found = next;
  }
  return found === best ? null : found;
}

function isNearHardLimit({ id, value }: SitRow, { rules }: School): boolean {
  const rule = rules[id];
  if (rule === undefined || value === null || rule.hardStop === 'never') return false;
  const limit = rule[rule.hardStop];
  return limit !== null && Math.abs(value - limit) < FINE.withinMm + FITTER_STEPS.placeMm;
}

function neighbour(
  saddle: DescribedSaddle,
  of: Assessed,
  axis: AxisId,
  direction: -1 | 1,
  assessOnce: (setup: SaddleSetup) => Assessed | null,
): Assessed | null {
  const setup = stepSetup(saddle, of.setup, axis, direction);
  return setup === null ? null : assessOnce(setup);
}
