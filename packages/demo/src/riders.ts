import { type Rider, type RiderMeasuresTaken } from '@fulcra/contract';
import { demoId } from './ids';

export const RIDER_IDS = { tamsin: demoId(401), wren: demoId(402), pip: demoId(403) } as const;

const plain = { injuries: [], offLegLongerMm: null, uneven: null } as const;

/** Three riders of invented names: a tall one, one whose leathers have stretched, and a child, of whom proportions know little. */
export const DEMO_RIDERS: readonly Rider[] = [
  {
    ...plain,
    id: RIDER_IDS.tamsin,
    name: 'Tamsin Oake',
    heightMm: 1880,
    weightKg: 84,
    note: 'Rides the big ones; stiff right hip.',
    purposes: ['general', 'advancedFlat', 'fencesLow'],
    injuries: ['hip'],
  },
  {
    ...plain,
    id: RIDER_IDS.wren,
    name: 'Wren Hollin',
    heightMm: 1640,
    weightKg: 58,
    note: 'Distances; likes a longer leather on the flat.',
    purposes: ['trail', 'advancedFlat', 'crossCountry'],
    injuries: [],
  },
  {
    ...plain,
    id: RIDER_IDS.pip,
    name: 'Pip Hollin',
    heightMm: 1280,
    weightKg: 27,
    note: 'Grows; measured anew each spring.',
    purposes: ['general'],
    injuries: [],
  },
];

const taken = (number: number, takenOn: string, riderId: string, lengthsMm: RiderMeasuresTaken['lengthsMm']): RiderMeasuresTaken => ({
  id: demoId(number),
  riderId,
  takenOn,
  hand: 'Isla Venn',
  lengthsMm,
  withdrawn: false,
});

/** What was measured of them; Wren has but her height and inside leg, Pip twice, a year apart. */
export const DEMO_RIDER_MEASURES: readonly RiderMeasuresTaken[] = [
  taken(411, '2026-09-18', RIDER_IDS.tamsin, {
    stature: 1880,
    insideLeg: 910,
    buttockToKneeHollow: 545,
    thigh: 470,
    kneeToSole: 545,
    hipBreadth: 385,
    armpitToFingertip: 725,
  }),
  taken(412, '2026-06-02', RIDER_IDS.wren, { stature: 1640, insideLeg: 765 }),
  taken(413, '2025-04-20', RIDER_IDS.pip, { stature: 1210, insideLeg: 545, thigh: 285, kneeToSole: 335 }),
  taken(414, '2026-04-14', RIDER_IDS.pip, {
    stature: 1280,
    insideLeg: 580,
    buttockToKneeHollow: 355,
    thigh: 305,
    kneeToSole: 355,
    ankleHeight: 52,
    ankleToBall: 96,
    heelToAnkle: 48,
    hipBreadth: 250,
    hipJointHalfDistance: 62,
    hipJointAboveSeat: 68,
    shoulderAboveHip: 365,
    armpitToFingertip: 470,
  }),
];
