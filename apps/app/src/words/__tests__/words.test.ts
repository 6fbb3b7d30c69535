import { STOCK_LENGTH_LIMITS, UNEVEN_LIMITS } from '@fulcra/contract';
import {
  ASSUMED_SPREAD,
  LEAST_DISTANCE_MM,
  MEASURING_ERRORS,
  VISIT_INTERVAL_DAYS,
  CROWN_RADIUS_MM,
  DEFAULT_CHANNEL_MM,
  PROBLEMS,
  judgeFront,
  layArch,
  prepareSection,
  problem,
  schoolById,
  sectionFromPoints,
  MM_PER_FINGER,
} from '@fulcra/core';
import { FRONT_PHRASES } from '../front-phrases';
import { PRACTICE_PHRASES } from '../practice-phrases';
import { RIDERS_PHRASES } from '../riders-phrases';
import { REMEDY_WORDS } from '../shape-words';
import { SIDE_PHOTO_PHRASES } from '../side-photo-phrases';
import { ageWords, dayWords, fingersWords, heightWords, spanWords } from '../measure-words';
import { problemWords } from '../problem-words';
import { flipWords, headlineWords, reasonWords, recordWords, remedyWords, verdictSentence } from '../verdict-words';

const wedge = Array.from({ length: 81 }, (_, i) => ({ yMm: -200 + 5 * i, zMm: -Math.abs(-200 + 5 * i) * 1.02 }));

function verdictAt(includedAngleDeg: number) {
  const section = sectionFromPoints(wedge);
  if (!section.ok) throw new Error('refused');
  const arch = { shape: 'peaked' as const, crownRadiusMm: CROWN_RADIUS_MM.peaked, includedAngleDeg, pointLengthMm: 170 };
  const laid = layArch(prepareSection(section.value.section), arch, {
    panelDepthMm: 38,
    padMm: 0,
    panelFromSpineMm: DEFAULT_CHANNEL_MM / 2,
    sinkMm: 0,
    sinkHalfMm: 0,
    sinkFrom: 'saddle',
  });
  if (!laid.ok) throw new Error('refused');
  return judgeFront(laid.value, schoolById('static-close'), 45);
}

/** Values that aren't numbers. */
const SAID: Readonly<Record<string, string>> = { side: 'near', landmark: 'lastRib', other: 'lowPoint', station: 'low', kind: 'drops' };

describe('words', () => {
  it.each([
    [99, /^Too wide by \w+ sizes?\.$/, /closer at the top than at the points, so the front will drop/],
    [80, /^Too narrow by \w+ sizes?\.$/, /closer at the points than at the top/],
    [89, /^It lies even/, /counts as even/],
  ])('%d deg is told in one plain sentence with its reason', (deg, headline, sentence) => {
    const verdict = verdictAt(deg);
    expect(headlineWords(verdict)).toMatch(headline);
    expect(verdictSentence(verdict, MM_PER_FINGER)).toMatch(sentence);
  });

  it('offers the lift as the other way out of a wide front', () => {
    expect(verdictSentence(verdictAt(99), MM_PER_FINGER)).toMatch(/Try \w+ sizes? narrower \([\d.]+°\)\. Or lift the front \d+ mm\.$/);
  });

  it('everything a verdict holds has words, with numbers in them and nothing undefined', () => {
    for (const deg of [70, 80, 85, 89, 93, 99, 110]) {
      const verdict = verdictAt(deg);
      const all = [
        ...verdict.reasons.map((r) => reasonWords(r, MM_PER_FINGER)),
        ...verdict.remedies.map(remedyWords),
        ...verdict.flips.map(flipWords),
        recordWords(verdict, MM_PER_FINGER),
      ];
      for (const text of all) expect(text).not.toMatch(/undefined|NaN|null/);
    }
  });

  it.each(Object.keys(PROBLEMS) as (keyof typeof PROBLEMS)[])('%s names its values', (code) => {
    const values = Object.fromEntries(Object.keys(PROBLEMS[code]).map((field) => [field, SAID[field] ?? 77]));
    const text = problemWords(problem(code, values as never));
    expect(text).not.toMatch(/undefined|NaN/);
    expect(text).toMatch(/77|near|drops/);
  });

  it.each([
    [36, '2 fingers'],
    [47, '2½ fingers'],
    [18, '1 finger'],
    [9, '½ finger'],
    [2, 'no finger'],
  ])('%d mm is %s', (mm, words) => {
    expect(fingersWords(mm, MM_PER_FINGER)).toBe(words);
  });

  it.each([
    [365 * 86_400_000, '1 year'],
    [-3 * 86_400_000, '3 days'],
    [5 * 3_600_000, '5 hours'],
    [-120_000, '2 minutes'],
  ])('a span of %d ms is %s, whichever way', (span, words) => expect(spanWords(span)).toBe(words));

  it('ages, heights and days', () => {
    const now = new Date('2026-11-23T00:00:00Z');
    expect([ageWords(2017, now), ageWords(2026, now), ageWords(null, now)]).toEqual(['9 y', 'foal', null]);
    expect(heightWords(1701.8)).toBe('16.3 hh (170 cm)');
    expect(dayWords('2026-06-02')).toBe('2 Jun 2026');
  });
});

describe('numbers of the trade in sentences', () => {
  it('are read from where they stand', () => {
    const weeks = Object.entries(VISIT_INTERVAL_DAYS).flatMap(([reason, days]) => (reason === 'settledAdult' ? [] : [days / 7]));
    expect(PRACTICE_PHRASES.visitDaysNote).toContain(`default: ${Math.min(...weeks)} to ${Math.max(...weeks)} weeks,`);
    expect(REMEDY_WORDS.lookAgainSoon).toBe(`look again in ${VISIT_INTERVAL_DAYS.returning / 7} weeks`);
    expect(SIDE_PHOTO_PHRASES.tooNear).toContain(`nearer than ${LEAST_DISTANCE_MM / 1000} m:`);
    expect(FRONT_PHRASES.withOneTake).toContain(`${ASSUMED_SPREAD.sideAngleDeg}° and ${ASSUMED_SPREAD.halfWidthMm} mm a side`);
    expect(FRONT_PHRASES.asLast).toContain(`errs ${MEASURING_ERRORS.byEyeTimes} times`);
    expect(RIDERS_PHRASES.unevenNeeds).toContain(
      `at most ${UNEVEN_LIMITS.mostMm} mm, a name and a reason of ${UNEVEN_LIMITS.leastReason} letters`,
    );
    expect(PRACTICE_PHRASES.lengthsBad).toContain(`between ${STOCK_LENGTH_LIMITS.leastMm} and ${STOCK_LENGTH_LIMITS.mostMm} mm`);
  });
});
