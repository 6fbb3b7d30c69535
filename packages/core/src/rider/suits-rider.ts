import { type SaddleSeat } from '../saddle';
import { type SeatSize, FLAP, SEAT } from './flap-and-seat';
import { type LegPlace } from './linkage';
import { type Plumb, HEEL_LIMITS_MM, HEEL_SURE_MM } from './plumb';

/** What a saddle is asked about for one rider. */
export const RIDER_CRITERIA = ['seatSize', 'flapLength', 'kneeRoll', 'leatherOnFlap', 'heelUnderHip'] as const;
export type RiderCriterion = (typeof RIDER_CRITERIA)[number];

/** How a saddle answers: `nearly` lies within the error of what was measured; `unknown` was not measured. */
export type SuitsWord = 'suits' | 'nearly' | 'misses' | 'unknown';

export interface SuitsRow {
  readonly id: RiderCriterion;
  readonly word: SuitsWord;
  /** What the saddle has, what this rider needs at least and at most, mm; for the leather a share of the flap. */
  readonly has: number | null;
  readonly least: number;
  readonly most: number;
}

/** Room between knee and roll, mm (default): less presses, more leaves the knee alone. */
export const ROLL_ROOM_MM = { least: 10, most: 40 } as const;
/** Lower edge of the flap, as a share of the shank below the knee (default). */
export const FLAP_BELOW_KNEE = { least: 0.22, most: 0.38 } as const;
/** The leather hangs down the middle of the flap: its place from front to back (default). */
export const LEATHER_ON_FLAP = { least: 0.35, most: 0.65 } as const;
/** A flap's ends are found to so many mm by a hand with a tape (default). */
export const FLAP_READING_MM = 5;

export interface SuitsQuestion {
  readonly seat: SaddleSeat;
  readonly place: LegPlace;
  readonly barZMm: number;
  readonly shankMm: number;
  readonly size: SeatSize;
  readonly plumb: Plumb;
  /** One standard deviation of where the knee comes to lie, mm. */
  readonly kneeSdMm: number;
}

/** How one saddle suits one rider on one horse, row by row; each judged with the error of what it rests on. */
export function suitsRider(question: SuitsQuestion): SuitsRow[] {
  const { seat, place, barZMm, shankMm, size, plumb, kneeSdMm } = question;
  const error = Math.hypot(kneeSdMm, FLAP_READING_MM);
  const kneeBelowMm = barZMm - place.knee.zMm;
  const kneeAheadMm = -place.kneeBehindBarMm + FLAP.kneeToFrontMm;
  const half = SEAT.stepMm;
  const across = seat.flapReachMm === null || seat.flapBackMm === null ? null : seat.flapReachMm / (seat.flapReachMm + seat.flapBackMm);
  return [
    row('seatSize', seat.sizeMm, size.exactMm - half, size.exactMm + half, SEAT.errorMm),
    row(
      'flapLength',
      seat.flapLengthMm,
      kneeBelowMm + FLAP_BELOW_KNEE.least * shankMm,
      kneeBelowMm + FLAP_BELOW_KNEE.most * shankMm,
      error,
    ),
    row('kneeRoll', seat.flapReachMm, kneeAheadMm + ROLL_ROOM_MM.least, kneeAheadMm + ROLL_ROOM_MM.most, error),
    row('leatherOnFlap', across, LEATHER_ON_FLAP.least, LEATHER_ON_FLAP.most, 0),
    row('heelUnderHip', plumb.heelBehindHipMm, HEEL_LIMITS_MM.chairBelow, HEEL_LIMITS_MM.tippedAbove, HEEL_SURE_MM),
  ];
}

function row(id: RiderCriterion, has: number | null, least: number, most: number, error: number): SuitsRow {
  const word =
    has === null ? 'unknown' : has >= least && has <= most ? 'suits' : has >= least - error && has <= most + error ? 'nearly' : 'misses';
  return { id, word, has, least, most };
}

/** The worst a saddle says of itself: a row that misses is not outvoted; nothing measured is nothing judged. */
export function suitsOverall(rows: readonly SuitsRow[]): SuitsWord {
  const has = (word: SuitsWord): boolean => rows.some((r) => r.word === word);
  if (has('misses')) return 'misses';
  if (has('nearly')) return 'nearly';
  return rows.every((r) => r.word === 'unknown' || r.id === 'heelUnderHip') ? 'unknown' : 'suits';
}
