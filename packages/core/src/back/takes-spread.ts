import { SDS_OF_90, studentSdsOf90 } from '../stats';
import { type NearOff, SIDES } from '../units';
import {
  type HandSoFar,
  ASSUMED_SPREAD,
  HAND_PRIOR_DOF,
  READ_AT_MM,
  UNKNOWN_HAND,
  modeVariance,
  movesOf,
  squaredMoves,
  turnTimesShift,
} from './hand';
import { type SectionMove, type SideMove, NOT_MOVED, movedSection, takenOtherwise } from './moved-section';
import { type Section, depthReachedMm, sideOutward } from './section';
import { halfWidthAtMm, sideAngleDeg } from './section-measures';
import { type Take } from './take';

/** Of one side: so many times 1.645 hold nine in ten. */
export type SideSpread = SideMove;

export interface TakesSpread {
  readonly near: SideSpread;
  readonly off: SideSpread;
  /** The ways in which both sides err, each with its standard deviation; absent where each side errs by itself, as told above. */
  readonly moves?: readonly (SectionMove & { readonly sd: number })[];
  /** True with fewer than two takes: the spread is a default, not measured. */
  readonly assumed: boolean;
  /** Nobody measured: it was said to be as last time, and errs as what is set by eye. */
  readonly asLast?: boolean;
}

/**
 * How far the mean of some takes may be off, from how far they lie apart and from what is known of the hand: the posterior spread of a
 * hand with a prior, by Student's t for its degrees of freedom. Told as what 1.645 times holds nine in ten of, so that it goes into the
 * law of propagation like any other standard deviation.
 * @param accepted the takes of one station that say the same
 * @param hand what other sets of the same hand say
 * @param times so many times less sure, e.g. where it was only said to be as last time
 */
export function spreadOfTakes(accepted: readonly Take[], hand: HandSoFar = UNKNOWN_HAND, times = 1): TakesSpread {
  const moves = movesTold(accepted, hand);
  const section = accepted[0]?.section;
  const side = (of: NearOff): SideSpread => {
    const { sideAngleDeg, halfWidthMm } = section === undefined ? ASSUMED_SPREAD : toldOfSide(section, of, moves);
    return { sideAngleDeg: times * sideAngleDeg, halfWidthMm: times * halfWidthMm };
  };
  return {
    near: side('near'),
    off: side('off'),
    moves: moves.map((m) => ({ ...m, sd: times * m.sd })),
    assumed: accepted.length < 2,
  };
}

/** Each way of erring with its standard deviation; what shift goes along with a turn is the turn's, the rest the shift's own. */
function movesTold(accepted: readonly Take[], hand: HandSoFar): (SectionMove & { readonly sd: number })[] {
  const read = squaredMoves(accepted);
  const ownDof = (move: SectionMove): number => (ownOf(move) === undefined ? 0 : accepted.length - 1);
  const ownOf = (move: SectionMove) => read.find((r) => r.move.of === move.of && r.move.mode === move.mode && r.move.atMm === move.atMm);
  const dofOf = (move: SectionMove): number => HAND_PRIOR_DOF + hand[move.of].dof + ownDof(move);
  const variance = (move: SectionMove): number =>
    (modeVariance(move) * (HAND_PRIOR_DOF + hand[move.of].ratios) + (ownOf(move)?.squares ?? 0)) / dofOf(move);
  const shiftPerDeg = (turn: SectionMove): number =>
    (turnTimesShift(turn) * hand.turn.products + (ownOf(turn)?.products ?? 0)) / dofOf(turn) / variance(turn);
  return movesOf(accepted).map((move) => {
    const turn: SectionMove = { mode: move.mode, of: 'turn' };
    const along = move.of === 'width' ? 0 : shiftPerDeg(turn);
    const left = move.of === 'shift' ? Math.max(0, variance(move) - along ** 2 * variance(turn)) : variance(move);
    const sd = (Math.sqrt(left / Math.max(1, accepted.length)) * studentSdsOf90(dofOf(move))) / SDS_OF_90;
    return { ...move, ...(move.of === 'turn' && { shiftPerDeg: along }), sd };
  });
}

/** What all ways together do to a side's angle and to its half-width. */
function toldOfSide(section: Section, side: NearOff, moves: NonNullable<TakesSpread['moves']>): SideSpread {
  const depth = Math.min(READ_AT_MM, depthReachedMm(sideOutward(section, side)));
  const ways = moves.map((m) => [takenOtherwise(section, m, m.sd), takenOtherwise(section, m, -m.sd)] as const);
  const sd = (read: (s: Section) => number | null): number | null => propagatedSd(read, section, ways);
  return {
    sideAngleDeg: sd((s) => sideAngleDeg(sideOutward(s, side))) ?? ASSUMED_SPREAD.sideAngleDeg,
    halfWidthMm: sd((s) => halfWidthAtMm(sideOutward(s, side), depth)) ?? ASSUMED_SPREAD.halfWidthMm,
  };
}

/**
 * The standard deviation of a number by the law of propagation (JCGM 100:2008, 5.1); null where it can't be read at all.
 * @param ways per independent source what was measured, had it come out one standard deviation more, and less
 */
export function propagatedSd<T>(read: (of: T) => number | null, here: T, ways: readonly (readonly [up: T, down: T])[]): number | null {
  const value = read(here);
  if (value === null) return null;
  return Math.sqrt(ways.reduce((sum, [up, down]) => sum + slopeOf(value, read(up), read(down)) ** 2, 0));
}

/** What one standard deviation does; from one way alone where the other no longer reaches. */
function slopeOf(value: number, up: number | null, down: number | null): number {
  if (up !== null && down !== null) return (up - down) / 2;
  return up !== null ? up - value : down !== null ? value - down : 0;
}

/** A section taken otherwise in one way by so many standard deviations, independent of all others. */
export type SpreadSource = (section: Section, sds: number) => Section;

/** All ways in which it may have been taken otherwise. */
export function spreadSources({ near, off, moves }: TakesSpread): SpreadSource[] {
  if (moves !== undefined) return moves.map((move) => (section, sds) => takenOtherwise(section, move, sds * move.sd));
  const of: readonly (keyof SideMove)[] = ['sideAngleDeg', 'halfWidthMm'];
  const sds = { near, off };
  return SIDES.flatMap((side) =>
    of.map((what): SpreadSource => (section, times) => {
      const still = { near: NOT_MOVED, off: NOT_MOVED };
      return movedSection(section, { ...still, [side]: { ...NOT_MOVED, [what]: times * sds[side][what] } });
    }),
  );
}
