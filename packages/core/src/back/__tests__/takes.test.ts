import fc from 'fast-check';
import { point } from '../../geometry';
import { seededRandom, normal } from '../../random';
import { type Take } from '../take';
import { sectionFromPoints } from '../section-from-points';
import { takesAgreement } from '../takes-agreement';
import { consensusSection } from '../takes-consensus';

function take(id: string, slope: number, seed: number, noiseMm = 0.3): Take {
  const random = seededRandom(seed);
  const ys = [-180, -140, -100, -60, -30, -10, 0, 10, 30, 60, 100, 140, 180];
  const points = ys.map((y) => point(y, -Math.sqrt(y * y + 400) / slope + 20 / slope + noiseMm * normal(random)));
  const outcome = sectionFromPoints(points);
  if (!outcome.ok) throw new Error(JSON.stringify(outcome.problems));
  return { id, section: outcome.value.section };
}

const good = [take('a', 1, 1), take('b', 1.01, 2), take('c', 1, 3), take('d', 0.995, 4)];
const odd = take('x', 1.2, 5);

describe('agreement of takes', () => {
  it('one take is only one take', () => {
    expect(takesAgreement([good[0]!])).toMatchObject({ state: 'single', accepted: ['a'], technicalErrorMm: null });
  });

  it('two that differ cannot say which is wrong', () => {
    expect(takesAgreement([good[0]!, odd])).toMatchObject({ state: 'differ', accepted: [], odd: [] });
  });

  it('finds the odd take in any order of takes', () => {
    fc.assert(
      fc.property(fc.shuffledSubarray([...good, odd], { minLength: 5 }), (takes) => {
        const agreement = takesAgreement(takes);
        expect(agreement.odd.map((o) => o.id)).toEqual(['x']);
        expect([...agreement.accepted].sort()).toEqual(['a', 'b', 'c', 'd']);
      }),
      { numRuns: 20 },
    );
  });

  it('says by how much the odd one misses', () => {
    const { differsBy } = takesAgreement([...good, odd]).odd[0]!;
    expect(differsBy.angleDeg).toBeGreaterThan(2);
    expect(differsBy.widthMm).toBeGreaterThan(5);
  });

  it('the technical error of two takes is their width difference over the square root of two', () => {
    const agreement = takesAgreement([good[0]!, good[1]!]);
    const widths = agreement.pairs[0]!.widthMm;
    expect(agreement.technicalErrorMm).toBeLessThanOrEqual(widths / Math.SQRT2 + 1e-9);
    expect(agreement.technicalErrorMm).toBeGreaterThan(0);
  });
});

describe('consensus', () => {
  const consensus = (takes: readonly Take[]) => consensusSection(takes, takesAgreement(takes))!;

  it('does not depend on the order of the takes', () => {
    const wanted = consensus([...good, odd]);
    fc.assert(
      fc.property(fc.shuffledSubarray([...good, odd], { minLength: 5 }), (takes) => {
        expect(consensus(takes)).toEqual(wanted);
      }),
      { numRuns: 20 },
    );
  });

  it('keeps the odd take out', () => {
    expect(consensus([...good, odd])).toEqual(consensus(good));
  });

  it('is none when nothing is accepted', () => {
    expect(consensusSection([good[0]!, odd], takesAgreement([good[0]!, odd]))).toBeNull();
  });
});
