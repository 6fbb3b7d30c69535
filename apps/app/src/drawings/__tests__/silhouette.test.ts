import { FAULTS, FAULT_RULES, TRAITS, TRAIT_IDS } from '@fulcra/core';
import { FAULT_WORDS, REMEDY_WORDS, TRAIT_VALUE_WORDS } from '../../words/shape-words';
import { PLAIN } from '../horse/form';
import { formOfTrait } from '../horse/form-of-horse';
import { WHOLE_HORSE, partPath } from '../horse/paths';
import { silhouette } from '../silhouette';

describe('silhouettes', () => {
  it.each(TRAIT_IDS)('%s: every value is drawn, and no two alike', (trait) => {
    const drawn = TRAITS[trait].map((value) =>
      JSON.stringify(silhouette(trait, value) ?? [partPath('body', { ...PLAIN, ...formOfTrait(trait, value) }, WHOLE_HORSE), value]),
    );
    expect(new Set(drawn).size).toBe(drawn.length);
    for (const d of drawn) expect(d).not.toContain('NaN');
  });

  it('every value, fault and remedy has its words', () => {
    for (const trait of TRAIT_IDS) for (const value of TRAITS[trait]) expect(TRAIT_VALUE_WORDS[value]).toBeTruthy();
    for (const fault of FAULTS) expect(FAULT_WORDS[fault]).toBeTruthy();
    for (const rule of FAULT_RULES) for (const remedy of rule.remedies) expect(REMEDY_WORDS[remedy]).toBeTruthy();
  });
});
