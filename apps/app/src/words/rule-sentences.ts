import { type CriterionId, type Rule, type School, CRITERIA, CRITERION_IDS } from '@fulcra/core';
import { SIT_WORDS } from './criterion-words';
import { choiceWords } from './school-field-words';
import { sitNumber } from './sit-number';

/** A school in plain sentences: what the front follows, what refuses the saddle, what only warns, on what it has no opinion. */
export interface SchoolSentences {
  readonly front: string;
  readonly refuses: readonly string[];
  readonly warns: readonly string[];
  readonly shownOnly: readonly string[];
  readonly noOpinion: readonly string[];
}

const UNTIL_MEASURED = ' As long as that isn’t measured, it is judged by its section, and what it waits for is said.';

export function schoolSentences(school: School): SchoolSentences {
  const ruled = CRITERION_IDS.flatMap((id) => {
    const rule = school.rules[id];
    return rule === undefined ? [] : [{ id, rule, says: ruleSentence(id, rule) }];
  });
  const names = (of: readonly { readonly says: string }[]): string[] => of.map((r) => r.says);
  return {
    front: `The front follows ${choiceWords('front.follows', school.front.follows)}.${school.front.follows === 'frontSection' ? '' : UNTIL_MEASURED}`,
    refuses: names(ruled.filter(({ rule }) => rule.hardStop !== 'never')),
    warns: names(ruled.filter(({ rule }) => rule.hardStop === 'never' && rule.weight > 0)),
    shownOnly: names(ruled.filter(({ rule }) => rule.hardStop === 'never' && rule.weight === 0)),
    noOpinion: CRITERION_IDS.filter((id) => school.rules[id] === undefined).map((id) => SIT_WORDS[id].name),
  };
}

/** "Room over the withers: refuses below 36 mm, warns above 54 mm." */
export function ruleSentence(id: CriterionId, rule: Rule): string {
  const { name } = SIT_WORDS[id];
  const { unit } = CRITERIA[id];
  if (unit === 'yesNo')
    return `${name}: ${rule.hardStop === 'never' ? 'warns' : 'refuses'} where it is ${rule.least === null ? 'so' : 'not'}.`;
  const end = (which: 'least' | 'most', place: string): string[] => {
    const limit = rule[which];
    if (limit === null) return [];
    return [`${rule.hardStop === which ? 'refuses' : 'warns'} ${place} ${sitNumber(id, unit, limit)}`];
  };
  return `${name}: ${[...end('least', 'below'), ...end('most', 'above')].join(', ')}.`;
}
