import { type SaddleSeatMeasure } from '@fulcra/core';

/** What a rider's leg meets on a saddle, and how it is taken. */
export const SEAT_WORDS: Readonly<Record<SaddleSeatMeasure, { readonly name: string; readonly how: string }>> = {
  sizeMm: { name: 'Seat size', how: 'From the head nail to the middle of the cantle.' },
  flapLengthMm: { name: 'Flap below the bar', how: 'Straight down from the bar to the flap’s lower edge.' },
  flapReachMm: { name: 'Flap ahead of the bar', how: 'Level, from the bar to the flap’s front at its widest.' },
  flapBackMm: { name: 'Flap behind the bar', how: 'Level, from the bar to the flap’s rear edge.' },
  barOutMm: { name: 'Bar from the middle', how: 'From the saddle’s middle plane out to the bar: half of what lies between the bars.' },
  barBelowSeatMm: { name: 'Bar below the seat', how: 'With the saddle level: from the seat’s lowest point down to the bar.' },
  seatOverTreeMm: { name: 'Seat over the tree', how: 'At the seat’s lowest point, from its top to the tree’s underside.' },
  offBarLowerMm: {
    name: 'Off bar lower than near',
    how: 'Saddle level on a stand; minus where the near one is lower. A saddler mends bars.',
  },
};
