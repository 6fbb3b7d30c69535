import { type Section, sectionFromSides, sideOutward } from '../back/section';
import { halfWidthAtMm, sideAngleDeg } from '../back/section-measures';
import { type Take } from '../back/take';
import { type Polyline, point } from '../geometry';
import { type Random, normal } from '../random/seeded';
import { MEASURING_ERRORS } from '../schools/measuring-errors';
import { type NearOff, SIDES, radFromDeg } from '../units';

/** What one hand's error is taken to be where takes can't tell (defaults), and never less than a tape reads. */
export const ASSUMED_SPREAD = { sideAngleDeg: 1, halfWidthMm: 1.5 } as const;
const LEAST = { sideAngleDeg: 0.25, halfWidthMm: 0.5 } as const;
const READ_AT_MM = 80;
const MOST_HALF_WIDTH_SHIFT = 0.5;

/** Spread of one side, as standard error of the consensus. */
export interface SideSpread {
  readonly sideAngleDeg: number;
  readonly halfWidthMm: number;
}

export interface TakesSpread {
  readonly near: SideSpread;
  readonly off: SideSpread;
  /** True with fewer than two takes: the spread is a default, not measured. */
  readonly assumed: boolean;
  /** Nobody measured: it was said to be as last time, and errs as what is set by eye. */
  readonly asLast?: boolean;
}

/** How far the consensus may be off, from how far its accepted takes lie apart; more where it was only said to be as last time. */
export function takesSpread(accepted: readonly Take[]): TakesSpread {
  const assumed = accepted.length < 2;
  const asLast = accepted.some((t) => t.asLast !== undefined);
  const times = asLast ? MEASURING_ERRORS.byEyeTimes : 1;
  const of = (side: NearOff): SideSpread => widened(sideSpread(accepted, side), times);
  return { near: of('near'), off: of('off'), assumed, asLast };
}

const widened = ({ sideAngleDeg: deg, halfWidthMm: mm }: SideSpread, times: number): SideSpread => ({
  sideAngleDeg: deg * times,
  halfWidthMm: mm * times,
});

function sideSpread(takes: readonly Take[], side: NearOff): SideSpread {
  if (takes.length < 2) return ASSUMED_SPREAD;
  const sides = takes.map((t) => sideOutward(t.section, side));
  const angles = sides.flatMap((s) => sideAngleDeg(s) ?? []);
  const widths = sides.flatMap((s) => halfWidthAtMm(s, READ_AT_MM) ?? []);
  return {
    sideAngleDeg: Math.max(LEAST.sideAngleDeg, standardError(angles) ?? ASSUMED_SPREAD.sideAngleDeg),
    halfWidthMm: Math.max(LEAST.halfWidthMm, standardError(widths) ?? ASSUMED_SPREAD.halfWidthMm),
  };
}

function standardError(values: readonly number[]): number | null {
  const n = values.length;
  if (n < 2) return null;
  const mean = values.reduce((s, v) => s + v, 0) / n;
  return Math.sqrt(values.reduce((s, v) => s + (v - mean) ** 2, 0) / (n - 1) / n);
}

/** One redraw of the consensus within its spread: each side turned about the apex and moved out or in. */
export function redrawnSection(section: Section, spread: TakesSpread, random: Random): Section {
  const drawn = (side: NearOff): SideSpread => ({
    sideAngleDeg: spread[side].sideAngleDeg * normal(random),
    halfWidthMm: spread[side].halfWidthMm * normal(random),
  });
  return movedSection(section, { near: drawn('near'), off: drawn('off') });
}

/** A section whose sides lie as much further out as said, + out: turned about the apex, and moved. */
export function movedSection(section: Section, by: Readonly<Record<NearOff, SideSpread>>): Section {
  const [near, off] = SIDES.map((side) => movedSide(sideOutward(section, side), by[side]));
  return sectionFromSides(near!, off!, section.coarse);
}

function movedSide(outward: Polyline, by: SideSpread): Polyline {
  const turn = radFromDeg(by.sideAngleDeg);
  const out = by.halfWidthMm;
  const c = Math.cos(turn);
  const s = Math.sin(turn);
  return outward.map((p, i) => {
    if (i === 0) return p;
    const y = c * p.yMm - s * p.zMm;
    const moved = y + Math.max(-MOST_HALF_WIDTH_SHIFT * y, Math.min(MOST_HALF_WIDTH_SHIFT * y, out));
    return point(moved, s * p.yMm + c * p.zMm);
  });
}

export interface Confidence<K extends string> {
  readonly redraws: number;
  /** How often each answer won, most often first. */
  readonly wins: readonly { readonly answer: K; readonly count: number }[];
  readonly assumedSpread: boolean;
  /** The section was said to be as last time. */
  readonly asLast: boolean;
}

/**
 * How often an answer would come out again if the takes were taken again.
 * @param decide the answer for one redrawn section; null when it can't be given, which is counted as lost
 * @example "width 3 in 83 of 100 redraws"
 */
export function confidence<K extends string>(
  section: Section,
  spread: TakesSpread,
  redraws: number,
  random: Random,
  decide: (section: Section) => K | null,
): Confidence<K> {
  const counts = new Map<K, number>();
  for (let i = 0; i < redraws; i++) {
    const answer = decide(redrawnSection(section, spread, random));
    if (answer !== null) counts.set(answer, (counts.get(answer) ?? 0) + 1);
  }
  const wins = [...counts].map(([answer, count]) => ({ answer, count })).sort((a, b) => b.count - a.count);
  return { redraws, wins, assumedSpread: spread.assumed, asLast: spread.asLast === true };
}
