import { FAULTS, FAULT_RULES, TRAITS, TRAIT_IDS, type Trait } from '@fulcra/core';
import { FAULT_WORDS, REMEDY_WORDS, TRAIT_VALUE_WORDS } from '../../../words/shape-words';
import { BACK_FROM_ABOVE, HALF_FROM_ABOVE, PLAIN_ABOVE, formedAbove } from '../above';
import { ANATOMY_BEHIND, BEHIND_LAYERS, type BehindForm, type BehindLayer, PLAIN_BEHIND, formedBehind } from '../behind';
import { PLAIN } from '../form';
import { aboveOfHorse, behindOfHorse, buildOfTrait } from '../form-of-build';
import { formOfTrait } from '../form-of-horse';
import { ANATOMY } from '../outline';
import { WHOLE_BEHIND, WHOLE_HORSE, behindPath, partPath, planPath } from '../paths';

const LAYERS = Object.keys(BEHIND_LAYERS) as BehindLayer[];
const chosen = (trait: Trait['trait'], value: Trait['value']): Trait => ({ trait, value, source: { from: 'chosen', factId: 'f' } });
const at = (place: keyof typeof ANATOMY_BEHIND, form: BehindForm, side: 'near' | 'off') => {
  const [layer, out, y] = ANATOMY_BEHIND[place];
  return formedBehind(layer, [out, y], side, form);
};
/** By how much a form moves a place: to the off side, and up. */
const moved = (place: keyof typeof ANATOMY_BEHIND, by: Partial<BehindForm>, side: 'near' | 'off') => {
  const [plain, formed] = [PLAIN_BEHIND, { ...PLAIN_BEHIND, ...by }].map((form) => at(place, form, side));
  return [formed![0] - plain![0], formed![1] - plain![1]];
};

describe('what is read of a build', () => {
  it.each(TRAIT_IDS)('%s: every value is drawn on the horse, and no two alike', (trait) => {
    const drawn = TRAITS[trait].map((value) => {
      const build = buildOfTrait(trait, value);
      if (build === null) return partPath('body', { ...PLAIN, ...formOfTrait(trait, value) }, WHOLE_HORSE) + value;
      if (build.from === 'above') return planPath(HALF_FROM_ABOVE, BACK_FROM_ABOVE, build.form);
      return LAYERS.flatMap((layer) => behindPath(layer, build.form, WHOLE_BEHIND)).join();
    });
    expect(new Set(drawn).size).toBe(drawn.length);
    for (const d of drawn) expect(d).not.toContain('NaN');
  });

  it('every value, fault and remedy has its words', () => {
    for (const trait of TRAIT_IDS) for (const value of TRAITS[trait]) expect(TRAIT_VALUE_WORDS[value]).toBeTruthy();
    for (const fault of FAULTS) expect(FAULT_WORDS[fault]).toBeTruthy();
    for (const rule of FAULT_RULES) for (const remedy of rule.remedies) expect(REMEDY_WORDS[remedy]).toBeTruthy();
  });

  it('what several say is added, each in the drawing it is seen in', () => {
    const read = [chosen('muscle', 'weakNear'), chosen('spine', 'bare'), chosen('hollow', 'both'), chosen('shoulderSize', 'biggerOff')];
    const [weak, bare] = [behindOfHorse([read[0]!]), behindOfHorse([read[1]!])];
    expect(behindOfHorse(read)).toEqual({ ...bare, near: weak.near + bare.near });
    expect(bare.near).toBe(bare.off);
    expect(aboveOfHorse(read)).toMatchObject({ hollowNear: 5, hollowOff: 5, shoulderNear: 0, shoulderOff: 4.5 });
    expect([behindOfHorse([]), aboveOfHorse([])]).toEqual([PLAIN_BEHIND, PLAIN_ABOVE]);
  });
});

describe('the horse from behind', () => {
  it('is as high and as wide as from the side and from above; near lies left, and the halves are each other’s mirror', () => {
    expect(at('croup', PLAIN_BEHIND, 'off')[1]).toBeCloseTo(ANATOMY.croup[1], -1);
    expect(at('hock', PLAIN_BEHIND, 'off')[1]).toBeCloseTo(ANATOMY.hock[1], -1);
    const barrel = Math.max(...HALF_FROM_ABOVE.map(([, out]) => out));
    expect(Math.max(...BEHIND_LAYERS.back.map(([out]) => out))).toBe(barrel);
    for (const place of Object.keys(ANATOMY_BEHIND) as (keyof typeof ANATOMY_BEHIND)[]) {
      const [near, off] = [at(place, PLAIN_BEHIND, 'near'), at(place, PLAIN_BEHIND, 'off')];
      expect(near[0]).toBeLessThanOrEqual(0);
      expect([-near[0] + 0, near[1]]).toEqual([off[0] + 0, off[1]]);
    }
  });

  it.each([
    ['near', -7, 'longMuscle', 'near', [0, -7]],
    ['near', -7, 'longMuscle', 'off', [0, 0]],
    ['off', -7, 'longMuscle', 'off', [0, -7]],
    ['near', -7, 'widestBarrel', 'near', [0, 0]],
    ['spine', 4, 'withers', 'near', [0, 4]],
    ['spine', 4, 'longMuscle', 'near', [0, 0]],
    ['ribs', 5, 'widestBarrel', 'near', [-5, 0]],
    ['ribs', 5, 'widestBarrel', 'off', [5, 0]],
    ['ribs', 5, 'buttock', 'off', [0, 0]],
    ['stance', 6, 'hoof', 'near', [0, 6]],
    ['stance', 6, 'hoof', 'off', [0, 0]],
  ] as const)('%s %d moves %s, %s, by %j', (of, by, place, side, [out, up]) => {
    const [x, y] = moved(place, { [of]: by }, side);
    expect(x).toBeCloseTo(out, 0);
    expect(y).toBeCloseTo(up, 0);
  });

  it('the hip over the hind that stands ahead is lower than the other', () => {
    const form = { ...PLAIN_BEHIND, stance: 6 };
    expect(at('pointOfHip', form, 'near')[1]).toBeLessThan(at('pointOfHip', PLAIN_BEHIND, 'near')[1]);
    expect(at('pointOfHip', form, 'off')[1]).toBeGreaterThan(at('pointOfHip', PLAIN_BEHIND, 'off')[1]);
  });

  it('legs are two, all else is one; every path is closed', () => {
    for (const layer of LAYERS) {
      const paths = behindPath(layer, PLAIN_BEHIND, WHOLE_BEHIND);
      expect(paths).toHaveLength(/Leg$/.test(layer) ? 2 : 1);
      for (const d of paths) expect(d).toMatch(/^M[-\d. ]+(C[-\d. ]+)+Z$/);
    }
  });
});

describe('the horse from above, as it was read', () => {
  const out = (along: number, by: Partial<typeof PLAIN_ABOVE>, side: 'near' | 'off') =>
    formedAbove([along, 15], side, { ...PLAIN_ABOVE, ...by })[1] - 15;

  it.each([
    ['shoulderNear', 4.5, 11, 'near', 4.5],
    ['shoulderNear', 4.5, 11, 'off', 0],
    ['shoulderOff', 4.5, 11, 'off', 4.5],
    ['hollowNear', 5, 29, 'near', -5],
    ['hollowOff', 5, 29, 'near', 0],
    ['hollowOff', 5, 29, 'off', -5],
    ['rear', 5, 70, 'near', 5],
    ['rear', 5, 20, 'near', -2.5],
    ['rear', -5, 70, 'off', -5],
  ] as const)('%s %d moves what lies at %d, %s, out by %d', (of, by, along, side, wanted) =>
    expect(out(along, { [of]: by }, side)).toBeCloseTo(wanted, 0),
  );

  it('what lies beside the spine stays where it is', () => {
    expect(formedAbove([29, 2], 'near', { ...PLAIN_ABOVE, hollowNear: 5 })).toEqual([29, 2]);
  });
});
