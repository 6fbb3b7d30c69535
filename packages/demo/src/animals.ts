import { type HorseFields } from '@fulcra/contract';
import { mmFromHands } from '@fulcra/core';
import { type BackBuild } from './back-generator';
import { type BackTruth } from './front-section-generator';
import { RIDER_IDS } from './riders';

export interface DemoAnimal {
  readonly number: number;
  readonly horse: HorseFields;
  readonly truth: BackTruth;
  /** The whole back behind that front. */
  readonly back: BackBuild;
}

/** A front and the back behind it. */
const backed = (truth: BackTruth, behind: Omit<BackBuild, 'front'>): Pick<DemoAnimal, 'truth' | 'back'> => ({
  truth,
  back: { front: truth, ...behind },
});

const hands = (value: number): number => mmFromHands(value)!;

/**
 * The eight animals of the Carrow Skerries pack-and-trek co-operative, an island that isn't on any chart.
 * Each back is true to its own numbers, so a test can ask whether the engine finds them again.
 */
const NOBODYS = { ownerId: null, payerId: null, yardId: null, ridesIn: null, gone: null } as const;

export const DEMO_ANIMALS: readonly DemoAnimal[] = [
  {
    number: 1,
    horse: {
      name: 'Bramble',
      kind: 'cob mare',
      bornYear: 2015,
      heightMm: hands(14.1),
      note: 'Flat withers; carries peat and visitors alike.',
      sex: 'mare',
      riderIds: [],
      ...NOBODYS,
    },
    ...backed(
      { nearDeg: 52, offDeg: 52, apexRadiusMm: 78, bowMm: 1, depthMm: 190 },
      {
        baseOpensDeg: 3,
        rearOpensDeg: 14,
        weakOffDeg: 0,
        lowMm: 205,
        lastRibMm: 395,
        witherMm: 14,
        dipMm: 10,
        croupMm: 34,
        scapulaTravelMm: 38,
        grooveMm: 95,
        spineMm: 72,
        muscleMm: 250,
      },
    ),
  },
  {
    number: 2,
    horse: {
      name: 'Old Hob',
      kind: 'cob gelding',
      bornYear: 2005,
      heightMm: hands(15),
      note: 'Semi-retired; led rides only.',
      sex: 'gelding',
      riderIds: [],
      ...NOBODYS,
    },
    ...backed(
      { nearDeg: 47.5, offDeg: 47.5, apexRadiusMm: 62, bowMm: 1, depthMm: 190 },
      {
        baseOpensDeg: 2,
        rearOpensDeg: 9,
        weakOffDeg: 0,
        lowMm: 235,
        lastRibMm: 425,
        witherMm: 42,
        dipMm: 32,
        croupMm: 0,
        scapulaTravelMm: 36,
        grooveMm: 135,
        spineMm: 58,
        muscleMm: 215,
      },
    ),
  },
  {
    number: 3,
    horse: {
      name: 'Marl',
      kind: 'tall heavy cross',
      bornYear: 2017,
      heightMm: hands(16.3),
      note: 'Big shoulder; fuller on the near side. Ridden by Tamsin Oake.',
      sex: 'gelding',
      riderIds: [RIDER_IDS.tamsin],
      ...NOBODYS,
    },
    ...backed(
      { nearDeg: 47.5, offDeg: 45, apexRadiusMm: 50, bowMm: 1, depthMm: 210 },
      {
        baseOpensDeg: 2,
        rearOpensDeg: 8,
        weakOffDeg: 0,
        lowMm: 240,
        lastRibMm: 455,
        witherMm: 48,
        dipMm: 15,
        croupMm: -12,
        scapulaTravelMm: 55,
        grooveMm: 150,
        spineMm: 62,
        muscleMm: 240,
      },
    ),
  },
  {
    number: 4,
    horse: {
      name: "Juno's Ledger",
      kind: 'endurance type',
      bornYear: 2014,
      heightMm: hands(15.1),
      note: 'Fit and fine; 80 km rides in summer with Wren Hollin up.',
      sex: 'gelding',
      riderIds: [RIDER_IDS.wren],
      ...NOBODYS,
    },
    ...backed(
      { nearDeg: 39, offDeg: 39, apexRadiusMm: 28, bowMm: 0, depthMm: 200 },
      {
        baseOpensDeg: 4,
        rearOpensDeg: 10,
        weakOffDeg: 0,
        lowMm: 215,
        lastRibMm: 410,
        witherMm: 72,
        dipMm: 12,
        croupMm: -24,
        scapulaTravelMm: 52,
        grooveMm: 150,
        spineMm: 38,
        muscleMm: 185,
      },
    ),
  },
  {
    number: 5,
    horse: {
      name: 'Pipit',
      kind: 'island pony',
      bornYear: 2020,
      heightMm: hands(12.2),
      note: 'Short back; still filling out.',
      sex: 'mare',
      riderIds: [RIDER_IDS.pip],
      ...NOBODYS,
    },
    ...backed(
      { nearDeg: 48.5, offDeg: 48.5, apexRadiusMm: 55, bowMm: 1, depthMm: 170 },
      {
        baseOpensDeg: 3,
        rearOpensDeg: 9,
        weakOffDeg: 0,
        lowMm: 180,
        lastRibMm: 335,
        witherMm: 30,
        dipMm: 9,
        croupMm: 6,
        scapulaTravelMm: 34,
        grooveMm: 120,
        spineMm: 54,
        muscleMm: 205,
      },
    ),
  },
  {
    number: 6,
    horse: {
      name: 'Thistledown',
      kind: 'youngster, just backed',
      bornYear: 2023,
      heightMm: hands(15),
      note: 'Backed this spring. Will change.',
      sex: 'mare',
      riderIds: [],
      ...NOBODYS,
    },
    ...backed(
      { nearDeg: 42, offDeg: 42, apexRadiusMm: 38, bowMm: 0, depthMm: 195 },
      {
        baseOpensDeg: 3,
        rearOpensDeg: 10,
        weakOffDeg: 0,
        lowMm: 210,
        lastRibMm: 400,
        witherMm: 40,
        dipMm: 12,
        croupMm: 30,
        scapulaTravelMm: 48,
        grooveMm: 140,
        spineMm: 46,
        muscleMm: 190,
      },
    ),
  },
  {
    number: 7,
    horse: {
      name: 'Corrie',
      kind: 'older gelding',
      bornYear: 2006,
      heightMm: hands(15.3),
      note: 'Weak on the off side since his winter off.',
      sex: 'gelding',
      riderIds: [RIDER_IDS.tamsin],
      ...NOBODYS,
    },
    ...backed(
      { nearDeg: 43, offDeg: 39, apexRadiusMm: 32, bowMm: 0, depthMm: 200 },
      {
        baseOpensDeg: 2,
        rearOpensDeg: 9,
        weakOffDeg: 4,
        lowMm: 225,
        lastRibMm: 420,
        witherMm: 55,
        dipMm: 16,
        croupMm: 4,
        scapulaTravelMm: 42,
        grooveMm: 140,
        spineMm: 44,
        muscleMm: 190,
      },
    ),
  },
  {
    number: 8,
    horse: {
      name: 'Tarn',
      kind: 'mule',
      bornYear: 2011,
      heightMm: hands(14.2),
      note: 'Narrow in front, straight in the shoulder.',
      sex: 'unknown',
      riderIds: [],
      ...NOBODYS,
    },
    ...backed(
      { nearDeg: 41, offDeg: 41, apexRadiusMm: 44, bowMm: 0, depthMm: 185 },
      {
        baseOpensDeg: 2,
        rearOpensDeg: 6,
        weakOffDeg: 0,
        lowMm: 205,
        lastRibMm: 390,
        witherMm: 16,
        dipMm: 2,
        croupMm: -6,
        scapulaTravelMm: 36,
        grooveMm: 130,
        spineMm: 48,
        muscleMm: 180,
      },
    ),
  },
];
