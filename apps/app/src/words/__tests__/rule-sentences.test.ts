import { CRITERIA, CRITERION_IDS, SCHOOLS, schoolById } from '@fulcra/core';
import { SIT_WORDS } from '../criterion-words';
import { ruleSentence, schoolSentences } from '../rule-sentences';

const RULE = { least: null, most: null, scale: 4, weight: 2, hardStop: 'never' } as const;

it.each([
  [{ ...RULE, least: 36, most: 54, hardStop: 'least' }, ': refuses below 36 mm, warns above 54 mm.'],
  [{ ...RULE, least: 36, most: 54, hardStop: 'most' }, ': warns below 36 mm, refuses above 54 mm.'],
  [{ ...RULE, least: 36 }, ': warns below 36 mm.'],
  [{ ...RULE, most: 54, hardStop: 'most' }, ': refuses above 54 mm.'],
] as const)('%j%s', (rule, says) => expect(ruleSentence('withersOver', rule)).toBe(`${SIT_WORDS.withersOver.name}${says}`));

it('what is so or not so is said without a number', () => {
  expect(ruleSentence('pointStrapUsed', { ...RULE, most: 0 })).toBe(`${SIT_WORDS.pointStrapUsed.name}: warns where it is so.`);
  expect(ruleSentence('sits', { ...RULE, least: 1, hardStop: 'least' })).toBe(`${SIT_WORDS.sits.name}: refuses where it is not.`);
});

it('every criterion stands in one list of every school, and what the front follows is said', () => {
  for (const school of SCHOOLS) {
    const { refuses, warns, shownOnly, noOpinion, front } = schoolSentences(school);
    expect(refuses.length + warns.length + shownOnly.length + noOpinion.length).toBe(CRITERION_IDS.length);
    expect(refuses.join()).toContain(SIT_WORDS.sits.name);
    expect(front).not.toMatch(/frontSection|shoulderLine|barsAlong/);
  }
  expect(schoolSentences(schoolById('shoulder-line')).front).toMatch(/^The front follows the slope of the shoulder blade\. As long as/);
  expect(schoolSentences(schoolById('static-close')).shownOnly).toHaveLength(2);
  expect(Object.keys(CRITERIA)).toHaveLength(CRITERION_IDS.length);
});
