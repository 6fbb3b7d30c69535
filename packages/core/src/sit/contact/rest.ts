import { type Outcome, done, refused } from '../../problems';
import { contactFaults } from './contact-faults';
import { type ContactProblem, FREEDOMS, N_PER_KPA_MM2 } from './contact-problem';
import { workOf } from './contact-work';
import { TOUCHING, eachTouching } from './cell-block';
import { loweredFor } from './lowered';
import { type NewtonOptions, newton } from './newton';

/** Where a saddle in plain numbers rests. */
export interface RestFound {
  /** False where no place was found at which all balances hold: it doesn't stay. */
  readonly balanced: boolean;
  readonly rounds: number;
  /** Greatest unbalanced force, or moment over 100 mm, as a share of the weight. */
  readonly left: number;
  /** mm; turns in radians, right-handed about x, y and z through `about`; the tree's two in radians. */
  readonly ways: Readonly<Record<(typeof FREEDOMS)[number], number>>;
  /** Middle of the loads: turns are about it. */
  readonly about: readonly [x: number, y: number, z: number];
  /** Per cell: pressure and shear, kPa; what the back does to the saddle. */
  readonly pressureKPa: Float64Array;
  readonly shearX: Float64Array;
  readonly shearY: Float64Array;
  readonly shearZ: Float64Array;
  readonly carriedN: number;
}

type FourLists = [Float64Array, Float64Array, Float64Array, Float64Array];

/**
 * One step of a saddle to its rest, from plain numbers: cells, springs, loads (see `ContactProblem`). First order in the ways:
 * cells and loads are not moved, so for large ways sample them again where they came to and ask once more.
 * @param start ways to begin from, in the units of `ways`; a heave that is absent is found by lowering it level
 */
export function restOf(problem: ContactProblem, start: Partial<RestFound['ways']> = {}, options: NewtonOptions = {}): RestFound {
  const w = workOf(problem);
  const q = Float64Array.from(FREEDOMS, (f, i) => (start[f] ?? 0) * (i < 3 ? 1 : 100));
  if (start.heave === undefined && w.free.includes(2)) q[2] = loweredFor(w);
  const { balanced, rounds, left } = newton(w, q, options);
  const [pressureKPa, shearX, shearY, shearZ] = Array.from({ length: 4 }, () => new Float64Array(w.count)) as FourLists;
  let carriedN = 0;
  const { p, tx, ty, tz } = TOUCHING;
  eachTouching(w, q, (i, j) => {
    pressureKPa[i] = p[j]!;
    shearX[i] = tx[j]!;
    shearY[i] = ty[j]!;
    shearZ[i] = tz[j]!;
    carriedN += problem.cells.areaMm2[i]! * N_PER_KPA_MM2 * (p[j]! * w.nz[i]! + tz[j]!);
  });
  return {
    balanced,
    rounds,
    left,
    ways: Object.fromEntries(FREEDOMS.map((f, i) => [f, q[i]! / (i < 3 ? 1 : 100)])) as RestFound['ways'],
    about: [w.x0, w.y0, w.z0],
    pressureKPa,
    shearX,
    shearY,
    shearZ,
    carriedN,
  };
}

/** The same for a problem that comes from elsewhere: refused by code where a list or a number can't be. */
export function askRest(problem: ContactProblem): Outcome<RestFound> {
  const faults = contactFaults(problem);
  return faults.length > 0 ? refused(...faults) : done(restOf(problem));
}
