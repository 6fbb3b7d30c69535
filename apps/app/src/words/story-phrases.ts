import { lengthWords } from './person-unit';
import { type ChainMove, type ForecastHeld, type StrapId } from '@fulcra/core';
import { changeWords, dayWords } from './measure-words';
import { strapsWords } from './setup-words';

/** What a horse's history says. */
export const STORY_PHRASES = {
  story: 'History',
  storyOf: (name: string): string => `History of ${name}`,
  print: 'Print',
  nothing: 'Nothing has happened yet',
  nothingText: 'Visits, outlines, decisions, tack and what its owner says stand here one after the other.',
  outline: (on: string, before: string | null): string => `Front of ${on}${before === null ? '' : `, the one of ${before} thin beneath`}`,
  by: (fitter: string): string => `by ${fitter}`,
  saddle: (name: string): string => `Saddle: ${name}`,
  weighs: (kg: number): string => `${Math.round(kg)} kg`,
  work: (work: string): string => `work: ${work}`,
  improving: 'It improves: withers up, front not lifted, straps not forward.',
  withers: (mm: number): string => `withers ${lengthWords(changeWords(mm, 0))}`,
  front: (mm: number): string => `front ${lengthWords(changeWords(mm, 1))}`,
  strapsMoved: (places: number): string =>
    places === 0 ? 'straps as they were' : `straps ${Math.abs(places)} ${places > 0 ? 'back' : 'forward'}`,
  straps: (straps: readonly StrapId[]): string => `straps ${strapsWords(straps)}`,
  since: 'Since the visit before: ',
  nothingToCompare: 'withers, front and straps were not measured at both visits',
  openVisit: 'Open this visit',
  ownerSaid: (name: string): string => `${name}, the owner: `,
  tackFound: (item: string): string => `${item}: `,
  back: 'Back',
} as const;

/** Withers, front and straps from one visit to the next. */
export function moveWords({ witherMm, frontMm, strapsBack }: ChainMove): string {
  const parts = [
    witherMm === null ? null : STORY_PHRASES.withers(witherMm),
    frontMm === null ? null : STORY_PHRASES.front(frontMm),
    strapsBack === null ? null : STORY_PHRASES.strapsMoved(strapsBack),
  ].filter((p) => p !== null);
  return `${STORY_PHRASES.since}${parts.length === 0 ? STORY_PHRASES.nothingToCompare : parts.join(', ')}.`;
}

/** What was foretold of the present tree's front, and what came. */
export const foretoldWords = ({ dates, expected, least, most, came, held }: ForecastHeld): string =>
  `Foretold from ${dates} dates: ${lengthWords(expected.toFixed(1))} tip minus top (${least.toFixed(1)} to ${most.toFixed(1)}); came ${lengthWords(came.toFixed(1))}: ${held ? 'as foretold' : 'not as foretold'}.`;

export const onDay = (on: string): string => dayWords(on);
