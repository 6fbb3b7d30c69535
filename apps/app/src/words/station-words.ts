import { lengthWords } from './person-unit';
import { type Station, BASE_BEHIND_FRONT_MM } from '@fulcra/core';

/** What each tracing is called, on the backline and in full, and how it is taken. */
export const STATION_WORDS: Readonly<Record<Station, { readonly peg: string; readonly name: string; readonly how: string }>> = {
  front: {
    peg: 'front',
    name: 'Front section',
    how: 'Lay the curve over the withers at the chalk mark, centred on the spine, both legs hanging straight down. Lift it off without bending.',
  },
  base: {
    peg: 'base',
    name: 'Base of the withers',
    get how() {
      return `${lengthWords(BASE_BEHIND_FRONT_MM)} behind the front, where the withers run out. Both legs straight down.`;
    },
  },
  low: { peg: 'low', name: 'Low point', how: 'Where a pen rolled along the spine comes to rest.' },
  lastRib: { peg: 'last rib', name: 'Last rib', how: 'Over the last rib. Nothing of a panel may rest behind it.' },
  extra1: { peg: 'extra 1', name: 'Extra section 1', how: 'Anywhere the back changes fast; say how far behind the scapula.' },
  extra2: { peg: 'extra 2', name: 'Extra section 2', how: 'Anywhere the back changes fast; say how far behind the scapula.' },
  topline: {
    peg: 'topline',
    name: 'Topline',
    how: 'Along the spine from ahead of the withers past the last rib, head at its natural height, level ground. The zero mark is the chalk mark at the scapula.',
  },
  withers: { peg: 'withers', name: 'Withers’ profile', how: 'Over the withers with the head up: they change when the head drops.' },
};
