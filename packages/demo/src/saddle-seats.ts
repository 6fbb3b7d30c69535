import { type SaddleSeat, UNKNOWN_SEAT } from '@fulcra/core';

const seat = (known: Partial<SaddleSeat>): SaddleSeat => ({ ...UNKNOWN_SEAT, ...known });

/** Seat, flap and bars of the demo's saddles, by their number; the flat one's and the western's were never measured. */
export const DEMO_SEATS = {
  trekkerOne: seat({
    sizeMm: 445,
    flapLengthMm: 375,
    flapReachMm: 150,
    flapBackMm: 160,
    barOutMm: 118,
    barBelowSeatMm: 30,
    offBarLowerMm: 0,
  }),
  trekkerTwo: seat({ sizeMm: 432, flapLengthMm: 360, flapReachMm: 140, flapBackMm: 165, barOutMm: 126 }),
  distance: seat({
    sizeMm: 432,
    flapLengthMm: 345,
    flapReachMm: 125,
    flapBackMm: 150,
    barOutMm: 112,
    barBelowSeatMm: 28,
    seatOverTreeMm: 32,
    offBarLowerMm: 0,
  }),
  hack: seat({ sizeMm: 394, flapLengthMm: 255, flapReachMm: 95, flapBackMm: 110, barOutMm: 105 }),
  /** Made for a middle rider: short in the flap. */
  breaker: seat({
    sizeMm: 445,
    flapLengthMm: 325,
    flapReachMm: 120,
    flapBackMm: 150,
    barOutMm: 120,
    barBelowSeatMm: 32,
    seatOverTreeMm: 36,
    offBarLowerMm: 0,
  }),
} as const;
