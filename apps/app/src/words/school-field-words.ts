import { type CriterionId, CRITERIA } from '@fulcra/core';
import { SIT_WORDS } from './criterion-words';

const ENDS: Readonly<Record<string, string>> = {
  least: 'at least',
  most: 'at most',
  scale: 'how far outside still only asks for a look',
  weight: 'weight in the score',
  hardStop: 'what it does where it is missed',
};

/** "landmarkMm" -> "landmark". */
const split = (key: string): string =>
  key
    .replace(/(KPaPerMm|NmPerDeg|KPa|Mm|Deg|Nm|Kg|N)$/, '')
    .replace(/([a-z])([A-Z])/g, '$1 $2')
    .toLowerCase();

/** Names that the key alone doesn't make plain. */
const NAMES: Readonly<Record<string, string>> = {
  'front.follows': 'what the front follows',
  'front.stationMm': 'where behind the scapula the front is read',
  'front.widthsOver': 'widths over the even one',
  'front.bandDeg': 'angle that counts as the same, either way',
  'front.widthStepDeg': 'one width, included angle',
  'front.padMm': 'pad counted under the front',
  'front.sinkMm': 'how far a front comes down under load',
  'front.sinkHalfMm': 'how far off that may be, nine times in ten',
  'errors.placeMm': 'where the saddle is put down',
  'errors.edgeMm': 'edges of spine and long muscle',
  'engine.friction': 'friction of leather on hair',
  'engine.hardeningMm': 'squeeze at which a layer is twice as stiff',
  'engine.strapPullN': 'pull of one girth strap',
};

/** What a number of a school is called. */
export function fieldName(path: string): string {
  const known = NAMES[path];
  if (known !== undefined) return known;
  const [part, ...keys] = path.split('.');
  if (part === 'rules' && keys.length === 2 && keys[0]! in CRITERIA)
    return `${SIT_WORDS[keys[0] as CriterionId].name}: ${ENDS[keys[1]!] ?? split(keys[1]!)}`;
  return keys
    .map(split)
    .filter((k) => k !== '')
    .join(', ');
}

const FOLLOWS: Readonly<Record<string, string>> = {
  frontSection: 'the front section as it was taken',
  shoulderLine: 'the slope of the shoulder blade',
  barsAlongShoulder: 'bars along the shoulder',
};
const STOPS: Readonly<Record<string, string>> = {
  never: 'warns only',
  least: 'refuses the saddle below its least',
  most: 'refuses the saddle above its most',
};

/** What one of a school's choices says. */
export const choiceWords = (path: string, value: string): string => (path === 'front.follows' ? FOLLOWS[value] : STOPS[value]) ?? value;
