import { STOCK_LENGTH_LIMITS } from '@fulcra/contract';
import { type BandSet, VISIT_INTERVAL_DAYS } from '@fulcra/core';
import { lengthNumber, lengthWords, personUnit } from './person-unit';
import { countWords } from './measure-words';

const { settledAdult: _, ...OTHERS } = VISIT_INTERVAL_DAYS;
const [SOONEST_WEEKS, LATEST_WEEKS] = [Math.min(...Object.values(OTHERS)) / 7, Math.max(...Object.values(OTHERS)) / 7];

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
  get lengths() {
    return `Lengths leathers are bought in, ${personUnit.now()}`;
  },
  looped: 'Doubled: the whole strap',
  single: 'Single: hang in the middle hole, without iron',
  lengthsHint: 'Numbers with commas between.',
  get lengthsBad() {
    return `Lengths lie between ${lengthNumber(STOCK_LENGTH_LIMITS.leastMm)} and ${lengthWords(STOCK_LENGTH_LIMITS.mostMm)}, at least one and at most ${STOCK_LENGTH_LIMITS.mostOfThem}.`;
  },
  keepLengths: 'Keep these lengths',
  weight: 'Rider and tack over the horse’s weight, %',
  weightNote: 'note',
  weightCaution: 'caution',
  weightProfessional: 'a professional’s word',
  source: (text: string): string => `Where the defaults come from: ${text}`,
  photoRoom: (used: string, quota: string): string => `Photos take ${used} of ${quota}.`,
  photoRoomNearlyFull: 'The room for photos is nearly full: put away those that show nothing any more.',
  curve: 'Curve sensor',
  curveAddress: 'Where it is',
  curveHint: 'ws://192.168.4.1:8080, as the device says; empty for none',
  curveUnknown: 'An address begins with ws:// or wss://, and has no spaces.',
  curveNeedsSecure:
    'This page came over https: from here a browser hears only wss://, or ws:// on the very device (a bridge on it; see the documents).',
  keepCurve: 'Keep this address',
  beginAnew: 'Begin the demo anew',
  beginAnewMeans:
    'Everything that was entered here goes, on every device, and the demo stands as at its beginning. That can’t be taken back.',
  beginAnewWaits: (count: number): string => `${countWords(count, 'entry', 'entries')} not sent yet: send them or let them go first.`,
  beginAnewFailed: 'It was not begun anew: nothing came back from Fulcra. Try again with signal.',
  beginAnewDo: (going: boolean): string => (going ? 'Beginning …' : 'Begin anew'),
  leaveIt: 'Leave it as it is',
  defaults: 'All back to the defaults',
  defaultsBack: 'Defaults are back.',
  visitDays: 'Days to the next visit',
  visitDaysNote: `Usual practice, default: ${SOONEST_WEEKS} to ${LATEST_WEEKS} weeks, half a year for a settled adult. The forecast can bring a horse sooner.`,
  tackDays: 'How long a look at tack lasts',
  tackDaysNote: 'After that it says since when nobody looked. That is a notice, never a hold (defaults).',
  ownerLook: 'An owner’s look',
  fitterWalk: 'A fitter’s walk',
  days: 'days',
  zone: 'Time zone',
  zoneHint: 'As Europe/London: the clock on your yards’ walls.',
  zoneUnknown: 'No clock is called that.',
  keepZone: 'Keep the zone',
} as const;
