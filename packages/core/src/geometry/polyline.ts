import { type PointYZ, distanceMm, point } from './point';

/** At least two points, in drawing order. */
export type Polyline = readonly PointYZ[];

/** Running length at each vertex, mm; the last entry is the whole length. */
export function runningLengthsMm(line: Polyline): number[] {
  const lengths: number[] = [0];
  for (let i = 1; i < line.length; i++) {
    lengths.push(lengths[i - 1]! + distanceMm(line[i - 1]!, line[i]!));
  }
  return lengths;
}

export const lengthMm = (line: Polyline): number => runningLengthsMm(line).at(-1) ?? 0;

/** The point at a running length; clamped to the ends. */
export function pointAtLengthMm(line: Polyline, lengths: readonly number[], atMm: number): PointYZ {
  if (atMm <= 0) return line[0]!;
  let i = 1;
  while (i < line.length - 1 && lengths[i]! < atMm) i++;
  const span = lengths[i]! - lengths[i - 1]!;
  const t = span > 0 ? Math.min(1, (atMm - lengths[i - 1]!) / span) : 0;
  const a = line[i - 1]!;
  const b = line[i]!;
  return point(a.yMm + t * (b.yMm - a.yMm), a.zMm + t * (b.zMm - a.zMm));
}

/** `count` points at equal running length, ends included. */
export function resampled(line: Polyline, count: number): PointYZ[] {
  const lengths = runningLengthsMm(line);
  const total = lengths.at(-1)!;
  return Array.from({ length: count }, (_, i) => pointAtLengthMm(line, lengths, (total * i) / (count - 1)));
}

export interface Nearest {
  readonly distanceMm: number;
  readonly at: PointYZ;
  /** Index of the segment's first vertex. */
  readonly segment: number;
  /** Place on that segment, 0 to 1; 0 on the first or 1 on the last means "off the end". */
  readonly along: number;
  /** Positive when the point lies to the left of the drawing direction. */
  readonly side: 1 | -1;
}

/** Nearest place of a polyline to a point, looking at every segment. */
export const nearestOn = (line: Polyline, p: PointYZ): Nearest => searched(line, p, 0, line.length - 2);

/** How far a search along a line first looks to either side of where it expects to be, segments. */
const WINDOW = 6;

/**
 * The nearest place, looked for around a segment where it is expected; the search moves on while the best lies at its edge.
 * For samples met in order along two lines that run together, where it finds what `nearestOn` finds.
 */
export function nearestAround(line: Polyline, p: PointYZ, expected: number): Nearest {
  const last = line.length - 2;
  let from = Math.max(0, expected - WINDOW);
  let to = Math.min(last, expected + WINDOW);
  for (;;) {
    const found = searched(line, p, from, to);
    if (found.segment === from && from > 0) from = Math.max(0, from - 2 * WINDOW);
    else if (found.segment === to && to < last) to = Math.min(last, to + 2 * WINDOW);
    else return found;
  }
}

function searched(line: Polyline, p: PointYZ, from: number, to: number): Nearest {
  let best = Infinity;
  let bestSegment = from;
  let bestAlong = 0;
  for (let i = from; i <= to; i++) {
    const a = line[i]!;
    const b = line[i + 1]!;
    const dy = b.yMm - a.yMm;
    const dz = b.zMm - a.zMm;
    const squared = dy * dy + dz * dz;
    const raw = squared > 0 ? ((p.yMm - a.yMm) * dy + (p.zMm - a.zMm) * dz) / squared : 0;
    const t = raw < 0 ? 0 : raw > 1 ? 1 : raw;
    const ey = p.yMm - (a.yMm + t * dy);
    const ez = p.zMm - (a.zMm + t * dz);
    const distance = ey * ey + ez * ez;
    if (distance < best) {
      best = distance;
      bestSegment = i;
      bestAlong = t;
    }
  }
  return describeNearest(line, p, bestSegment, bestAlong);
}

function describeNearest(line: Polyline, p: PointYZ, segment: number, along: number): Nearest {
  const a = line[segment]!;
  const b = line[segment + 1]!;
  const at = point(a.yMm + along * (b.yMm - a.yMm), a.zMm + along * (b.zMm - a.zMm));
  const cross = (b.yMm - a.yMm) * (p.zMm - a.zMm) - (b.zMm - a.zMm) * (p.yMm - a.yMm);
  return { distanceMm: distanceMm(p, at), at, segment, along, side: cross >= 0 ? 1 : -1 };
}
