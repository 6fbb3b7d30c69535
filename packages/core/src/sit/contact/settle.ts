import { degFromRad, radFromDeg } from '../../units';
import { type ContactCells, cellAreaMm2 } from './contact-cells';
import { type Springs } from './springs';

/** A weight hanging on the saddle at a place, N downward. */
export interface Load {
  readonly xMm: number;
  readonly yMm: number;
  readonly downN: number;
}

/** How the saddle lies against where it was put: heave + up, pitch + cantle low, roll + off side low. */
export interface Pose {
  readonly heaveMm: number;
  readonly pitchDeg: number;
  readonly rollDeg: number;
}

/** How much higher a place of the saddle lies once settled than where it was put, mm. */
export function liftedBy({ heaveMm, pitchDeg, rollDeg }: Pose): (xMm: number, yMm: number) => number {
  const [p, r] = [Math.tan(radFromDeg(pitchDeg)), Math.tan(radFromDeg(rollDeg))];
  return (x, y) => heaveMm - p * x - r * y;
}

export interface Settled {
  /** `doesNotSit` past 8 degrees or where nothing holds the load; `unloaded` where nothing presses it down. */
  readonly state: 'settled' | 'doesNotSit' | 'unloaded';
  readonly pose: Pose;
  /** Per cell, kPa; 0 where it doesn't touch. */
  readonly pressureKPa: Float64Array;
  /** What is left of the balance: of the weight, and of each moment over 100 mm, as shares of the weight. */
  readonly residual: { readonly force: number; readonly pitch: number; readonly roll: number };
  readonly iterations: number;
}

/** Past this a saddle doesn't sit, whatever the arithmetic says (default). */
export const MOST_TILT_DEG = 8;
const MOST_ROUNDS = 80;
const BALANCED = 1e-8;
/** One cell in so many is enough to come close; the rest is done with all of them. */
const FEW_CELLS = 7;
const NEARLY = 1e-3;
const MOST_HALVINGS = 40;
/** Where energies differ by less, the balance decides which place is better. */
const ROUNDING = 1e-12;
/** Slopes are counted per 100 mm, so that heave and turns weigh alike. */
const LEVER_MM = 100;
const N_PER_KPA_MM2 = 1e-3;
const MOST_SLOPE = Math.tan((MOST_TILT_DEG * Math.PI) / 180);
/** A step may not turn it further than this at once, slope. */
const LONGEST_TURN = 0.12;

/**
 * Where a rigid saddle comes to rest on elastic cells: the least of the energy of all squeezed cells and the sinking loads.
 * The energy is convex in heave, pitch and roll, so Newton's way with a line search finds the one rest, from any start.
 * @param start the pose to start from, e.g. of a setting close by; null to start level
 * @param watch is told the energy of every place the descent stands at, N mm
 */
export function settle(
  cells: ContactCells,
  springs: Springs,
  loads: readonly Load[],
  start: Pose | null = null,
  watch: (energyNmm: number) => void = () => undefined,
): Settled {
  const weightN = loads.reduce((s, l) => s + l.downN, 0);
  const problem = prepared(cells, springs, loads, weightN);
  if (!(weightN > 0)) return result(problem, 'unloaded', [liftedClear(cells), 0, 0], 0, [0, 0, 0]);
  const q: Place = start === null ? [heaveForWeight(problem), 0, 0] : fromPose(start, problem);
  const near: Place = [...q];
  if (descend(problem, near, { every: FEW_CELLS, until: NEARLY }).balanced) q.splice(0, 3, ...near);
  const { rounds } = descend(problem, q, { every: 1, until: BALANCED, watch });
  const left = residualOf(problem);
  const balanced = Math.max(...left.map(Math.abs)) < 1e-7;
  const tilted = Math.max(Math.abs(q[1]), Math.abs(q[2])) / LEVER_MM > MOST_SLOPE;
  return result(problem, balanced && !tilted ? 'settled' : 'doesNotSit', q, rounds, left);
}

/** Heave in mm, and rise of pitch and roll in mm over the lever. */
type Place = [heave: number, pitch: number, roll: number];

interface Prepared {
  readonly cells: ContactCells;
  readonly springs: Springs;
  readonly areaMm2: number;
  readonly weightN: number;
  /** Middle of the loads: pitch and roll turn about it. */
  readonly x0: number;
  readonly y0: number;
  /** The cells that have both a panel and a back, close together in memory: overlap, normal, and arms over the lever. */
  readonly count: number;
  readonly overlap: Float64Array;
  readonly nz: Float64Array;
  readonly armX: Float64Array;
  readonly armY: Float64Array;
  /** Gradient and upper half of the Hessian, filled by `look`. */
  readonly g: Float64Array;
  readonly h: Float64Array;
}

/** What a solve writes into, used again by the next one: a ranking makes hundreds, and none outlives its own. */
let scratch: readonly [Float64Array, Float64Array, Float64Array, Float64Array] | null = null;

function scratchFor(cells: number): NonNullable<typeof scratch> {
  if (scratch === null || scratch[0].length < cells) {
    const make = (): Float64Array => new Float64Array(cells);
    scratch = [make(), make(), make(), make()];
  }
  return scratch;
}

function prepared(cells: ContactCells, springs: Springs, loads: readonly Load[], weightN: number): Prepared {
  const mean = (of: (l: Load) => number): number => (weightN > 0 ? loads.reduce((s, l) => s + l.downN * of(l), 0) / weightN : 0);
  const [x0, y0] = [mean((l) => l.xMm), mean((l) => l.yMm)];
  const all = cells.x.length;
  const [overlap, nz, armX, armY] = scratchFor(all);
  let count = 0;
  for (let i = 0; i < all; i++) {
    const o = cells.overlapMm[i]!;
    if (o !== o) continue;
    overlap[count] = o;
    nz[count] = cells.normalZ[i]!;
    armX[count] = (cells.x[i]! - x0) / LEVER_MM;
    armY[count] = (cells.y[i]! - y0) / LEVER_MM;
    count++;
  }
  const areaMm2 = cellAreaMm2(cells);
  return { cells, springs, areaMm2, weightN, x0, y0, count, overlap, nz, armX, armY, g: new Float64Array(3), h: new Float64Array(6) };
}

const fromPose = ({ heaveMm, pitchDeg, rollDeg }: Pose, { x0, y0 }: Prepared): Place => {
  const [p, r] = [Math.tan((pitchDeg * Math.PI) / 180), Math.tan((rollDeg * Math.PI) / 180)];
  return [heaveMm - p * x0 - r * y0, p * LEVER_MM, r * LEVER_MM];
};

/** Energy at a place, N mm, from one cell in `every`; fills gradient and Hessian. No allocation. */
function energyAt(p: Prepared, q: Place, every: number): number {
  const { count, overlap, nz, armX, armY, weightN, g, h } = p;
  const k = p.springs.stiffnessKPaPerMm;
  const soft = 1 / p.springs.hardeningMm;
  const area = p.areaMm2 * N_PER_KPA_MM2 * k * every;
  const [heave, pitch, roll] = q;
  let energy = 0;
  let [g0, g1, g2, h0, h1, h2, h3, h4, h5] = [0, 0, 0, 0, 0, 0, 0, 0, 0];
  for (let i = 0; i < count; i += every) {
    const a = armX[i]!;
    const b = armY[i]!;
    const vertical = overlap[i]! - heave + pitch * a + roll * b;
    if (!(vertical > 0)) continue;
    const n = nz[i]!;
    const d = n * vertical;
    const hard = d * soft;
    energy += (d * d * (0.5 + hard / 3)) / n;
    const force = d * (1 + hard);
    const stiff = n * (1 + 2 * hard);
    g0 += force;
    g1 += force * a;
    g2 += force * b;
    const sa = stiff * a;
    const sb = stiff * b;
    h0 += stiff;
    h1 += sa;
    h2 += sb;
    h3 += sa * a;
    h4 += sa * b;
    h5 += sb * b;
  }
  g[0] = weightN - area * g0;
  g[1] = area * g1;
  g[2] = area * g2;
  h[0] = area * h0;
  h[1] = -area * h1;
  h[2] = -area * h2;
  h[3] = area * h3;
  h[4] = area * h4;
  h[5] = area * h5;
  return area * energy + weightN * heave;
}

/** Of the place that was looked at last. */
const residualOf = ({ g, weightN }: Prepared): [number, number, number] => [g[0]! / weightN, g[1]! / weightN, g[2]! / weightN];

const HEIGHT_ROUNDS = 9;

/** About the level height at which the cells carry the weight, by halving over a few of them; Newton does the rest. */
function heaveForWeight(p: Prepared): number {
  let high = liftedClear(p.cells);
  if (!Number.isFinite(high)) return 0;
  let low = high - 1;
  while (levelForce(p, low) < p.weightN && high - low < 1000) low -= 2 * (high - low);
  for (let i = 0; i < HEIGHT_ROUNDS; i++) {
    const middle = (low + high) / 2;
    if (levelForce(p, middle) >= p.weightN) low = middle;
    else high = middle;
  }
  return low;
}

/** What the cells would carry level at a height, N; from a few of them. */
function levelForce({ count, overlap, nz, springs, areaMm2 }: Prepared, heave: number): number {
  const soft = 1 / springs.hardeningMm;
  let sum = 0;
  for (let i = 0; i < count; i += FEW_CELLS) {
    const vertical = overlap[i]! - heave;
    if (!(vertical > 0)) continue;
    const d = nz[i]! * vertical;
    sum += d * (1 + d * soft);
  }
  return sum * FEW_CELLS * areaMm2 * N_PER_KPA_MM2 * springs.stiffnessKPaPerMm;
}

const liftedClear = (cells: ContactCells): number => cells.overlapMm.reduce((most, o) => (o > most ? o : most), -Infinity);

interface Descent {
  readonly every: number;
  /** Enough when no more of the weight, or of its moment over the lever, is unbalanced. */
  readonly until: number;
  /** Is told the energy of every place the descent stands at, N mm. */
  readonly watch?: (energyNmm: number) => void;
}

/**
 * Newton with a line search on the energy, which never rises by more than its own rounding.
 * @returns rounds used, and whether they came to a balance; `q` holds the place, looked at last
 */
function descend(
  p: Prepared,
  q: Place,
  { every, until, watch = () => undefined }: Descent,
): { readonly rounds: number; readonly balanced: boolean } {
  let energy = energyAt(p, q, every);
  watch(energy);
  const next: Place = [0, 0, 0];
  for (let round = 1; round <= MOST_ROUNDS; round++) {
    const unbalanced = greatest(p.g);
    if (unbalanced < until * p.weightN) return { rounds: round, balanced: true };
    const step = newtonStep(p);
    const slope = p.g[0]! * step[0] + p.g[1]! * step[1] + p.g[2]! * step[2];
    let share = Math.min(1, (LONGEST_TURN * LEVER_MM) / Math.max(1e-12, Math.abs(step[1]), Math.abs(step[2])));
    const rounding = ROUNDING * Math.abs(energy);
    let tried = Infinity;
    let better = false;
    for (let halving = 0; halving < MOST_HALVINGS && !better; halving++, share /= 2) {
      for (let k = 0; k < 3; k++) next[k] = q[k]! + share * step[k]!;
      tried = energyAt(p, next, every);
      better = tried <= energy + 1e-4 * share * slope || (tried <= energy + rounding && greatest(p.g) < unbalanced);
    }
    if (!better) {
      energyAt(p, q, every);
      return { rounds: round, balanced: false };
    }
    energy = tried;
    watch(energy);
    for (let k = 0; k < 3; k++) q[k] = next[k]!;
    if (Math.max(Math.abs(q[1]), Math.abs(q[2])) > 3 * MOST_SLOPE * LEVER_MM) return { rounds: round, balanced: false };
  }
  return { rounds: MOST_ROUNDS, balanced: false };
}

const greatest = (g: Float64Array): number => Math.max(Math.abs(g[0]!), Math.abs(g[1]!), Math.abs(g[2]!));

/** Solves H s = -g by Cholesky; what the contact doesn't hold (two cells, one edge) is held back a little. */
function newtonStep({ g, h }: Prepared): Place {
  const hold = 1e-9 * (h[0]! + h[3]! + h[5]!) + 1e-12;
  const l00 = Math.sqrt(h[0]! + hold);
  const l10 = h[1]! / l00;
  const l20 = h[2]! / l00;
  const l11 = Math.sqrt(Math.max(hold, h[3]! + hold - l10 * l10));
  const l21 = (h[4]! - l20 * l10) / l11;
  const l22 = Math.sqrt(Math.max(hold, h[5]! + hold - l20 * l20 - l21 * l21));
  const y0 = -g[0]! / l00;
  const y1 = (-g[1]! - l10 * y0) / l11;
  const y2 = (-g[2]! - l20 * y0 - l21 * y1) / l22;
  const s2 = y2 / l22;
  const s1 = (y1 - l21 * s2) / l11;
  return [(y0 - l10 * s1 - l20 * s2) / l00, s1, s2];
}

function result(
  p: Prepared,
  state: Settled['state'],
  q: Place,
  iterations: number,
  [force, pitch, roll]: readonly [number, number, number],
): Settled {
  const pressures = new Float64Array(p.cells.x.length);
  if (state !== 'unloaded') fillPressures(p, q, pressures);
  const [slopeX, slopeY] = [q[1] / LEVER_MM, q[2] / LEVER_MM];
  return {
    state,
    pose: {
      heaveMm: q[0] + slopeX * p.x0 + slopeY * p.y0,
      pitchDeg: degFromRad(Math.atan(slopeX)),
      rollDeg: degFromRad(Math.atan(slopeY)),
    },
    pressureKPa: pressures,
    residual: { force, pitch, roll },
    iterations,
  };
}

function fillPressures(p: Prepared, [heave, pitch, roll]: Place, into: Float64Array): void {
  const { x, y, overlapMm, normalZ } = p.cells;
  const k = p.springs.stiffnessKPaPerMm;
  const soft = 1 / p.springs.hardeningMm;
  const px = pitch / LEVER_MM;
  const ry = roll / LEVER_MM;
  for (let i = 0; i < into.length; i++) {
    const vertical = overlapMm[i]! - heave + px * (x[i]! - p.x0) + ry * (y[i]! - p.y0);
    if (!(vertical > 0)) continue;
    const d = normalZ[i]! * vertical;
    into[i] = k * d * (1 + d * soft);
  }
}
