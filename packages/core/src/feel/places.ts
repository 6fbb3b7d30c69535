import { type NearOff } from '../units';

/** Where the hand goes before anything is put on. */
export const FEEL_PLACES = [
  'behindScapula',
  'witherBase',
  'longMuscleFront',
  'longMuscleMiddle',
  'underRear',
  'loin',
  'girth',
  'sternum',
] as const;
export type FeelPlace = (typeof FEEL_PLACES)[number];

export const REACTIONS = ['none', 'flinch', 'dip', 'guard', 'aggression'] as const;
export type Reaction = (typeof REACTIONS)[number];

export const SKIN_SIGNS = ['swelling', 'heat', 'openSkin', 'scar', 'whiteHair', 'rub', 'dryPatch', 'ruffled'] as const;
export type SkinSign = (typeof SKIN_SIGNS)[number];

/** Three passes of a flat hand; each only where the last had no reaction. Forces: trade rule; the light one is a default. */
export const PASSES = [
  { id: 'light', leastN: 5, mostN: 15 },
  { id: 'medium', leastN: 40, mostN: 50 },
  { id: 'firm', leastN: 70, mostN: 90 },
] as const;
export type PassId = (typeof PASSES)[number]['id'];
export const PASS_IDS = ['light', 'medium', 'firm'] as const;

export interface FeltSpot {
  readonly place: FeelPlace;
  readonly side: NearOff;
}

/** One pass over one or more spots, with what it brought. Nothing there is a finding too. */
export interface Feeling {
  readonly id: string;
  readonly spots: readonly FeltSpot[];
  readonly pass: PassId;
  readonly reaction: Reaction;
  readonly signs: readonly SkinSign[];
}
