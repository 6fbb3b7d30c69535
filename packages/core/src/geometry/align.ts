import { degFromRad, radFromDeg } from '../units';
import { type Polyline, nearestAround, nearestOn, resampled } from './polyline';
import { type PointYZ, distanceMm, point } from './point';

export interface Alignment {
  readonly shiftYMm: number;
  readonly shiftZMm: number;
  readonly turnDeg: number;
  /** Root mean square and greatest distance left after the move, mm, over the part both lines cover. */
  readonly rmsMm: number;
  readonly greatestMm: number;
}

interface Move {
  readonly turnRad: number;
  readonly shiftYMm: number;
  readonly shiftZMm: number;
}

const NO_MOVE: Move = { turnRad: 0, shiftYMm: 0, shiftZMm: 0 };

/** Positive turn is counter-clockwise in the y-z plane: the off side goes up. */
export function applyMove(p: PointYZ, move: Move): PointYZ {
  const c = Math.cos(move.turnRad);
  const s = Math.sin(move.turnRad);
  return point(c * p.yMm - s * p.zMm + move.shiftYMm, s * p.yMm + c * p.zMm + move.shiftZMm);
}

const SAMPLES = 61;
const MOST_ROUNDS = 20;
/** A round that moves less than this (rad or mm) is the last. */
const STILL = 1e-5;
/** Holds back what the shape doesn't decide, e.g. the turn of a circle; relative to the normal matrix. */
const DAMPING = 1e-9;

/**
 * The small rigid move that lays `moving` best on `fixed`: iterated closest points, point to line.
 * Source: Chen & Medioni, "Object modelling by registration of multiple range images", Image Vis. Comput. 10 (1992),
 * in two dimensions. Samples that fall off an end of `fixed` don't count: a longer take isn't punished for its tail.
 * @param maxTurnDeg the turn is held within plus and minus this
 */
export function alignRigidly(moving: Polyline, fixed: Polyline, maxTurnDeg: number): Alignment {
  const samples = resampled(moving, SAMPLES);
  const maxTurnRad = radFromDeg(maxTurnDeg);
  let move: Move = NO_MOVE;
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const pairs = closestPairs(samples, fixed, move);
    if (pairs.length < 3) break;
    const step = bestStep(pairs, maxTurnRad - move.turnRad, -maxTurnRad - move.turnRad);
    move = composed(step, move);
    if (Math.abs(step.turnRad) < STILL && Math.hypot(step.shiftYMm, step.shiftZMm) < STILL) break;
  }
  return { ...residual(samples, fixed, move), shiftYMm: move.shiftYMm, shiftZMm: move.shiftZMm, turnDeg: degFromRad(move.turnRad) };
}

/** The same distances without any move: how far off it lies as it is. */
export const distanceAsItLies = (moving: Polyline, fixed: Polyline): Pick<Alignment, 'rmsMm' | 'greatestMm'> =>
  residual(resampled(moving, SAMPLES), fixed, NO_MOVE);

/** A moved sample, its nearest place, and the unit normal of the fixed line there. */
interface Pair {
  readonly from: PointYZ;
  readonly to: PointYZ;
  readonly ny: number;
  readonly nz: number;
}

function closestPairs(samples: readonly PointYZ[], fixed: Polyline, move: Move): Pair[] {
  let expected: number | null = null;
  return samples.flatMap((sample) => {
    const from = applyMove(sample, move);
    const near = expected === null ? nearestOn(fixed, from) : nearestAround(fixed, from, expected);
    expected = near.segment;
    if (offTheEnd(near.segment, near.along, fixed.length)) return [];
    const a = fixed[near.segment]!;
    const b = fixed[near.segment + 1]!;
    const length = distanceMm(a, b) || 1;
    return [{ from, to: near.at, ny: -(b.zMm - a.zMm) / length, nz: (b.yMm - a.yMm) / length }];
  });
}

const offTheEnd = (segment: number, along: number, vertices: number): boolean =>
  (segment === 0 && along === 0) || (segment === vertices - 2 && along === 1);

const composed = (step: Move, before: Move): Move => {
  const shift = applyMove(point(before.shiftYMm, before.shiftZMm), step);
  return { turnRad: before.turnRad + step.turnRad, shiftYMm: shift.yMm, shiftZMm: shift.zMm };
};

/** One Gauss-Newton step; a turn past its limits is held there and only the shift is solved again. */
function bestStep(pairs: readonly Pair[], mostTurn: number, leastTurn: number): Move {
  const free = solveStep(pairs, null);
  const held = Math.max(leastTurn, Math.min(mostTurn, free.turnRad));
  return held === free.turnRad ? free : solveStep(pairs, held);
}

function solveStep(pairs: readonly Pair[], heldTurn: number | null): Move {
  let tt = 0,
    ty = 0,
    tz = 0,
    yy = 0,
    yz = 0,
    zz = 0,
    rt = 0,
    ry = 0,
    rz = 0;
  for (const { from, to, ny, nz } of pairs) {
    const turn = nz * from.yMm - ny * from.zMm;
    const off = ny * (to.yMm - from.yMm) + nz * (to.zMm - from.zMm) - (heldTurn === null ? 0 : turn * heldTurn);
    tt += turn * turn;
    ty += turn * ny;
    tz += turn * nz;
    yy += ny * ny;
    yz += ny * nz;
    zz += nz * nz;
    rt += turn * off;
    ry += ny * off;
    rz += nz * off;
  }
  yy += DAMPING * pairs.length;
  zz += DAMPING * pairs.length;
  tt += DAMPING * tt + Number.EPSILON;
  const det = yy * zz - yz * yz;
  const shiftFor = (a: number, b: number): [number, number] => [(a * zz - b * yz) / det, (b * yy - a * yz) / det];
  if (heldTurn !== null) {
    const [shiftYMm, shiftZMm] = shiftFor(ry, rz);
    return { turnRad: heldTurn, shiftYMm, shiftZMm };
  }
  const [uy, uz] = shiftFor(ty, tz);
  const turnRad = (rt - ry * uy - rz * uz) / (tt - ty * uy - tz * uz);
  const [shiftYMm, shiftZMm] = shiftFor(ry - ty * turnRad, rz - tz * turnRad);
  return { turnRad, shiftYMm, shiftZMm };
}

function residual(samples: readonly PointYZ[], fixed: Polyline, move: Move) {
  const distances = closestPairs(samples, fixed, move).map(({ from, to }) => distanceMm(from, to));
  if (distances.length === 0) return { rmsMm: Infinity, greatestMm: Infinity };
  const squares = distances.reduce((s, d) => s + d * d, 0);
  return { rmsMm: Math.sqrt(squares / distances.length), greatestMm: Math.max(...distances) };
}
