import { type Leather, type LeatherTaken } from '@fulcra/contract';
import { demoId } from './ids';
import { RIDER_IDS } from './riders';

export const LEATHER_IDS = { long: demoId(421), stretched: demoId(422), straps: demoId(423) } as const;

/** Three pairs: long ones, a pair whose near side has stretched with mounting, and single straps nobody owns. */
export const DEMO_LEATHERS: readonly Leather[] = [
  {
    id: LEATHER_IDS.long,
    name: 'Long oak bark',
    kind: 'looped',
    spacingMm: 25,
    holes: 18,
    firstHole: 1,
    newOn: '2024-03-01',
    eyeToTreadMm: 125,
    ironWidthMm: 127,
    riderId: RIDER_IDS.tamsin,
    saddleId: null,
    note: '',
  },
  {
    id: LEATHER_IDS.stretched,
    name: 'Wren’s everyday pair',
    kind: 'looped',
    spacingMm: 20,
    holes: 20,
    firstHole: 1,
    newOn: '2021-05-01',
    eyeToTreadMm: 120,
    ironWidthMm: 121,
    riderId: RIDER_IDS.wren,
    saddleId: null,
    note: 'Mounted from the ground, always on the near side.',
  },
  {
    id: LEATHER_IDS.straps,
    name: 'Straps from the loft',
    kind: 'single',
    spacingMm: 12,
    holes: 16,
    firstHole: 1,
    newOn: null,
    eyeToTreadMm: 130,
    ironWidthMm: null,
    riderId: null,
    saddleId: null,
    note: 'Nobody knows how old.',
  },
];

type Taken = Omit<LeatherTaken, 'id' | 'hand' | 'withdrawn' | 'second'> & { readonly second?: LeatherTaken['second'] };
const taken = (number: number, take: Taken): LeatherTaken => ({
  second: null,
  ...take,
  id: demoId(number),
  hand: 'Isla Venn',
  withdrawn: false,
});

/** As they hung: the everyday pair even when it was young, and 14 mm apart now. */
export const DEMO_LEATHER_TAKES: readonly LeatherTaken[] = [
  taken(431, {
    leatherId: LEATHER_IDS.long,
    takenOn: '2026-09-18',
    way: 'hang',
    near: { hole: 9, hangMm: 742 },
    off: { hole: 9, hangMm: 740 },
    second: { hole: 13, hangMm: 791 },
  }),
  taken(432, {
    leatherId: LEATHER_IDS.stretched,
    takenOn: '2024-06-10',
    way: 'hang',
    near: { hole: 8, hangMm: 604 },
    off: { hole: 8, hangMm: 603 },
  }),
  taken(433, {
    leatherId: LEATHER_IDS.stretched,
    takenOn: '2026-06-02',
    way: 'hang',
    near: { hole: 8, hangMm: 621 },
    off: { hole: 8, hangMm: 607 },
  }),
];
