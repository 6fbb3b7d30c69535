import { type Girth, type TackCheckKept } from '@fulcra/contract';
import { type FoundSpot, type TackItem, type TackKind, neededSpots, spotsOf } from '@fulcra/core';
import { demoId } from './ids';
import { LEATHER_IDS } from './leathers';
import { DEMO_SADDLES } from './saddles';

const FITTER = 'Isla Venn';
export const GIRTH_IDS = { dressage: demoId(441), cinch: demoId(442) } as const;

export const DEMO_GIRTHS: readonly Girth[] = [
  {
    id: GIRTH_IDS.dressage,
    name: 'Short, both ends give',
    lengthMm: 700,
    material: 'leather',
    elastic: 'bothEnds',
    newOn: '2025-02-01',
    saddleId: DEMO_SADDLES[5]!.id,
    note: '',
  },
  {
    id: GIRTH_IDS.cinch,
    name: 'Island cinch',
    lengthMm: 760,
    material: 'mohair',
    elastic: 'none',
    newOn: null,
    saddleId: DEMO_SADDLES.find((s) => s.kind === 'western')!.id,
    note: 'Strands thin beside the off ring.',
  },
];

interface Walk {
  readonly number: number;
  readonly kind: TackKind;
  readonly itemId: string;
  readonly item: TackItem;
  readonly on: string;
  readonly round?: TackCheckKept['round'];
  /** What wasn't sound; everything else of the round was. */
  readonly but?: readonly FoundSpot[];
}

const walked = ({ number, kind, itemId, item, on, round = 'full', but = [] }: Walk): TackCheckKept => {
  const spots = round === 'full' ? neededSpots(item) : spotsOf(item, round);
  const sound = spots.map((spot): FoundSpot => ({ ...spot, finding: 'sound', note: '' }));
  const found = sound.map((s) => but.find((b) => b.point === s.point && b.side === s.side) ?? s);
  return {
    id: demoId(450 + number),
    itemKind: kind,
    itemId,
    madeAt: `${on}T09:00:00.000Z`,
    hand: FITTER,
    source: 'practice',
    round,
    found,
    mended: null,
    fall: null,
    answers: [],
    withdrawn: false,
  };
};

const LEATHER = { kind: 'leather', build: 'english' } as const;
const CRACKED: FoundSpot = {
  point: 'leatherAtTread',
  side: 'near',
  finding: 'unsafe',
  note: 'Cracked through half its thickness where the iron hangs in the eighth hole.',
};
const THIN: FoundSpot = { point: 'girthStitching', side: 'off', finding: 'watch', note: 'Three strands gone at the ring.' };
const WORN: FoundSpot = { point: 'strapHoles', side: 'off', finding: 'watch', note: 'Second hole drawn long.' };
const saddleWalk = (number: number, index: number, on: string, but: readonly FoundSpot[] = []): Walk => {
  const saddle = DEMO_SADDLES[index]!;
  return { number, kind: 'saddle', itemId: saddle.id, item: { kind: 'saddle', build: saddle.kind }, on, but };
};
const pairWalk = (number: number, leatherId: string, on: string, but: readonly FoundSpot[] = []): Walk => ({
  ...{ number, kind: 'leather', itemId: leatherId, item: LEATHER, on, but },
});

/** The stock was walked round in autumn but for what came from the loft; one pair is held, one saddle's strap is watched. */
export const DEMO_TACK_CHECKS: readonly TackCheckKept[] = [
  ...[0, 1, 2, 3, 4, 5].map((index) => walked(saddleWalk(index, index, '2026-09-18', index === 1 ? [WORN] : []))),
  walked(pairWalk(10, LEATHER_IDS.long, '2026-09-18')),
  walked(pairWalk(11, LEATHER_IDS.stretched, '2026-06-02')),
  walked(pairWalk(12, LEATHER_IDS.straps, '2026-11-12', [CRACKED])),
  walked({
    ...{ number: 13, kind: 'girth', itemId: GIRTH_IDS.cinch, on: '2026-10-05', but: [THIN] },
    item: { kind: 'girth', build: 'western', elastic: false },
  }),
];
