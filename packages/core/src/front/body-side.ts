import { type Section, sideOutward } from '../back/section';
import { fitLine } from '../geometry';
import { type NearOff } from '../units';

/**
 * One side of the horse for the gap search: outward from the apex, y away from the spine, in typed arrays.
 * Beyond the last measured point it goes on straight, so that a point a little longer than the tracing can be laid.
 */
export interface BodySide {
  readonly y: Float64Array;
  readonly z: Float64Array;
  /** Index of the last measured vertex; what lies beyond is thought on. */
  readonly lastMeasured: number;
}

/** How far a tracing is thought on, mm (default). */
const EXTRAPOLATED_MM = 60;
const END_READ_MM = 40;

export function bodySide(section: Section, side: NearOff): BodySide {
  const line = sideOutward(section, side);
  const end = line.at(-1)!;
  const tail = line.filter((p) => p.zMm - end.zMm <= END_READ_MM);
  const slope =
    fitLine(
      tail.map((p) => p.zMm),
      tail.map((p) => p.yMm),
    )?.slope ?? 0;
  const down = EXTRAPOLATED_MM / Math.hypot(1, slope);
  const y = Float64Array.from([...line.map((p) => p.yMm), end.yMm - slope * down]);
  const z = Float64Array.from([...line.map((p) => p.zMm), end.zMm - down]);
  return { y, z, lastMeasured: line.length - 1 };
}

/** Height of a side at a distance from the spine, where it first comes so far out, mm; null where it doesn't. */
export function sideHeightMm(y: Float64Array, z: Float64Array, outMm: number): number | null {
  for (let i = 1; i < y.length; i++) {
    const [from, to] = [y[i - 1]!, y[i]!];
    if (from <= outMm && to >= outMm) return z[i - 1]! + (to > from ? (outMm - from) / (to - from) : 0) * (z[i]! - z[i - 1]!);
  }
  return null;
}

export interface SignedGap {
  /** Positive outside the horse, mm. */
  distanceMm: number;
  /** True when the nearest place lies where nothing was measured. */
  beyondMeasured: boolean;
}

/** Signed normal distance from a point on the outside (y >= 0 frame) to a side of the horse; looks at every segment. */
export function signedGap(body: BodySide, py: number, pz: number): SignedGap {
  const segment = nearestSegment(body, py, pz);
  return { distanceMm: signedDistanceTo(body, segment, py, pz), beyondMeasured: segment >= body.lastMeasured };
}

export function nearestSegment(body: BodySide, py: number, pz: number): number {
  let best = Infinity;
  let bestSegment = 0;
  for (let i = 0; i + 1 < body.y.length; i++) {
    const squared = squaredDistance(body, i, py, pz);
    if (squared < best) {
      best = squared;
      bestSegment = i;
    }
  }
  return bestSegment;
}

/** True where even the thought-on line ends above the place asked for. */
export function isBeyondEnd(body: BodySide, py: number, pz: number): boolean {
  const last = body.y.length - 2;
  if (nearestSegment(body, py, pz) !== last) return false;
  const dy = body.y[last + 1]! - body.y[last]!;
  const dz = body.z[last + 1]! - body.z[last]!;
  return (py - body.y[last]!) * dy + (pz - body.z[last]!) * dz > dy * dy + dz * dz;
}

/** Segments looked past before a walk along the side gives up; bumps narrower than this are stepped over. */
const LOOK_PAST = 4;

/** Nearest segment by walking along the side from where it was last time; right while nothing jumps. */
export function walkToNearest(body: BodySide, from: number, py: number, pz: number): number {
  const last = body.y.length - 2;
  let best = Math.min(from, last);
  let bestSquared = squaredDistance(body, best, py, pz);
  for (const step of [1, -1]) {
    let worse = 0;
    for (let i = best + step; i >= 0 && i <= last && worse < LOOK_PAST; i += step) {
      const squared = squaredDistance(body, i, py, pz);
      if (squared < bestSquared) {
        best = i;
        bestSquared = squared;
        worse = 0;
      } else worse++;
    }
  }
  return best;
}

export const signedDistanceTo = (body: BodySide, segment: number, py: number, pz: number): number =>
  Math.sqrt(squaredDistance(body, segment, py, pz)) * outsideSign(body, segment, py, pz);

function squaredDistance(body: BodySide, i: number, py: number, pz: number): number {
  const ay = body.y[i]!,
    az = body.z[i]!;
  const dy = body.y[i + 1]! - ay,
    dz = body.z[i + 1]! - az;
  const length2 = dy * dy + dz * dz;
  const raw = length2 > 0 ? ((py - ay) * dy + (pz - az) * dz) / length2 : 0;
  const t = raw < 0 ? 0 : raw > 1 ? 1 : raw;
  const ey = py - ay - t * dy,
    ez = pz - az - t * dz;
  return ey * ey + ez * ez;
}

function outsideSign(body: BodySide, i: number, py: number, pz: number): 1 | -1 {
  const dy = body.y[i + 1]! - body.y[i]!,
    dz = body.z[i + 1]! - body.z[i]!;
  return dy * (pz - body.z[i]!) - dz * (py - body.y[i]!) >= 0 ? 1 : -1;
}
