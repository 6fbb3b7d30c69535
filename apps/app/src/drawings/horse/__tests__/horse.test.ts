import { type ToplineMeasures, type Trait } from '@fulcra/core';
import { PLAIN, formed } from '../form';
import { PLAIN_MEASURES, formOfHorse } from '../form-of-horse';
import { ANATOMY, HORSE_PARTS } from '../outline';
import { BACK_FROM_ABOVE, FELT_FROM_ABOVE, FELT_FROM_BELOW, HALF_FROM_ABOVE, onPlan } from '../above';
import { TRUNK, WHOLE_HORSE, chalkedPath, partPath, penLines, placeIn, planLine, planPath } from '../paths';

const at = (id: keyof typeof ANATOMY, form = PLAIN) => formed(ANATOMY[id], form);
const chosen = (trait: Trait['trait'], value: Trait['value']): Trait => ({ trait, value, source: { from: 'chosen', factId: 'f' } });
const TOPLINE: ToplineMeasures = {
  ...{ dipMm: 0, dipAtMm: 200, dropMm: 0, witherOverLowMm: 0, croupOverWitherMm: null, alongMm: 400, straightMm: 400, leastRadiusMm: null },
};

describe('the horse', () => {
  it('has a horse’s proportions, in units of the height at its withers', () => {
    const body = HORSE_PARTS.body.map(([x, y]) => [x, y] as const);
    expect(at('buttock')[0] - at('pointOfShoulder')[0]).toBeCloseTo(103, 0);
    const lowest = Math.max(...body.filter(([x, y]) => x > 25 && x < 60 && y < 70).map(([, y]) => y));
    expect(100 - lowest).toBeGreaterThan(39);
    expect(at('elbow')[1]).toBeCloseTo(54, -1);
    expect(at('hock')[1]).toBeCloseTo(40, -1);
    expect(at('lowPoint')[1]).toBeCloseTo(94, 0);
    expect(at('croup')[1]).toBeGreaterThan(97);
  });

  it('plain, it lies where it was drawn', () => {
    for (const part of Object.values(HORSE_PARTS)) for (const p of part) expect(formed(p, PLAIN)).toEqual([p[0], p[1]]);
  });

  it.each([
    ['withers', 4, 'withers', 4],
    ['withers', 4, 'hock', 0],
    ['dip', 5, 'lowPoint', -5],
    ['dip', 5, 'buttock', 0],
    ['croup', -4, 'croup', -4],
    ['croup', -4, 'withers', 0],
    ['belly', 3, 'lowPoint', 0],
  ] as const)('%s %d moves %s by %d', (of, by, place, wanted) => {
    expect(at(place, { ...PLAIN, [of]: by })[1] - at(place)[1]).toBeCloseTo(wanted, 0);
  });

  it('longer legs lift the trunk and leave the feet on the ground; a longer back moves what is behind it', () => {
    const legs = { ...PLAIN, legs: -6 };
    expect(formed([12.6, 0], legs)[1]).toBeCloseTo(0, 9);
    expect(at('withers', legs)[1]).toBeCloseTo(ANATOMY.withers[1] - 6, 9);
    const long = { ...PLAIN, length: 8 };
    expect(at('buttock', long)[0]).toBeCloseTo(108, 9);
    expect(at('withers', long)[0]).toBe(ANATOMY.withers[0]);
  });

  it('is drawn within its box, whole paths without gaps', () => {
    for (const part of Object.keys(HORSE_PARTS) as (keyof typeof HORSE_PARTS)[]) {
      const d = partPath(part, PLAIN, WHOLE_HORSE);
      expect(d).toMatch(/^M[-\d. ]+(C[-\d. ]+)+Z$/);
      expect(d.match(/C/g)).toHaveLength(HORSE_PARTS[part].length);
    }
    expect(placeIn('withers', PLAIN, TRUNK)).toEqual([ANATOMY.withers[0] - TRUNK.left, TRUNK.top - ANATOMY.withers[1]]);
    expect(chalkedPath('groove', PLAIN, WHOLE_HORSE, 2)).not.toBe(chalkedPath('groove', PLAIN, WHOLE_HORSE));
  });
});

describe('the horse for a pen', () => {
  const lines = penLines(PLAIN);
  const on = ([x, y]: readonly [number, number]) => lines.some((line) => line.some((p) => Math.hypot(p[0] - x, p[1] - y) < 1e-9));

  it('goes through the points that its paths go through, where nothing nearer hides them', () => {
    for (const id of ['muzzle', 'back', 'belly', 'nearHoof'] as const) {
      const at = { muzzle: [-44.6, 95.2], back: [47, 94.3], belly: [46, 53.6], nearHoof: [3.4, 0] } as const;
      expect([id, on(at[id])]).toEqual([id, true]);
    }
    // the far legs' tops lie behind the trunk, the crest behind the mane
    expect([on([25.6, 50]), on([26, 56]), on([80, 60]), on([7, 111.5])]).toEqual([true, false, false, false]);
  });

  it('is as smooth as the path: no piece is longer than a fifth of its stretch and a little', () => {
    const steps = lines.flatMap((line) => line.slice(1).map((p, i) => Math.hypot(p[0] - line[i]![0], p[1] - line[i]![1])));
    expect(Math.max(...steps)).toBeLessThan(4);
  });
});

describe('the horse from above', () => {
  const halfAt = (along: number): number => {
    const i = HALF_FROM_ABOVE.findIndex((p) => p[0] >= along);
    const [a, b] = [HALF_FROM_ABOVE[Math.max(0, i - 1)]!, HALF_FROM_ABOVE[i]!];
    return a[1] + ((along - a[0]) / Math.max(1e-9, b[0] - a[0])) * (b[1] - a[1]);
  };

  it('is widest at the barrel, narrower behind the shoulder and at the flank, and as long as from the side', () => {
    const [shoulder, girth, barrel, flank, hip] = [12, 25, 51, 71.5, 77].map(halfAt);
    expect(Math.max(...HALF_FROM_ABOVE.map((p) => p[1]))).toBe(barrel);
    expect(girth).toBeLessThan(shoulder!);
    expect(flank).toBeLessThan(hip!);
    expect(hip! / barrel!).toBeGreaterThan(0.8);
    expect(ANATOMY.pointOfHip[0]).toBe(77);
    expect(Math.max(...HALF_FROM_ABOVE.map((p) => p[0]))).toBeCloseTo(ANATOMY.buttock[0], -1);
  });

  it('every place that is felt lies inside it, and both halves are each other’s mirror', () => {
    for (const [along, out] of [...Object.values(FELT_FROM_ABOVE), ...Object.values(FELT_FROM_BELOW)]) {
      expect(out).toBeLessThan(halfAt(along));
      const [near, off] = (['near', 'off'] as const).map((side) => onPlan(BACK_FROM_ABOVE, along, out, side));
      expect(near![0] + off![0]).toBeCloseTo(2 * BACK_FROM_ABOVE.out, 9);
      expect(near![1]).toBe(off![1]);
    }
    expect(planPath(HALF_FROM_ABOVE, BACK_FROM_ABOVE).match(/C/g)).toHaveLength(2 * HALF_FROM_ABOVE.length);
    expect(
      planLine(
        [
          [0, 1],
          [5, 4],
          [10, 1],
        ],
        BACK_FROM_ABOVE,
        'off',
      ),
    ).toBe('M24.00 28.00Q30.00 33.00 24.00 38.00');
  });
});

describe('this horse', () => {
  it('is pulled by what was chosen, and by what was measured before that', () => {
    const read = [chosen('back', 'deepDip'), chosen('withers', 'flat'), chosen('length', 'long')];
    expect(formOfHorse(read, null, { heightMm: 1600 })).toMatchObject({ dip: 4, withers: -3, length: 8 });
    const dipMm = (1600 / 100) * (PLAIN_MEASURES.dip + 2);
    const witherOverLowMm = (1600 / 100) * (PLAIN_MEASURES.witherOverLow + 2 + 1.5);
    const form = formOfHorse(read, { ...TOPLINE, dipMm, witherOverLowMm }, { heightMm: 1600 });
    expect(form.dip).toBeCloseTo(2, 9);
    expect(form.withers).toBeCloseTo(1.5, 9);
    expect(form.length).toBe(8);
    const tall = formOfHorse([], { ...TOPLINE, croupOverWitherMm: 1600 }, { heightMm: null });
    expect(tall.croup).toBe(7);
  });

  it.each([
    [1479, -7],
    [1480, 0],
    [null, 0],
  ])('at %s mm its legs are %d shorter', (heightMm, legs) => expect(formOfHorse([], null, { heightMm }).legs).toBe(legs));

  it('a mule has its ears and its croup', () => {
    expect(formOfHorse([], null, { heightMm: 1500, mule: true })).toMatchObject({ ears: 7, croup: -1.5 });
  });
});
