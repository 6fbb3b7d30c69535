import { degFromRad, radFromDeg } from '../units';
import { type Polyline, nearestOn, resampled } from './polyline';
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

/** Positive turn is counter-clockwise in the y-z plane: the off side goes up. */
export function applyMove(p: PointYZ, move: Move): PointYZ {
  const c = Math.cos(move.turnRad);
  const s = Math.sin(move.turnRad);
  return point(c * p.yMm - s * p.zMm + move.shiftYMm, s * p.yMm + c * p.zMm + move.shiftZMm);
}

const SAMPLES = 61;
const MOST_ROUNDS = 80;
/** A round that moves less than this (rad or mm) is the last. */
const STILL = 2e-5;

/**
 * The small rigid move that lays `moving` best on `fixed`: iterated closest points.
 * Source: Besl & McKay, "A method for registration of 3-D shapes", IEEE PAMI 14 (1992), in two dimensions.
 * Sample points that fall off an end of `fixed` don't count, so a longer take isn't punished for its tail.
 * @param maxTurnDeg the turn is held within plus and minus this
 */
export function alignRigidly(moving: Polyline, fixed: Polyline, maxTurnDeg: number): Alignment {
  const samples = resampled(moving, SAMPLES);
  let move: Move = { turnRad: 0, shiftYMm: 0, shiftZMm: 0 };
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const pairs = closestPairs(samples, fixed, move);
    if (pairs.length < 3) break;
    const next = bestMove(pairs, radFromDeg(maxTurnDeg));
    const still = Math.abs(next.turnRad - move.turnRad) < STILL && Math.abs(next.shiftYMm - move.shiftYMm) < STILL * 50;
    move = next;
    if (still) break;
  }
  return { ...residual(samples, fixed, move), shiftYMm: move.shiftYMm, shiftZMm: move.shiftZMm, turnDeg: degFromRad(move.turnRad) };
}

type Pair = readonly [from: PointYZ, to: PointYZ];

function closestPairs(samples: readonly PointYZ[], fixed: Polyline, move: Move): Pair[] {
  const pairs: Pair[] = [];
  for (const sample of samples) {
    const near = nearestOn(fixed, applyMove(sample, move));
    if (!offTheEnd(near.segment, near.along, fixed.length)) pairs.push([sample, near.at]);
  }
  return pairs;
}

const offTheEnd = (segment: number, along: number, vertices: number): boolean =>
  (segment === 0 && along === 0) || (segment === vertices - 2 && along === 1);

/** Closed-form two-dimensional Procrustes (Kabsch), the turn clamped. */
function bestMove(pairs: readonly Pair[], maxTurnRad: number): Move {
  const n = pairs.length;
  const sum = { fy: 0, fz: 0, ty: 0, tz: 0 };
  for (const [f, t] of pairs) {
    sum.fy += f.yMm; sum.fz += f.zMm; sum.ty += t.yMm; sum.tz += t.zMm;
  }
  const [fy, fz, ty, tz] = [sum.fy / n, sum.fz / n, sum.ty / n, sum.tz / n];
  let dot = 0;
  let cross = 0;
  for (const [f, t] of pairs) {
    dot += (f.yMm - fy) * (t.yMm - ty) + (f.zMm - fz) * (t.zMm - tz);
    cross += (f.yMm - fy) * (t.zMm - tz) - (f.zMm - fz) * (t.yMm - ty);
  }
  const turnRad = Math.max(-maxTurnRad, Math.min(maxTurnRad, Math.atan2(cross, dot)));
  const turned = applyMove(point(fy, fz), { turnRad, shiftYMm: 0, shiftZMm: 0 });
  return { turnRad, shiftYMm: ty - turned.yMm, shiftZMm: tz - turned.zMm };
}

function residual(samples: readonly PointYZ[], fixed: Polyline, move: Move) {
  const distances = closestPairs(samples, fixed, move).map(([f, t]) => distanceMm(applyMove(f, move), t));
  if (distances.length === 0) return { rmsMm: Infinity, greatestMm: Infinity };
  const squares = distances.reduce((s, d) => s + d * d, 0);
  return { rmsMm: Math.sqrt(squares / distances.length), greatestMm: Math.max(...distances) };
}
