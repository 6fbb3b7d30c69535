import { type FactBody, type Order } from '@fulcra/contract';
import {
  CELL_MM,
  type RecordedFact,
  ReadyBody,
  type SaddleSetup,
  bodyInputOf,
  measuredVisit,
  naturalPlaceMm,
  pictureOf,
  presentSetup,
  schoolById,
  triedSettingOf,
} from '@fulcra/core';
import { type DemoFact, type DemoTake } from './measured-visit';
import { CONTACT_IDS } from './people';
import { demoId } from './ids';
import { DEMO_SADDLES } from './saddles';
import { FRONT_AT_MM } from './back-generator';

/** What was said and found at a visit beyond its measures, by the demo's number of the visit. */
const SAID: Readonly<Record<number, readonly FactBody[]>> = {
  // Bramble's complaint: the old trekker works forward in canter, the other stays, as the engine says of both
  9: [
    {
      kind: 'complaint',
      complaint: 'slidesForward',
      place: 'front',
      side: null,
      when: ['canter', 'downhill'],
      note: 'A hand forward in ten minutes of canter, in Holm trekker no. 1.',
    },
    {
      kind: 'forOwner',
      said: 'The saddle works forward in canter. She is shaped for it: downhill, groove far forward.',
      watchFor: 'Walk and trot only until the other trekker is fitted.',
    },
  ],
  0: [
    {
      kind: 'forOwner',
      said: 'Holm trekker no. 2 stays where it is put, in canter too: the complaint of February is answered.',
      watchFor: 'If it comes forward again, ring: her shape hasn’t changed.',
    },
  ],
  // Tarn's western saddle: the one that came with the island tips on his straight back and runs forward, the one cut to it stays, as the engine says of both
  11: [
    {
      kind: 'complaint',
      complaint: 'slidesForward',
      place: 'front',
      side: null,
      when: ['trot', 'canter'],
      note: 'Runs onto the shoulder as soon as he trots, in the Pack-ridge; the cantle lifts.',
    },
    {
      kind: 'forOwner',
      said: 'The bars lie on the middle of his straight back and on little else, so the saddle tips and runs forward.',
      watchFor: 'Not in this saddle. Bars are being cut to his tracing.',
    },
  ],
  12: [
    {
      kind: 'forOwner',
      said: 'The Turf-cutter lies along the whole back and stays, in canter too: what was wrong in July is gone.',
      watchFor: 'If it comes forward again, ring. Looked at again in three months.',
    },
  ],
  // Old Hob is held: what hurts goes to a veterinary surgeon before any saddle
  10: [
    { kind: 'feel', spots: [{ place: 'behindScapula', side: 'near' }], pass: 'medium', reaction: 'guard', signs: ['heat'] },
    {
      kind: 'forOwner',
      said: 'He guards a warm place behind the near shoulder. No saddle was tried.',
      watchFor: 'A veterinary surgeon looks at it first. Nobody rides him until then.',
    },
  ],
};

/** What was seen ridden, where it is more than that it was. */
export const SEEN: Readonly<Record<number, string>> = {
  9: 'Comes toward the head in canter, a hand in ten minutes.',
  12: 'Stays where it was put, in ten minutes of canter too; the cantle is quiet.',
  0: 'Stays where it was put, in ten minutes of canter too.',
};

const CORRIES = 4;
const OWN = DEMO_SADDLES.find((s) => s.name === 'Breaker')!;
/** How much was put under the weaker side of Corrie's own saddle, mm. */
const SHIM_MM = 6;
export const CHOSEN = { visit: CORRIES, triedId: demoId(8000 + CORRIES * 20 + 1), label: 'III' } as const;

/** Everything that makes a visit a story; what was tried is computed by the engine, never typed in. */
export function storyFacts(number: number, on: string, takes: readonly DemoTake[], facts: readonly DemoFact[]): DemoFact[] {
  const bodies = [...(SAID[number] ?? []), ...(number === CORRIES ? ownSaddleAdjusted(takes, facts) : [])];
  // what was tried comes first, so that what is chosen can name it
  const inOrder = [...bodies].sort((a, b) => rank(a) - rank(b));
  return inOrder.map((body, i) => ({ id: demoId(8000 + number * 20 + i), madeAt: `${on}T10:${String(i).padStart(2, '0')}:00.000Z`, body }));
}

const rank = ({ kind }: FactBody): number => (kind === 'triedSetting' ? 0 : kind === 'chosenSetting' ? 1 : 2);

/** Corrie's own saddle: as it came it rolls to his weak side and lies near beside the withers; shimmed there it does less. */
function ownSaddleAdjusted(takes: readonly DemoTake[], facts: readonly DemoFact[]): FactBody[] {
  const recorded = facts.map(({ id, body }): RecordedFact => ({ id, hand: '', withdrawn: false, body: body }));
  const visit = { stationMm: FRONT_AT_MM };
  const measured = measuredVisit({
    visit,
    facts: recorded,
    takes: takes.map(({ id, take }) => ({ id, hand: '', withdrawn: false, ...take })),
  });
  const input = bodyInputOf(measured, recorded);
  const ready = new ReadyBody(input);
  const school = schoolById('static-close');
  const asItCame = presentSetup(OWN, naturalPlaceMm(input.landmarks, OWN, school));
  const width = OWN.front.settings.findIndex((s) => s.label === CHOSEN.label);
  const none = { front: 0, middle: 0, rear: 0 };
  const more = { front: SHIM_MM, middle: SHIM_MM, rear: SHIM_MM };
  const setups: SaddleSetup[] = [
    { ...asItCame, width, shims: { near: none, off: none } },
    { ...asItCame, width, shims: { near: none, off: more } },
  ];
  const rider = { massKg: 75, offsetMm: 0, stirrupShare: 0.2, gait: 'stand' } as const;
  const tried = setups.map((setup): FactBody => {
    const asked = { saddle: OWN, setup, rider, pose: 'resting' as const, strapPullN: school.engine.strapPullN, school };
    const picture = pictureOf(ready, asked, CELL_MM.search);
    if (!picture.ok) throw new Error(`${OWN.name} can't be laid on Corrie`);
    return { kind: 'triedSetting', ...triedSettingOf(picture.value, { id: OWN.id, name: OWN.name, widthLabel: CHOSEN.label }) };
  });
  return [
    ...tried,
    { kind: 'chosenSetting', triedId: CHOSEN.triedId, note: 'Shimmed under the weaker side; looked at again at the next visit.' },
  ];
}

/** A template that was printed too small: the bench sent it back, and it is printed again. */
export const DEMO_ORDERS: readonly Order[] = [
  {
    id: demoId(541),
    horseId: demoId(205),
    visitId: demoId(303),
    saddleId: null,
    contactId: CONTACT_IDS.bench,
    title: 'Front plate for Pipit',
    lines: [{ what: 'Head plate', value: 'to the template of 11 September, round, points 150 mm' }],
    dueOn: '2026-12-10',
    note: 'Sent back: the bar on the sheet measured 97 mm, not 100. Print again at 100 %, no fitting to the page.',
    state: 'draft',
    history: [
      { state: 'draft', at: '2026-09-11T12:00:00.000Z', by: 'Isla Venn' },
      { state: 'sent', at: '2026-09-12T08:10:00.000Z', by: 'Isla Venn' },
      { state: 'draft', at: '2026-09-15T09:30:00.000Z', by: 'Isla Venn' },
    ],
  },
];
