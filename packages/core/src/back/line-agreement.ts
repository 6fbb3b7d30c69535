import { type PointYZ, alignRigidly, median, point } from '../geometry';
import { type Lengthwise, heightAtMm, reachesMm } from './lengthwise';
import { type LineTake } from './take';
import { AGREEMENT_LIMITS, type Agreement, type PairDifference, agreementOf } from './takes-agreement';

/**
 * Takes of a line along the spine that say the same: laid on each other by shift and turn, then judged by what is left,
 * by the depth under their own chord (as a width) and by the turn itself (a curve held tilted).
 */
export const lineAgreement = (takes: readonly LineTake[]): Agreement =>
  agreementOf(
    takes.map((t) => t.id),
    () => [...takes].sort((a, b) => (a.id < b.id ? -1 : 1)).flatMap((a, i, all) => all.slice(i + 1).map((b) => difference(a, b))),
    (ids) => lineErrorMm(takes.filter((t) => ids.includes(t.id)).map((t) => t.line)),
  );

const flat = (line: Lengthwise): PointYZ[] => line.points.map((p) => point(p.xMm, p.zMm));

function difference(a: LineTake, b: LineTake): PairDifference {
  const laid = alignRigidly(flat(b.line), flat(a.line), AGREEMENT_LIMITS.turnDeg);
  const widthMm = Math.abs(depthUnderChord(a.line, b.line) - depthUnderChord(b.line, a.line));
  const angleDeg = Math.abs(laid.turnDeg);
  const agrees = laid.rmsMm <= AGREEMENT_LIMITS.rmsMm && widthMm <= AGREEMENT_LIMITS.widthMm && angleDeg <= AGREEMENT_LIMITS.angleDeg;
  return { a: a.id, b: b.id, rmsMm: laid.rmsMm, greatestMm: laid.greatestMm, widthMm, angleDeg, turnDeg: laid.turnDeg, agrees };
}

/** Greatest depth under the chord, over the stretch that both lines cover. */
function depthUnderChord(line: Lengthwise, other: Lengthwise): number {
  const [from, to] = commonReach([line, other]);
  const chord = (x: number): number =>
    heightAtMm(line, from) + ((x - from) / (to - from || 1)) * (heightAtMm(line, to) - heightAtMm(line, from));
  return Math.max(...line.points.filter((p) => p.xMm >= from && p.xMm <= to).map((p) => chord(p.xMm) - p.zMm));
}

function commonReach(lines: readonly Lengthwise[]): readonly [number, number] {
  const reaches = lines.map(reachesMm);
  return [Math.max(...reaches.map((r) => r[0])), Math.min(...reaches.map((r) => r[1]))];
}

const SAMPLES = 25;

/** Heights of several lines at equal places, each line lifted to the same mean height. */
function heightsTogether(lines: readonly Lengthwise[]): {
  readonly xs: readonly number[];
  readonly heights: readonly (readonly number[])[];
} {
  const [from, to] = commonReach(lines);
  const count = Math.max(SAMPLES, Math.ceil((to - from) / 10));
  const xs = Array.from({ length: count + 1 }, (_, i) => from + ((to - from) * i) / count);
  const raw = lines.map((line) => xs.map((x) => heightAtMm(line, x)));
  const means = raw.map((heights) => heights.reduce((s, z) => s + z, 0) / heights.length);
  return { xs, heights: raw.map((heights, i) => heights.map((z) => z - means[i]! + means[0]!)) };
}

/** Dahlberg's error of the heights, mm. */
function lineErrorMm(lines: readonly Lengthwise[]): number | null {
  if (lines.length < 2) return null;
  const { xs, heights } = heightsTogether(lines);
  const variances = xs.map((_, i) => {
    const here = heights.map((h) => h[i]!);
    const mean = here.reduce((s, z) => s + z, 0) / here.length;
    return here.reduce((s, z) => s + (z - mean) ** 2, 0) / (here.length - 1);
  });
  return Math.sqrt(variances.reduce((s, v) => s + v, 0) / variances.length);
}

/** The line the accepted takes agree on: the median height, as far as all of them reach; null when none is accepted. */
export function consensusLine(takes: readonly LineTake[], agreement: Agreement): Lengthwise | null {
  const accepted = takes.filter((t) => agreement.accepted.includes(t.id)).map((t) => t.line);
  if (accepted.length === 0) return null;
  if (accepted.length === 1) return accepted[0]!;
  const { xs, heights } = heightsTogether(accepted);
  return { points: xs.map((xMm, i) => ({ xMm, zMm: median(heights.map((h) => h[i]!)) })), coarse: accepted.every((l) => l.coarse) };
}
