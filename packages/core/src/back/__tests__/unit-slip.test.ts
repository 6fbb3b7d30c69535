import { sectionFromWidths } from '../section-from-widths';
import { SECTION_STATIONS } from '../stations';
import { believedHalfWidthMm, inMeantUnit, unitSlip } from '../unit-slip';

const at = (depths: readonly number[], widths: readonly number[]) =>
  depths.map((depthMm, i) => ({ depthMm, nearMm: widths[i]!, offMm: widths[i]! }));
const AT_FRONT = [80, 140] as const;
const known = (() => {
  const outcome = sectionFromWidths(at([40, 80, 140], [50, 76, 127]));
  if (!outcome.ok) throw new Error('no section');
  return outcome.value;
})();

describe('widths that no horse has', () => {
  it.each([
    ['inches as mm', 'mm', [3, 5], 'in', 25.4],
    ['centimetres as mm', 'mm', [7.4, 12.6], 'cm', 10],
    ['centimetres of a broad horse as mm', 'mm', [11, 19], 'cm', 10],
    ['mm as centimetres', 'cm', [760, 1270], 'mm', 0.1],
    ['mm as inches', 'in', [1930, 3226], 'mm', 1 / 25.4],
  ] as const)('%s', (_, typedIn, widths, meant, times) => {
    const slip = unitSlip('front', at(AT_FRONT, widths), typedIn)!;
    expect(slip).toMatchObject({ meant, depthMm: 80 });
    expect(slip.times).toBeCloseTo(times, 9);
    const put = inMeantUnit(at(AT_FRONT, widths), slip);
    expect(put.map((w) => w.depthMm)).toEqual(AT_FRONT);
    expect(unitSlip('front', put, slip.meant!)).toBeNull();
  });

  it('that no unit makes sense of is asked about without a proposal', () => {
    expect(unitSlip('front', at(AT_FRONT, [0.01, 0.02]), 'mm')).toMatchObject({ meant: null, times: 1 });
    expect(unitSlip('lastRib', at([30, 80], [110, 480]), 'mm')).toMatchObject({ meant: null, widthMm: 480, depthMm: 80 });
  });

  it.each([[[76, 127]], [[25, 40]], [[180, 300]]])('%j mm at 80 and 140 are believed', (widths) =>
    expect(unitSlip('front', at(AT_FRONT, widths), 'mm')).toBeNull(),
  );

  it('just inside what is believed and just outside, near and off, at every station', () => {
    for (const station of SECTION_STATIONS) {
      const [least, most] = believedHalfWidthMm(station, 80);
      const ask = (nearMm: number, offMm: number) => unitSlip(station, [{ depthMm: 80, nearMm, offMm }], 'mm');
      expect([ask(least, most), ask(most, least)]).toEqual([null, null]);
      for (const wrong of [ask(least - 0.01, most), ask(least, most + 0.01), ask(most + 0.01, least), ask(most, least - 0.01)])
        expect(wrong).not.toBeNull();
    }
    expect(believedHalfWidthMm('lastRib', 100)[0]).toBeCloseTo(60, 9);
    expect(believedHalfWidthMm('front', 100)[0]).toBeCloseTo(23, 9);
    expect(believedHalfWidthMm('front', 80)[1]).toBeCloseTo(Math.sqrt(96000), 9);
    expect(believedHalfWidthMm('front', 300)[1]).toBe(420);
  });
});

describe('widths against a known back', () => {
  it.each([
    ['cm', 2.54, 'in'],
    ['in', 1 / 2.54, 'cm'],
    ['mm', 25.4, 'in'],
  ] as const)('typed as %s, they must be taken times %d: %s', (typedIn, times, meant) => {
    const slip = unitSlip('front', at(AT_FRONT, [78 / times, 124 / times]), typedIn, known)!;
    expect(slip.meant).toBe(meant);
    expect(slip.times).toBeCloseTo(times, 9);
  });

  it('a horse that changed by a fifth is believed, and one that no unit explains stays a question of scale', () => {
    expect(unitSlip('front', at(AT_FRONT, [76 * 1.19, 127 * 1.19]), 'mm', known)).toBeNull();
    expect(unitSlip('front', at(AT_FRONT, [76 * 1.5, 127 * 1.5]), 'mm', known)).toBeNull();
  });
});
