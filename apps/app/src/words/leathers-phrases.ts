import { HANG_LIMITS_MM } from '@fulcra/contract';
import { lengthNumber, lengthWords, personUnit } from './person-unit';
import { type LeatherKind, type LeatherWay } from '@fulcra/core';

export const KIND_WORDS: Readonly<Record<LeatherKind, string>> = {
  looped: 'doubled',
  single: 'single strap',
  westernLooped: 'western, doubled',
};
export const WAY_WORDS: Readonly<Record<LeatherWay, string>> = { hang: 'hung up', foldUp: 'folded up' };

/** What the screens of the leathers say. */
export const LEATHERS_PHRASES = {
  leathers: 'Leathers',
  pairsOf: 'Pairs of stirrup leathers with their irons, and how they hang',
  addAPair: 'Add a pair',
  noPairYet: 'No pair yet',
  noPairText: 'Add one: kind, spacing and number of holes, then hang it up once.',
  aPair: 'A pair of leathers',
  thisPairIs: 'This pair is not here',
  mayHave: 'It may not have been sent from the other device yet.',
  toThePairs: 'To the leathers',
  name: 'Name',
  kind: 'Kind',
  get spacing() {
    return `Hole spacing, ${personUnit.now()}`;
  },
  holes: 'Number of holes',
  firstHole: 'Number at the shortest hole',
  newOn: 'New since (year-month-day)',
  get eyeToTread() {
    return `Iron, eye to tread, ${personUnit.now()}`;
  },
  get ironWidth() {
    return `Iron, inner width, ${personUnit.now()}`;
  },
  rider: 'Rider',
  saddle: 'Saddle',
  nobodys: 'nobody’s',
  onNone: 'none',
  note: 'Note',
  keepPair: 'Keep this pair',
  keepChanges: 'Keep the changes',
  change: 'Change',
  line: (kind: string, holes: number, spacing: number): string => `${kind}, ${holes} holes ${lengthWords(spacing)} apart`,
  neverMeasured: 'never measured',
  lastMeasured: (day: string): string => `measured ${day}`,
  evenBy: (mm: number): string =>
    Math.abs(mm) < 0.5 ? 'both sides alike' : `off ${lengthWords(Math.abs(Math.round(mm)))} ${mm > 0 ? 'longer' : 'shorter'}`,
  age: (years: string): string => `${years} old`,
  held: 'Held as unsafe: nobody rides in them until a named person says they are mended.',
  measure: 'Measure the pair',
  wayHang: 'Hang both over a bar with the same pull in the irons (50 N is about 5 kg); from the bar to the tread.',
  wayFold: 'Lay near and off beside each other in the same hole, folded up: only the difference counts.',
  hole: 'Hole, counted from the shortest',
  get nearHang() {
    return `Near hangs, ${personUnit.now()}`;
  },
  get offHang() {
    return `Off hangs, ${personUnit.now()}`;
  },
  offHole: 'Off hole',
  nearHole: 'Near hole',
  secondHole: 'Near again in hole',
  get secondHang() {
    return `There it hangs, ${personUnit.now()}`;
  },
  withSecond: 'Near in another hole too: then a hole is measured',
  get offLonger() {
    return `Off longer by, ${personUnit.now()}`;
  },
  keepTake: 'Keep this measuring',
  takeKept: 'Measuring kept.',
  history: 'Measured',
  noHistory: 'Not measured yet: without a hang there are lengths, and no holes.',
  takeLine: (way: string, nearHole: number, nearMm: number, offHole: number, offMm: number): string =>
    `${way}: near ${lengthWords(nearMm)} in hole ${nearHole}, off ${lengthWords(offMm)} in hole ${offHole}`,
  perHole: (mm: number, measured: boolean): string => `one hole ${lengthWords(mm.toFixed(1))} ${measured ? 'as measured' : 'by the rule'}`,
  stretched: (near: number, off: number): string =>
    `since the first: near ${near >= 0 ? '+' : '−'}${lengthWords(Math.abs(Math.round(near)))}, off ${off >= 0 ? '+' : '−'}${lengthWords(Math.abs(Math.round(off)))}`,
  drawing: (near: number, off: number): string => `Near hangs ${lengthWords(Math.round(near))}, off ${lengthWords(Math.round(off))}`,
  nearShort: 'near',
  offShort: 'off',
  differ: (mm: number): string => `${lengthWords(Math.abs(Math.round(mm)))}`,
  withdraw: 'Withdraw',
  bringBack: 'Bring back',
  withdrawn: 'withdrawn',
  by: (day: string, hand: string): string => `${day}, by ${hand}`,
  needsName: 'A pair needs a name.',
  needsLength: (least: number, most: number): string => `A length from ${lengthNumber(least)} to ${lengthWords(most)}.`,
  needsNumber: (least: number, most: number): string => `A number from ${least} to ${most}.`,
  needsDay: 'A day as 2024-03-01, or nothing.',
  get needsTake() {
    return `Both hangs lie between ${lengthNumber(HANG_LIMITS_MM.least)} and ${lengthWords(HANG_LIMITS_MM.most)}, and holes on the strap.`;
  },
  oneHole: 'A leather with one hole has one length: nothing can be evened by holes.',
} as const;
