import { type BuiltInSchoolId, type Need, type School, isOwnSchool } from '@fulcra/core';
import { fingersWords } from './measure-words';

/** Each school in a sentence, in its own numbers. */
const SCHOOL_WORDS: Readonly<Record<BuiltInSchoolId, (school: School, fingerMm: number) => string>> = {
  'static-close': () => 'Fit the horse as it stands, close and even.',
  'shoulder-line': ({ rules }, fingerMm) =>
    `The front follows the shoulder blade, with ${fingersWords(rules.withersOver.least, fingerMm)} of room over the withers.`,
  'room-to-move': ({ front }) =>
    `${front.widthsOver === 1 ? 'One width' : `${front.widthsOver} widths`} over the even one, lifted with shims, so that the shoulder has room.`,
  'panel-first': ({ front }) => `The panel makes the fit; the tree lies within a band of ${front.bandDeg}° round it.`,
  western: () => 'Bars along the shoulder, felt under them.',
};

export const schoolWords = (school: School, fingerMm: number): string =>
  isOwnSchool(school.id) ? `The practice’s own, version ${school.version}.` : SCHOOL_WORDS[school.id](school, fingerMm);

const NEED_WORDS: Readonly<Record<Need, string>> = {
  frontSection: 'the front section',
  shoulderLine: 'the slope of the shoulder blade',
  scapulaAtRest: 'the scapula at rest',
  scapulaTravel: 'the scapula drawn forward',
  saddlePosition: 'where the saddle comes to lie',
  wholeBack: 'sections along the whole back',
  lastRib: 'the last rib',
  spineLigament: 'the edge of the spinal ligament',
  girthGroove: 'the girth groove',
  longMuscle: 'the edge of the long back muscle',
  bars: 'the bars of the tree',
  topline: 'the topline',
  lowPoint: 'the low point',
};

/** "the last rib, the girth groove". */
export const needsWords = (needs: readonly Need[]): string => needs.map((n) => NEED_WORDS[n]).join(', ');
