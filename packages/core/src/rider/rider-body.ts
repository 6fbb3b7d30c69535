import { type Outcome, done, problem, refused } from '../problems';
import { type OddLength, oddLengths } from './lengths-together';
import {
  type Filled,
  CHILD_SPREAD,
  PROPORTIONS_HOLD_MM,
  SHARE_OF_HIP_HEIGHT,
  SHARE_OF_STATURE,
  TAPE_SD_MM,
  expectedFor,
  referenceOf,
} from './proportions';
import { type KnownLength, type RiderMeasure, type RiderMeasuresMm, LONGEST_MM, RIDER_MEASURES } from './rider-measures';

export type RiderBody = Readonly<Record<Filled, KnownLength>>;

/**
 * Every length the leg is drawn from: measured where it was, else filled in by proportion and marked as such.
 * @param twice measured twice with one answer: taken as they are, whatever the others say
 * @returns refused with the measures that are missing where nothing tells the stature or it is beyond what proportions hold for, and with those
 *   that no body has together
 */
export function riderBody(measured: RiderMeasuresMm, twice: ReadonlySet<RiderMeasure> = NONE): Outcome<RiderBody> {
  const bad = RIDER_MEASURES.filter((m) => measured[m] !== undefined && !(measured[m] > 0 && measured[m] < LONGEST_MM));
  if (bad.length > 0)
    return refused(...bad.map((m) => problem('RIDER_MEASURE_OUT_OF_RANGE', { measure: m, mm: measured[m]!, mostMm: LONGEST_MM })));
  const odd = oddLengths(measured, twice);
  const impossible = odd.filter((o) => o.level === 'refused');
  if (impossible.length > 0)
    return refused(...impossible.map(({ level: _level, ...params }) => problem('RIDER_LENGTHS_DISAGREE', { ...params })));
  const names = Object.keys(SHARE_OF_STATURE) as Filled[];
  const known = names.map((name) => [name, lengthOf(name, measured, odd)] as const);
  const missing = known.filter(([, length]) => length === null).map(([name]) => name);
  if (missing.length > 0) return refused(...missing.map((measure) => problem('RIDER_MEASURE_MISSING', { measure })));
  return done(Object.fromEntries(known) as unknown as RiderBody);
}

const NONE: ReadonlySet<RiderMeasure> = new Set();

/** How sure one measured length is: with the tape's error; one that is asked about may be a slip by half of what it is off. */
const measuredSd = (name: RiderMeasure, odd: readonly OddLength[]): number => {
  const asked = odd.find((o) => o.measure === name);
  return asked === undefined ? TAPE_SD_MM : Math.hypot(TAPE_SD_MM, (asked.mm - asked.expectedMm) / 2);
};

function lengthOf(name: Filled, measured: RiderMeasuresMm, odd: readonly OddLength[]): KnownLength | null {
  const own = measured[name];
  if (own !== undefined) return { mm: own, from: 'measured', sdMm: measuredSd(name, odd) };
  const reference = referenceOf(measured);
  if (reference === null || reference.mm < PROPORTIONS_HOLD_MM.least || reference.mm > PROPORTIONS_HOLD_MM.most) return null;
  const { insideLeg } = measured;
  if (insideLeg !== undefined && (name === 'thigh' || name === 'kneeToSole')) {
    const { share, sdMm } = SHARE_OF_HIP_HEIGHT[name];
    const slip = measuredSd('insideLeg', odd) - TAPE_SD_MM;
    const hipHeight = insideLeg + SHARE_OF_STATURE.hipJointAboveSeat.share * reference.mm;
    return { mm: share * hipHeight, from: 'insideLeg', sdMm: Math.hypot((reference.child ? CHILD_SPREAD : 1) * sdMm, share * slip) };
  }
  return { ...expectedFor(SHARE_OF_STATURE[name], reference), from: reference.from };
}
