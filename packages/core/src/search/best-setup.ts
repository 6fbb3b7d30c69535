import { type DescribedSaddle, type SaddleSetup, middleSetup } from '../saddle/saddle-setup';
import { type Outcome, done } from '../problems';
import { type Assessed, type FitBench, assess, betterOf } from './assess';
import { type AxisId, neighbourSetups, stepSetup } from './setup-axes';

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
  }
  const neighbours = neighbourSetups(saddle, best.setup, axes).flatMap(({ axis, direction, setup }) => {
    const assessed = assessOnce(setup);
    return assessed === null ? [] : [{ axis, direction, assessed }];
  });
  return done({ best, tried: [...seen.values()].sort(betterOf), neighbours });
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
