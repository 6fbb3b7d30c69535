import { lengthWords } from './person-unit';
import { type CriterionId, GRAVITY_N_PER_KG, PEAK_OVER_MM2 } from '@fulcra/core';
import { type CriterionWords } from './criterion-words-of';

/** An example to hold a push against. */
const RIDER_ASIDE = { massKg: 80, offsetMm: 50 } as const;
const asideNm = ({ massKg, offsetMm }: typeof RIDER_ASIDE): string => ((massKg * GRAVITY_N_PER_KG * offsetMm) / 1000).toFixed(0);

/** How far it goes from one stride to the next, in one gait. */
const creeps = (name: string): CriterionWords => ({
  name,
  low: '',
  high: 'It works along or across the back, stride by stride',
  raise: '',
  lower: 'Look which way it goes: girth and groove, the slope of the back, then its match.',
  on: 'side',
  how: ({ engine: { creepMm, stays } }) =>
    `How far it moves from the second stride to the third, at the same instant: under ${lengthWords(creepMm.stays)} it stays, to ${lengthWords(creepMm.runs)} it works, past that it runs; ${lengthWords(stays.levelMm)} stands for an instant at which it found no rest (defaults).`,
});

type RiddenId =
  'rollShape' | 'rollPush' | 'rollLetsGo' | 'yawPush' | Extract<CriterionId, `creep${string}`> | 'peakRatioRidden' | 'withersRidden';

/** What only strides and pushes answer. */
export const RIDDEN_WORDS: Readonly<Record<RiddenId, CriterionWords>> = {
  rollShape: {
    name: 'Hard to roll, by its shape',
    low: 'By its shape alone it rolls easily on this back',
    high: '',
    raise: 'A panel that reaches further down the flanks, or a narrower arch.',
    lower: '',
    on: 'section',
    how: ({ engine: { pushes } }) =>
      `A push of ${pushes.shapeNm} Nm to either side with friction off, free to sway; the smaller of both. A round barrel under a broad arch has almost none.`,
  },
  rollPush: {
    name: 'Hard to roll, by hand',
    low: 'It gives easily when pushed to a side',
    high: '',
    raise: 'A rounder match of panel and back; level it first.',
    lower: '',
    on: 'section',
    how: ({ engine: { pushes } }) =>
      `Pushed with ${pushes.handNm} Nm to either side from where it rests, friction and all; the smaller of both.`,
  },
  rollLetsGo: {
    name: 'Lets go when pushed',
    low: 'It lets go under a rider half a hand to one side',
    high: '',
    raise: 'A panel that reaches further down the flanks, more friction under it, or level it first.',
    lower: '',
    on: 'section',
    how: ({ engine: { pushes } }) =>
      `The moment at which it no longer stays, tried up to ${pushes.mostNm} Nm. A rider of ${RIDER_ASIDE.massKg} kg ${lengthWords(RIDER_ASIDE.offsetMm)} to one side makes ${asideNm(RIDER_ASIDE)}.`,
  },
  yawPush: {
    name: 'Hard to twist, by hand',
    low: 'It twists easily on the back',
    high: '',
    raise: 'More length of even contact.',
    lower: '',
    on: 'top',
    how: ({ engine: { pushes } }) => `Twisted with ${pushes.handNm} Nm either way from where it rests; the smaller of both.`,
  },
  creepWalk: creeps('Stays in walk'),
  creepTrot: creeps('Stays in trot, sitting'),
  creepCanter: creeps('Stays in canter, both leads'),
  peakRatioRidden: {
    name: 'Peak in walk and trot, against an exact fit',
    low: '',
    high: 'In motion it presses harder than an exact fit would',
    raise: '',
    lower: 'Play the stride and look where and when it is darkest.',
    on: 'top',
    how: `The hardest instant of walk and sitting trot: mean over a disc of ${PEAK_OVER_MM2 / 100} cm² as a multiple of what an exact fit reads at the same instant under the same load.`,
  },
  withersRidden: {
    name: 'Room over the withers, ridden',
    low: 'In motion it comes down toward the withers',
    high: '',
    raise: 'Narrower, a deeper front panel, or shims in front.',
    lower: '',
    on: 'section',
    how: 'The least room over the withers of all instants gone through.',
  },
};
