import { type FaultId, type RemedyId, type TraitId, type TraitSource, type TraitValue, VISIT_INTERVAL_DAYS } from '@fulcra/core';

export const TRAIT_WORDS: Readonly<Record<TraitId, string>> = {
  withers: 'Withers',
  back: 'Back',
  slope: 'Croup against withers',
  shoulder: 'Shoulder',
  shoulderSize: 'Shoulders, near and off',
  length: 'Length of the back',
  groove: 'Girth groove',
  ribs: 'Ribs',
  muscle: 'Muscle under the panel',
  hollow: 'Hollow behind the shoulder',
  widening: 'From front to rear',
  spine: 'Spine',
  stance: 'Stance behind',
};

export const TRAIT_VALUE_WORDS: Readonly<Record<TraitValue, string>> = {
  ordinary: 'ordinary',
  flat: 'flat',
  high: 'high',
  gentleDip: 'gentle dip',
  deepDip: 'deep dip',
  roached: 'roached',
  level: 'level',
  uphill: 'uphill',
  downhill: 'downhill',
  sloping: 'sloping',
  upright: 'upright',
  loaded: 'loaded',
  even: 'even',
  biggerNear: 'bigger near',
  biggerOff: 'bigger off',
  medium: 'medium',
  short: 'short',
  long: 'long',
  inLine: 'in line',
  forward: 'forward',
  back: 'back',
  slab: 'slab',
  round: 'round',
  weakNear: 'weak near',
  weakOff: 'weak off',
  none: 'none',
  near: 'near',
  off: 'off',
  both: 'both',
  towardRear: 'wider behind',
  towardFront: 'wider in front',
  bare: 'bare',
  broad: 'broad',
  square: 'square',
  uneven: 'uneven',
};

const MEASURES: Readonly<Record<string, string>> = {
  witherOverLow: 'withers over the low point',
  dip: 'depth under the chord, front to last rib',
  croupOverWither: 'croup over the withers',
  offMinusNearAtFront: 'off minus near angle at the front',
  offMinusNearBehind: 'off minus near angle behind the withers',
  narrowerAtBase: 'narrower at the base than in front',
  rearMinusFront: 'angle at the rear minus in front',
  backLength: 'scapula to last rib',
  spineEdges: 'spine and ligament, edge to edge',
  grooveBehindFront: 'groove behind the front section',
};

export const sourceWords = (source: TraitSource): string =>
  source.from === 'chosen'
    ? 'chosen by eye'
    : `${MEASURES[source.measure] ?? source.measure}: ${source.value.toFixed(source.unit === 'deg' ? 1 : 0)} ${source.unit === 'deg' ? '°' : source.unit}`;

export const FAULT_WORDS: Readonly<Record<FaultId, string>> = {
  forward: 'It will want to go forward',
  back: 'It will want to go back',
  toNear: 'It will want to go to the near side',
  toOff: 'It will want to go to the off side',
  roll: 'It will want to roll',
  bridge: 'It will bridge',
  rock: 'It will rock',
  dropInFront: 'It will drop in front',
  overrun: 'A usual panel is too long',
  pressOnSpine: 'The channel will press on the spine',
};

export const REMEDY_WORDS: Readonly<Record<RemedyId, string>> = {
  pointStrap: 'girth on the point strap',
  rearStraps: 'girth on the rear pair of straps',
  forwardGirth: 'a girth cut forward',
  straightTree: 'a tree with straighter rails',
  lessRearLift: 'less lift at the rear',
  liftFront: 'lift the front',
  hoopedBroadTree: 'a broad, round front arch',
  broadPanel: 'a broader, flatter panel',
  flockWeakSide: 'flock up the weak side',
  shimWeakSide: 'a shim on the weak side',
  bridgingPad: 'a bridging pad for the gap',
  curvedTree: 'a tree with more curve',
  flatTree: 'a flatter tree',
  fillHollow: 'fill the hollow with a thin shim',
  freeShoulder: 'points further from the blade',
  shortPanel: 'a shorter panel',
  broadChannel: 'a broader channel',
  liftAndPad: 'lift and a soft pad',
  lookAtRider: 'look at the rider’s seat too',
  lookAgainSoon: `look again in ${VISIT_INTERVAL_DAYS.returning / 7} weeks`,
};
