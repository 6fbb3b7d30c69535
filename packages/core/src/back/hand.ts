import { type Polyline } from '../geometry';
import { type NearOff, SIDES } from '../units';
import { type SectionMove, takenOtherwise } from './moved-section';
import { type Section, depthReachedMm, sideOutward } from './section';
import { halfWidthAtMm, sideAngleDeg } from './section-measures';
import { type Take } from './take';

/** One take's error of one side, one standard deviation, where the takes themselves can't tell (defaults). */
export const ASSUMED_SPREAD = { sideAngleDeg: 1, halfWidthMm: 1.5 } as const;
/**
 * How much those defaults count for beside takes, as degrees of freedom (default): hands differ by about 40 %, which six hold to nine in
 * ten for two to five takes. Source: scaled inverse chi-square prior (Gelman et al., Bayesian data analysis, 3rd ed., 2.6).
 */
export const HAND_PRIOR_DOF = 6;

/** Half-widths of a traced side are read so far below the apex, or as far as all takes of a set reach, mm (default). */
export const READ_AT_MM = 80;
/** Of what the shortest take reaches. */
const WITHIN_REACH = 0.9;

/** What of a hand errs. */
export type HandSkill = SectionMove['of'];
const DEFAULT_SD: Readonly<Record<HandSkill, number>> = {
  turn: ASSUMED_SPREAD.sideAngleDeg,
  shift: ASSUMED_SPREAD.halfWidthMm,
  width: ASSUMED_SPREAD.halfWidthMm,
};
/**
 * The variance of both sides' mean and of their half-difference, in parts of a side's: a half each where the sides err by themselves;
 * more of the difference in a tracing, which a tool held askew turns and shifts as a whole (default).
 */
const OF_A_SIDE = { together: 0.5, apart: 0.95 } as const;
export const modeVariance = ({ mode, of }: Pick<SectionMove, 'mode' | 'of'>): number =>
  DEFAULT_SD[of] ** 2 * (of === 'width' ? 0.5 : OF_A_SIDE[mode]);

/** One way of erring, with the sum of squares about the mean of a set. */
export interface SquaredMove {
  readonly move: SectionMove;
  readonly squares: number;
  /** Of a turn: the sum of products with the shift of the same mode; else 0. */
  readonly products: number;
}

/** What is known of a hand from its other sets: squares in units of the default variance, and their degrees of freedom. */
export type HandSoFar = Readonly<Record<HandSkill, { readonly ratios: number; readonly products: number; readonly dof: number }>>;
const NOTHING = { ratios: 0, products: 0, dof: 0 } as const;
export const UNKNOWN_HAND: HandSoFar = { turn: NOTHING, shift: NOTHING, width: NOTHING };

/** What earlier or other sets say of the hand that took them. */
export function handOf(sets: readonly (readonly Take[])[]): HandSoFar {
  const read = sets.flatMap((set) => squaredMoves(set).map((m) => ({ ...m, dof: set.length - 1 })));
  const of = (skill: HandSkill) => {
    const those = read.filter((m) => m.move.of === skill);
    return {
      ratios: those.reduce((s, m) => s + m.squares / modeVariance(m.move), 0),
      products: those.reduce((s, m) => s + m.products / turnTimesShift(m.move), 0),
      dof: those.reduce((s, m) => s + m.dof, 0),
    };
  };
  return { turn: of('turn'), shift: of('shift'), width: of('width') };
}

/** What products of turn and shift are counted in: both default deviations. */
export const turnTimesShift = ({ mode }: Pick<SectionMove, 'mode'>): number =>
  Math.sqrt(modeVariance({ mode, of: 'turn' }) * modeVariance({ mode, of: 'shift' }));

/** How the takes of one set lie about their mean; nothing where they can't be compared. */
export function squaredMoves(takes: readonly Take[]): SquaredMove[] {
  if (takes.length < 2) return [];
  const read = readSet(takes);
  return movesOf(takes).flatMap((move) => {
    const values = read(move);
    const shifts = move.of === 'turn' ? read({ ...move, of: 'shift' }) : null;
    if (values === null) return [];
    return [{ move, squares: productsOf(values, values), products: shifts === null ? 0 : productsOf(values, shifts) }];
  });
}

/** The ways in which a set may err: widths where all of it was read as widths at the same depths, else the turn and shift of a tracing. */
export function movesOf(takes: readonly Take[]): SectionMove[] {
  const depths = takes[0]?.section.readAtMm;
  const same = depths !== undefined && takes.every((t) => t.section.readAtMm?.join() === depths.join());
  const ways: readonly Omit<SectionMove, 'mode'>[] = same
    ? depths.map((atMm) => ({ of: 'width', atMm }))
    : [{ of: 'turn' }, { of: 'shift' }];
  return (['together', 'apart'] as const).flatMap((mode) => ways.map((way) => ({ ...way, mode })));
}

/** Reads one way of erring off every take of a set; null where one doesn't reach. */
export function readSet(takes: readonly Take[]): (move: SectionMove) => readonly number[] | null {
  const lines = { near: takes.map((t) => sideOutward(t.section, 'near')), off: takes.map((t) => sideOutward(t.section, 'off')) };
  const readAt = Math.min(READ_AT_MM, ...SIDES.flatMap((s) => lines[s].map((line) => WITHIN_REACH * depthReachedMm(line))));
  const traced = once(() => ({
    near: turnAndShift(takes, 'near', lines.near, readAt),
    off: turnAndShift(takes, 'off', lines.off, readAt),
  }));
  const read = (side: NearOff, { of, atMm }: SectionMove): readonly (number | null)[] =>
    of === 'width' ? lines[side].map((line) => halfWidthAtMm(line, atMm ?? readAt)) : traced()[side][of];
  return (move) => {
    const [near, off] = [read('near', move), read('off', move)];
    const sign = move.mode === 'apart' ? -1 : 1;
    const values = near.flatMap((n, i) => (n === null || off[i] == null ? [] : [(off[i] + sign * n) / 2]));
    return values.length < takes.length ? null : values;
  };
}

/** The turn of one side of each take, and what of its half-width that doesn't explain: what the turn does to it is the turn's. */
function turnAndShift(takes: readonly Take[], side: NearOff, lines: readonly Polyline[], readAtMm: number) {
  const turn = lines.map((line) => sideAngleDeg(line));
  const mmPerDeg = widthPerDeg(takes[0]!.section, side, readAtMm);
  const shift = lines.map((line, i) => {
    const width = halfWidthAtMm(line, readAtMm);
    return width === null || turn[i] == null ? null : width - mmPerDeg * (turn[i] - (turn[0] ?? 0));
  });
  return { turn, shift };
}

/** Worked out when it is first asked for; a set of widths never asks. */
function once<T>(work: () => T): () => T {
  let known: { readonly value: T } | null = null;
  return () => (known ??= { value: work() }).value;
}

/** What turning a side by a degree does to its half-width at a depth, mm. */
function widthPerDeg(section: Section, side: NearOff, depthMm: number): number {
  const turned = (deg: number): number | null =>
    halfWidthAtMm(sideOutward(takenOtherwise(section, { mode: 'together', of: 'turn' }, deg), side), depthMm);
  const [out, back] = [turned(0.5), turned(-0.5)];
  return out === null || back === null ? 0 : out - back;
}

function productsOf(a: readonly number[], b: readonly number[]): number {
  const mean = (values: readonly number[]): number => values.reduce((s, v) => s + v, 0) / values.length;
  const [meanA, meanB] = [mean(a), mean(b)];
  return a.reduce((s, v, i) => s + (v - meanA) * (b[i]! - meanB), 0);
}
