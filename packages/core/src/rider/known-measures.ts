import { type Dated, standingInOrder } from './dated';
import { type RiderMeasure, RIDER_MEASURES } from './rider-measures';

/** Lengths that were taken on one day. */
export interface LengthsOfADay extends Dated {
  readonly lengthsMm: Readonly<Partial<Record<RiderMeasure, number | undefined>>>;
}

export type NewestLengths = Readonly<Partial<Record<RiderMeasure, { readonly mm: number; readonly takenOn: string | null }>>>;

/**
 * Of each length the newest that stands; of one day, the one entered last.
 * @param statureMm as it was once said, without a day; a measured one wins
 */
export function newestLengths(days: readonly LengthsOfADay[], statureMm: number | null): NewestLengths {
  const newest: Partial<Record<RiderMeasure, { mm: number; takenOn: string | null }>> = {};
  if (statureMm !== null) newest.stature = { mm: statureMm, takenOn: null };
  for (const { takenOn, lengthsMm } of standingInOrder(days))
    for (const measure of RIDER_MEASURES) {
      const mm = lengthsMm[measure];
      if (mm !== undefined) newest[measure] = { mm, takenOn };
    }
  return newest;
}
