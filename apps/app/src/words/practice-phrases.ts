import { type BandSet } from '@fulcra/core';

/** What the screen of the practice's own habits says. */
export const PRACTICE_PHRASES = {
  title: 'The practice',
  note: 'How you work with riders; every default here can be changed.',
  bandSet: 'Angles of the knee that count',
  set: { photo: 'as on a photo', spoken: 'as spoken in lessons' } satisfies Record<BandSet, string>,
  bandsOf: (set: string): string => `Bands ${set}, degrees`,
  spokenNote: 'As a side-view angle 145° and more puts the knee behind the bar: these are kept for talking, not for measuring.',
  least: (purpose: string): string => `${purpose}, least`,
  most: (purpose: string): string => `${purpose}, most`,
  from: 'from',
  to: 'to',
  lengths: 'Lengths leathers are bought in, mm',
  looped: 'Doubled: the whole strap',
  single: 'Single: hang in the middle hole, without iron',
  lengthsHint: 'Numbers with commas between.',
  lengthsBad: 'Lengths lie between 200 and 2500 mm, at least one and at most sixty.',
  keepLengths: 'Keep these lengths',
  weight: 'Rider and tack over the horse’s weight, %',
  weightNote: 'note',
  weightCaution: 'caution',
  weightProfessional: 'a professional’s word',
  source: (text: string): string => `Where the defaults come from: ${text}`,
  defaults: 'All back to the defaults',
  defaultsBack: 'Defaults are back.',
} as const;
