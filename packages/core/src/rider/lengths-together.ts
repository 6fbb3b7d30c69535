import { type LengthsOfADay } from './known-measures';
import { standingInOrder } from './dated';
import { INSIDE_LEG, SHARE_OF_STATURE, type Share, TAPE_SD_MM, expectedFor, referenceOf } from './proportions';
import { type RiderMeasure, type RiderMeasuresMm, RIDER_MEASURES } from './rider-measures';

/**
 * A length this many standard deviations from what the others expect is asked about, and beyond the second none is hung on it (defaults):
 * one body in 370, one in two million.
 */
export const TOGETHER_SD = { asked: 3, refused: 5 } as const;
/** Two measurings of one length this near to each other, mm, are one answer (default: three errors of the tape). */
export const TWICE_WITHIN_MM = 15;

/** Lengths of bone, held against each other; breadths follow the weight. */
const HELD = {
  insideLeg: INSIDE_LEG,
  thigh: SHARE_OF_STATURE.thigh,
  kneeToSole: SHARE_OF_STATURE.kneeToSole,
  ankleHeight: SHARE_OF_STATURE.ankleHeight,
  ankleToBall: SHARE_OF_STATURE.ankleToBall,
  heelToAnkle: SHARE_OF_STATURE.heelToAnkle,
  buttockToKneeHollow: SHARE_OF_STATURE.buttockToKneeHollow,
  shoulderAboveHip: SHARE_OF_STATURE.shoulderAboveHip,
  armpitToFingertip: SHARE_OF_STATURE.armpitToFingertip,
} as const satisfies Partial<Record<RiderMeasure, Share>>;

export interface OddLength {
  readonly measure: RiderMeasure;
  readonly mm: number;
  /** What the length it is held against lets expect, with one standard deviation, mm. */
  readonly expectedMm: number;
  readonly sdMm: number;
  readonly against: RiderMeasure;
  readonly againstMm: number;
  readonly level: keyof typeof TOGETHER_SD;
}

const AGAINST = { stature: 'stature', insideLeg: 'insideLeg', arm: 'armpitToFingertip' } as const;

/**
 * Measured lengths that hardly any body has together, held against the stature, else the inside leg, else the arm. Either may be the slip.
 * @param twice measured twice with one answer: a person like that, not a slip
 */
export function oddLengths(measured: RiderMeasuresMm, twice: ReadonlySet<RiderMeasure>): OddLength[] {
  const reference = referenceOf(measured);
  if (reference === null) return [];
  const against = AGAINST[reference.from];
  return (Object.keys(HELD) as (keyof typeof HELD)[]).flatMap((measure): OddLength[] => {
    const mm = measured[measure];
    if (mm === undefined || measure === against || twice.has(measure)) return [];
    const expected = expectedFor(HELD[measure], reference);
    const sdMm = Math.hypot(expected.sdMm, TAPE_SD_MM);
    const off = Math.abs(mm - expected.mm) / sdMm;
    if (off <= TOGETHER_SD.asked) return [];
    const level = off > TOGETHER_SD.refused ? 'refused' : 'asked';
    return [{ measure, mm, expectedMm: expected.mm, sdMm, against, againstMm: measured[against]!, level }];
  });
}

/** Lengths whose newest value another standing measuring agrees with. */
export function measuredTwice(days: readonly LengthsOfADay[]): ReadonlySet<RiderMeasure> {
  const standing = standingInOrder(days);
  return new Set(
    RIDER_MEASURES.filter((measure) => {
      const all = standing.flatMap(({ lengthsMm }) => (lengthsMm[measure] === undefined ? [] : [lengthsMm[measure]]));
      const newest = all.at(-1);
      return newest !== undefined && all.slice(0, -1).some((mm) => Math.abs(mm - newest) <= TWICE_WITHIN_MM);
    }),
  );
}
