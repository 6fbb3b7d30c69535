import { type BendsReading } from '../back';
import { type Polyline, type PointYZ, point } from '../geometry';
import { degFromRad } from '../units';

/**
 * What a curve sensor lying on a line would say: links of equal length from a centre, both ways, with the bend at each joint.
 * @param line drawn from the near end to the off end (or head to tail)
 * @param centre a place on the line
 * @returns null when the line is too short for two links on each side
 */
export function bendsOfLine(line: Polyline, centre: PointYZ, pitchMm: number): BendsReading | null {
  const tail = steps(line, centre, pitchMm, 1);
  const head = steps(line, centre, pitchMm, -1).reverse();
  const joints = [...head, centre, ...tail];
  if (head.length < 2 || tail.length < 2) return null;
  const headings = joints.slice(1).map((p, i) => degFromRad(Math.atan2(p.zMm - joints[i]!.zMm, p.yMm - joints[i]!.yMm)));
  const bendsDeg = headings.slice(1).map((h, i) => h - headings[i]!);
  const centreJoint = head.length - 1;
  return { pitchMm, bendsDeg, centreJoint, tiltDeg: (headings[centreJoint]! + headings[centreJoint + 1]!) / 2 };
}

/** Walks along the line in chords of one pitch, away from a place, until the line ends. */
function steps(line: Polyline, from: PointYZ, pitchMm: number, direction: 1 | -1): PointYZ[] {
  const ahead = direction === 1 ? line.filter((p) => p.yMm > from.yMm) : line.filter((p) => p.yMm < from.yMm).reverse();
  const found: PointYZ[] = [];
  let at = from;
  let last = from;
  for (const next of ahead) {
    for (;;) {
      const t = crossing(last, next, at, pitchMm);
      if (t === null) break;
      at = point(last.yMm + t * (next.yMm - last.yMm), last.zMm + t * (next.zMm - last.zMm));
      last = at;
      found.push(at);
    }
    last = next;
  }
  return found;
}

/** Where the piece from a to b leaves the circle of radius r around c; null when it doesn't. */
function crossing(a: PointYZ, b: PointYZ, c: PointYZ, r: number): number | null {
  const [dy, dz, ey, ez] = [b.yMm - a.yMm, b.zMm - a.zMm, a.yMm - c.yMm, a.zMm - c.zMm];
  const [A, B, C] = [dy * dy + dz * dz, 2 * (ey * dy + ez * dz), ey * ey + ez * ez - r * r];
  if (A === 0) return null;
  const inside = B * B - 4 * A * C;
  if (inside < 0) return null;
  const t = (-B + Math.sqrt(inside)) / (2 * A);
  return t > 0 && t <= 1 ? t : null;
}
