import { lengthWords, personUnit } from './person-unit';
/** What the screens of this part say. */
export const LANDMARKS_PHRASES = {
  get widthFromEdge() {
    return `Width from edge to edge, ${personUnit.now()}`;
  },
  mmAcross: (atMm: number): string => `${lengthWords(atMm)} across`,
  whereToPut: 'Where to put the hand',
  get placeAlongThe() {
    return `Place along the back, ${personUnit.now()} behind the zero mark`;
  },
  mm: (atMm: number, rest: string): string => `${lengthWords(atMm)}${rest}`,
  whatFollows: 'What follows',
  notKnownYet: 'not known yet',
  scapulaTravel: (side: string, rest: string): string => `Scapula travel ${side}: ${rest}`,
  scapulaToLast: (rest: string): string => `Scapula to last rib: ${rest}`,
  alongTheBack: 'Along the back',
  acrossTheBack: 'Across the back',
  notMarked: 'not marked',
  findAndMark: 'Find and mark the landmarks',
  keepThisInstead: 'Keep this instead',
  keepAndThe: 'Keep, and the next',
  keepByEye: 'By eye only, and the next',
  theNext: 'The next',
  foundAgain: 'Found again, beside it',
  byEye: 'by eye',
  timesWithin: (times: number, spread: string): string => `${times} times within ${spread}`,
  goOn: 'Go on',
  get widthMm() {
    return `Width, ${personUnit.now()}`;
  },
  get fromTheZero() {
    return `From the zero mark, ${personUnit.now()}`;
  },
  get mmAcross2() {
    return `${personUnit.now()} across`;
  },
  get mmAheadOf() {
    return `${personUnit.now()}, ahead of the mark`;
  },
  get mmBehindThe() {
    return `${personUnit.now()} behind the mark`;
  },
  aheadOrBehind: 'Ahead or behind',
  commonMistake: (mistake: string): string => `Common mistake: ${mistake}`,
} as const;
