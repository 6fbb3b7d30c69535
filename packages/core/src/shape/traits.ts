/** How a horse is built, in the few classes that predict what a saddle will do on it. The first of each is the unremarkable one. */
export const TRAITS = {
  withers: ['ordinary', 'flat', 'high'],
  back: ['gentleDip', 'flat', 'deepDip', 'roached'],
  slope: ['level', 'uphill', 'downhill'],
  shoulder: ['sloping', 'upright', 'loaded'],
  shoulderSize: ['even', 'biggerNear', 'biggerOff'],
  length: ['medium', 'short', 'long'],
  groove: ['inLine', 'forward', 'back'],
  ribs: ['ordinary', 'slab', 'round'],
  muscle: ['even', 'weakNear', 'weakOff'],
  hollow: ['none', 'near', 'off', 'both'],
  widening: ['even', 'towardRear', 'towardFront'],
  spine: ['ordinary', 'bare', 'broad'],
  stance: ['square', 'uneven'],
} as const;
export type TraitId = keyof typeof TRAITS;
export const TRAIT_IDS = Object.keys(TRAITS) as TraitId[];
export type TraitValue = (typeof TRAITS)[TraitId][number];
export const TRAIT_VALUES = [...new Set(Object.values(TRAITS).flat())] as [TraitValue, ...TraitValue[]];

/** What a trait was read from: a measure with its number, or a person's choice. */
export type TraitSource =
  | { readonly from: 'measured'; readonly measure: string; readonly value: number; readonly unit: 'mm' | 'deg' | 'percent' }
  | { readonly from: 'chosen'; readonly factId: string };

export interface Trait {
  readonly trait: TraitId;
  readonly value: TraitValue;
  readonly source: TraitSource;
}
