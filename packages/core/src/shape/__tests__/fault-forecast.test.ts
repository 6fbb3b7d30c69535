import fc from 'fast-check';
import {
  FAULT_RULES,
  TRAITS,
  TRAIT_IDS,
  type Trait,
  type TraitId,
  type TraitValue,
  faultForecast,
  traitsMeasured,
  traitsTogether,
} from '..';
import { lengthwiseFromPoints, resolveLandmarks, sectionFromWidths } from '../../back';

const chosen = (traits: Partial<Record<TraitId, TraitValue>>): Trait[] =>
  Object.entries(traits).map(([trait, value]) => ({
    trait: trait as TraitId,
    value: value,
    source: { from: 'chosen', factId: `fact-${trait}` },
  }));
const faults = (traits: Partial<Record<TraitId, TraitValue>>) => faultForecast(chosen(traits)).map((f) => f.fault);

describe('the fault forecast', () => {
  it.each<[string, Partial<Record<TraitId, TraitValue>>, string[]]>([
    ['an unremarkable horse', Object.fromEntries(TRAIT_IDS.map((t) => [t, TRAITS[t][0]])), []],
    [
      'flat withers, round ribs, downhill, forward groove',
      { withers: 'flat', ribs: 'round', slope: 'downhill', groove: 'forward' },
      ['forward', 'roll', 'dropInFront'],
    ],
    ['weak off side after time off', { muscle: 'weakOff' }, ['toOff']],
    [
      'weak off side that stands unevenly, bigger near shoulder',
      { muscle: 'weakOff', stance: 'uneven', shoulderSize: 'biggerNear' },
      ['toOff'],
    ],
    ['dipped back', { back: 'deepDip' }, ['bridge']],
    ['dipped back under high withers', { back: 'deepDip', withers: 'high' }, ['bridge']],
    ['roached back', { back: 'roached' }, ['rock']],
    ['fine, slab-sided, uphill', { ribs: 'slab', slope: 'uphill' }, ['back']],
    ['short pony', { length: 'short' }, ['overrun']],
    ['bare high spine', { spine: 'bare' }, ['pressOnSpine']],
    ['hollow behind both shoulders', { hollow: 'both' }, ['dropInFront']],
    ['hollow behind the near shoulder', { hollow: 'near' }, ['toNear', 'dropInFront']],
    ['groove ahead, but uphill and slab-sided', { groove: 'forward', slope: 'uphill', ribs: 'slab' }, []],
    ['pear-shaped and downhill', { widening: 'towardRear', slope: 'downhill' }, ['forward', 'dropInFront']],
  ])('%s', (_, traits, expected) => {
    expect(faults(traits)).toEqual(expected);
  });

  it('traces every reason to the facts it came from, and every remedy to a reason', () => {
    const [forward] = faultForecast(chosen({ slope: 'downhill', groove: 'forward' }));
    expect(forward!.for.flatMap((r) => r.traits.map((t) => t.source))).toEqual([
      { from: 'chosen', factId: 'fact-groove' },
      { from: 'chosen', factId: 'fact-slope' },
    ]);
    expect(forward!.remedies).toEqual([...new Set(forward!.for.flatMap((r) => r.remedies))]);
    expect(forward!).toMatchObject({ score: 4, likelihood: 'strong' });
  });

  it('near and off are treated alike', () => {
    const swap: Record<string, string> = {
      weakNear: 'weakOff',
      weakOff: 'weakNear',
      biggerNear: 'biggerOff',
      biggerOff: 'biggerNear',
      near: 'off',
      off: 'near',
      toNear: 'toOff',
      toOff: 'toNear',
    };
    const sided = ['muscle', 'shoulderSize', 'hollow', 'stance'] as const;
    const any = fc.tuple(...sided.map((t) => fc.constantFrom(...TRAITS[t])));
    fc.assert(
      fc.property(any, (values) => {
        const traits = Object.fromEntries(sided.map((t, i) => [t, values[i]!]));
        const mirrored = Object.fromEntries(sided.map((t, i) => [t, (swap[values[i]!] ?? values[i]!) as TraitValue]));
        const scores = (of: Partial<Record<TraitId, TraitValue>>) =>
          Object.fromEntries(faultForecast(chosen(of)).map((f) => [f.fault, f.score]));
        const turned = Object.fromEntries(Object.entries(scores(traits)).map(([f, s]) => [swap[f] ?? f, s]));
        expect(scores(mirrored)).toEqual(turned);
      }),
    );
  });

  it('has rules only for values that exist, each with a remedy and its own name', () => {
    for (const rule of FAULT_RULES) {
      expect(rule.remedies.length).toBeGreaterThan(0);
      for (const [trait, values] of rule.when) expect(TRAITS[trait]).toEqual(expect.arrayContaining([...values]));
    }
    expect(new Set(FAULT_RULES.map((r) => r.id)).size).toBe(FAULT_RULES.length);
  });
});

describe('traits that are measured', () => {
  const widths = (near: number, off: number, grow = 1.75) => {
    const outcome = sectionFromWidths([60, 120, 160].map((depthMm, i) => ({ depthMm, nearMm: near * grow ** i, offMm: off * grow ** i })));
    if (!outcome.ok) throw new Error('bad widths');
    return outcome.value;
  };
  const topline = lengthwiseFromPoints(
    Array.from({ length: 41 }, (_, i) => ({ xMm: -100 + 20 * i, zMm: 95 * Math.exp(-(((20 * i - 100) / 110) ** 2)) + (i > 30 ? 40 : 0) })),
  );
  const landmarks = resolveLandmarks([{ landmark: 'lastRib', side: null, way: 'flankHair', station: null, pose: null, atMm: 350 }]);

  it('come with the number they were read from', () => {
    const traits = traitsMeasured({
      sections: { front: widths(80, 80), base: widths(80, 70) },
      topline: topline.ok ? topline.value : null,
      landmarks,
      frontMm: 50,
    });
    const value = (id: TraitId) => traits.find((t) => t.trait === id)?.value;
    expect(value('length')).toBe('short');
    expect(value('muscle')).toBe('weakOff');
    expect(value('hollow')).toBe('off');
    expect(value('withers')).toBe('high');
    expect(traits.every((t) => t.source.from === 'measured' && Number.isFinite(t.source.value))).toBe(true);
  });

  it('give way to a person’s choice, and the difference is told', () => {
    const measured = traitsMeasured({ sections: {}, topline: null, landmarks, frontMm: 50 });
    const { traits, differ } = traitsTogether(measured, chosen({ length: 'medium' }));
    expect(traits.find((t) => t.trait === 'length')).toMatchObject({ value: 'medium', source: { from: 'chosen' } });
    expect(differ).toEqual(['length']);
  });
});
