import { type PointYZ, type Polyline, lengthMm, median, point, pointAtLengthMm, runningLengthsMm } from '../geometry';
import { type NearOff } from '../units';
import { type Section, depthReachedMm, sectionFromSides, sideOutward } from './section';
import { type Take } from './take';

const SAMPLES_PER_SIDE = 60;

/**
 * The section the accepted takes agree on: their mean at equal running length from the apex, each side as deep as most takes reach.
 * Where a take ends before, the others carry it on from there by how they go. Doesn't depend on the order of the takes.
 * @returns null when no take is accepted
 */
export function consensusSection(takes: readonly Take[], agreement: { readonly accepted: readonly string[] }): Section | null {
  // in one order, so that sums come out to the last digit
  const accepted = takes.filter((t) => agreement.accepted.includes(t.id)).sort((a, b) => (a.id < b.id ? -1 : 1));
  if (accepted.length === 0) return null;
  return joined(accepted, carriedMean);
}

/** What some takes say together, whether or not they agree: the middle one at each place, as far as the shortest goes. */
export const medianSection = (takes: readonly Take[]): Section => joined(takes, medianSide);

function joined(takes: readonly Take[], side: (sides: readonly Polyline[]) => Polyline): Section {
  const of = (which: NearOff): Polyline => side(takes.map((t) => sideOutward(t.section, which)));
  const coarse = takes.every((t) => t.section.coarse);
  const section = sectionFromSides(of('near'), of('off'), coarse);
  return coarse ? { ...section, readAtMm: depthsOfMost(takes) } : section;
}

/** The depths at which most of some coarse takes were measured. */
function depthsOfMost(takes: readonly Take[]): number[] {
  const times = new Map<number, number>();
  for (const { section } of takes) for (const d of section.readAtMm ?? []) times.set(d, (times.get(d) ?? 0) + 1);
  return [...times].flatMap(([depth, count]) => (2 * count > takes.length ? [depth] : [])).sort((a, b) => a - b);
}

interface Measured {
  readonly line: Polyline;
  readonly lengths: readonly number[];
}
const measured = (sides: readonly Polyline[]): Measured[] => sides.map((line) => ({ line, lengths: runningLengthsMm(line) }));

function medianSide(sides: readonly Polyline[]): Polyline {
  const common = Math.min(...sides.map(lengthMm));
  const lines = measured(sides);
  return Array.from({ length: SAMPLES_PER_SIDE + 1 }, (_, i): PointYZ => {
    const at = (common * i) / SAMPLES_PER_SIDE;
    const here = lines.map(({ line, lengths }) => pointAtLengthMm(line, lengths, at));
    return point(median(here.map((p) => p.yMm)), median(here.map((p) => p.zMm)));
  });
}

/** The mean, step by step: each step is the mean of those that still go on, so that nothing jumps where one ends. */
function carriedMean(sides: readonly Polyline[]): Polyline {
  const lines = measured(sides);
  const ends = lines.map(({ lengths }) => lengths.at(-1)!);
  // where a take ends is a place to stop at, so that every step is walked by takes that go all of it
  const step = Math.max(...ends) / SAMPLES_PER_SIDE;
  const stops = [...new Set([...ends, ...Array.from({ length: SAMPLES_PER_SIDE + 1 }, (_, i) => i * step)])].sort((a, b) => a - b);
  const line: PointYZ[] = [point(0, 0)];
  let [y, z] = [0, 0];
  stops.slice(1).forEach((to, i) => {
    const from = stops[i]!;
    const going = lines.filter((_, k) => ends[k]! >= to);
    for (const { line: of, lengths } of going) {
      const [a, b] = [pointAtLengthMm(of, lengths, from), pointAtLengthMm(of, lengths, to)];
      y += (b.yMm - a.yMm) / going.length;
      z += (b.zMm - a.zMm) / going.length;
    }
    line.push(point(y, z));
  });
  return cutAtDepth(line, depthOfMost(sides));
}

/** The depth that more than half of some sides reach, mm. */
function depthOfMost(sides: readonly Polyline[]): number {
  const depths = sides.map(depthReachedMm).sort((a, b) => b - a);
  return depths[Math.floor(depths.length / 2)]!;
}

/** What adding up steps loses, mm. */
const ROUNDING_MM = 1e-6;

/** A side as far as a depth: exactly there where it crosses it, whole where it never does. */
function cutAtDepth(line: Polyline, depthMm: number): Polyline {
  const past = line.findIndex((p) => -p.zMm >= depthMm - ROUNDING_MM);
  if (past <= 0) return line;
  const [a, b] = [line[past - 1]!, line[past]!];
  const t = (depthMm + a.zMm) / (a.zMm - b.zMm);
  return [...line.slice(0, past), point(a.yMm + t * (b.yMm - a.yMm), -depthMm)];
}
