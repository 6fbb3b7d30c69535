import { type HorseWrite } from '@fulcra/contract';
import { mmFromHands } from '@fulcra/core';
import { type BackTruth } from './front-section-generator';

export interface DemoAnimal {
  readonly number: number;
  readonly horse: HorseWrite;
  readonly truth: BackTruth;
}

const hands = (value: number): number => mmFromHands(value)!;

/**
 * The eight animals of the Carrow Skerries pack-and-trek co-operative, an island that isn't on any chart.
 * Each back is true to its own numbers, so a test can ask whether the engine finds them again.
 */
export const DEMO_ANIMALS: readonly DemoAnimal[] = [
  {
    number: 1,
    horse: {
      name: 'Bramble',
      kind: 'cob mare',
      bornYear: 2015,
      heightMm: hands(14.1),
      note: 'Flat withers; carries peat and visitors alike.',
    },
    truth: { nearDeg: 52, offDeg: 52, apexRadiusMm: 78, bowMm: 1, depthMm: 190 },
  },
  {
    number: 2,
    horse: { name: 'Old Hob', kind: 'cob gelding', bornYear: 2005, heightMm: hands(15), note: 'Semi-retired; led rides only.' },
    truth: { nearDeg: 47.5, offDeg: 47.5, apexRadiusMm: 62, bowMm: 1, depthMm: 190 },
  },
  {
    number: 3,
    horse: {
      name: 'Marl',
      kind: 'tall heavy cross',
      bornYear: 2017,
      heightMm: hands(16.3),
      note: 'Big shoulder; fuller on the near side. Ridden by Tamsin Oake.',
    },
    truth: { nearDeg: 47.5, offDeg: 45, apexRadiusMm: 50, bowMm: 1, depthMm: 210 },
  },
  {
    number: 4,
    horse: {
      name: "Juno's Ledger",
      kind: 'endurance type',
      bornYear: 2014,
      heightMm: hands(15.1),
      note: 'Fit and fine; 80 km rides in summer with Wren Hollin up.',
    },
    truth: { nearDeg: 39, offDeg: 39, apexRadiusMm: 28, bowMm: 0, depthMm: 200 },
  },
  {
    number: 5,
    horse: { name: 'Pipit', kind: 'island pony', bornYear: 2020, heightMm: hands(12.2), note: 'Short back; still filling out.' },
    truth: { nearDeg: 48.5, offDeg: 48.5, apexRadiusMm: 55, bowMm: 1, depthMm: 170 },
  },
  {
    number: 6,
    horse: {
      name: 'Thistledown',
      kind: 'youngster, just backed',
      bornYear: 2023,
      heightMm: hands(15),
      note: 'Backed this spring. Will change.',
    },
    truth: { nearDeg: 42, offDeg: 42, apexRadiusMm: 38, bowMm: 0, depthMm: 195 },
  },
  {
    number: 7,
    horse: {
      name: 'Corrie',
      kind: 'older gelding',
      bornYear: 2006,
      heightMm: hands(15.3),
      note: 'Weak on the off side since his winter off.',
    },
    truth: { nearDeg: 43, offDeg: 39, apexRadiusMm: 32, bowMm: 0, depthMm: 200 },
  },
  {
    number: 8,
    horse: { name: 'Tarn', kind: 'mule', bornYear: 2011, heightMm: hands(14.2), note: 'Narrow in front, straight in the shoulder.' },
    truth: { nearDeg: 41, offDeg: 41, apexRadiusMm: 44, bowMm: 0, depthMm: 185 },
  },
];
