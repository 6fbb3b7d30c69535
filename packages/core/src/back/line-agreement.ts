import { type PointYZ, alignRigidly, median, point } from '../geometry';
import { type Lengthwise, heightAtMm, reachesMm } from './lengthwise';
import { type LineTake } from './take';
import { AGREEMENT_LIMITS, type Agreement, type TakeDifference, agreementOf } from './takes-agreement';

/**
 * Takes of a line along the spine that say the same: held against what they say together by shift and turn, for a line has no level
 * of its own; then judged by what is left and by the depth under their own chord, as a width.
 */
export function lineAgreement(takes: readonly LineTake[]): Agreement {
  const byId = new Map(takes.map((take) => [take.id, take.line] as const));
  const of = (ids: readonly string[]): Lengthwise[] => ids.map((id) => byId.get(id)!);
  const agreement = agreementOf(
    takes.map((t) => t.id),
    {
      pair: (a, b) => difference(byId.get(a)!, byId.get(b)!),
      against: (ids) => {
        const together = medianLine(of(ids));
        return (id) => difference(byId.get(id)!, together);
      },
      odds: (ids) => timesTooFar(byId, ids),
      errorMm: (ids) => lineErrorMm(of(ids)),
    },
  );
  return { ...agreement, otherScale: [] };
}

/**
 * When one of three and more lines is left out (defaults): a hand that shakes by 1 mm stays inside in 95 sets of 100; one that shakes
 * more is allowed so many times what the takes themselves leave.
 */
export const LINE_LIMITS = { shiftedMm: 1.6, lyingMm: 3, timesOthers: 1.3 } as const;

/** How many times further off than is allowed each line lies, as a logarithm. */
function timesTooFar(byId: ReadonlyMap<string, Lengthwise>, ids: readonly string[]): Map<string, number> {
  const together = medianLine(ids.map((id) => byId.get(id)!));
  const misses = ids.map((id) => difference(byId.get(id)!, together));
  const { shiftedMm, lyingMm, timesOthers } = LINE_LIMITS;
  const allowed = (limit: number, of: (d: TakeDifference) => number): number => Math.max(limit, timesOthers * median(misses.map(of)));
  const times = (d: TakeDifference): number =>
    Math.max(d.shiftedMm / allowed(shiftedMm, (m) => m.shiftedMm), d.lyingMm / allowed(lyingMm, (m) => m.lyingMm));
  return new Map(ids.map((id, i) => [id, Math.log(times(misses[i]!))]));
}

const flat = (line: Lengthwise): PointYZ[] => line.points.map((p) => point(p.xMm, p.zMm));

/** A turn of a line is how the curve was held: past this it counts as lying elsewhere, mm a degree (default). */
const MM_PER_DEG = 1.5;

function difference(line: Lengthwise, from: Lengthwise): TakeDifference {
  const laid = alignRigidly(flat(line), flat(from), AGREEMENT_LIMITS.turnDeg);
  return {
    rmsMm: laid.rmsMm,
    shiftedMm: laid.rmsMm,
    greatestMm: laid.greatestMm,
    lyingMm: Math.hypot(laid.rmsMm, MM_PER_DEG * laid.turnDeg),
    widthMm: Math.abs(depthUnderChord(line, from) - depthUnderChord(from, line)),
    angleDeg: Math.abs(laid.turnDeg),
    turnDeg: laid.turnDeg,
  };
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
  return medianLine(accepted);
}

/** What some lines say together, whether or not they agree. */
function medianLine(lines: readonly Lengthwise[]): Lengthwise {
  if (lines.length === 1) return lines[0]!;
  const { xs, heights } = heightsTogether(lines);
  return { points: xs.map((xMm, i) => ({ xMm, zMm: median(heights.map((h) => h[i]!)) })), coarse: lines.every((l) => l.coarse) };
}
