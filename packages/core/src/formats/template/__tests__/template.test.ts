import { CROWN_RADIUS_MM } from '../../../saddle';
import { wedge } from '../../../front/__tests__/sections';
import { type Item, BAR_MM, SHEETS, frontTemplate, sectionTemplate, templatePages, templateSvg } from '..';

const TEXT = {
  title: 'Front template <Marl & co>',
  lines: ['Horse: Marl', 'Date: 2026-11-23'],
  near: 'N',
  off: 'O',
  spine: 'spine',
  arch: 'arch',
  proof: 'Measure the bar.',
  barCaption: '100 mm',
  sheetOf: (a: number, b: number) => `${a} of ${b}`,
  joinHere: 'Join.',
};
const ARCH = { shape: 'round' as const, crownRadiusMm: CROWN_RADIUS_MM.round, includedAngleDeg: 90, pointLengthMm: 170 };
const template = frontTemplate(wedge(45, 190), ARCH, 40, TEXT);
const bars = (items: readonly Item[]) =>
  items.flatMap((i) =>
    i.kind === 'line' && i.style === 'bar' ? [Math.hypot(i.points[1]!.yMm - i.points[0]!.yMm, i.points[1]!.zMm - i.points[0]!.zMm)] : [],
  );

describe('a full-scale template', () => {
  it.each(['a4', 'a3', 'letter'] as const)('every %s sheet carries both 100 mm bars', (size) => {
    for (const page of templatePages(template, size)) {
      expect(bars(page.fixed).filter((mm) => Math.abs(mm - BAR_MM) < 1e-9)).toHaveLength(2);
    }
  });

  it.each(['a4', 'a3', 'letter'] as const)('on %s, every place of the drawing lies in the window of some sheet', (size) => {
    const pages = templatePages(template, size);
    for (const item of template.items) {
      for (const p of item.kind === 'line' ? item.points : [item.at]) {
        const seen = pages.some(({ window, shift }) => {
          const y = p.yMm + shift.yMm;
          const z = p.zMm + shift.zMm;
          return y >= window.leftMm - 1e-6 && y <= window.rightMm + 1e-6 && z >= window.bottomMm - 1e-6 && z <= window.topMm + 1e-6;
        });
        expect([p, seen]).toEqual([p, true]);
      }
    }
  });

  it('a wide back is tiled on A4 with marks that lie on both sheets of an overlap', () => {
    const pages = templatePages(template, 'a4');
    expect(pages.length).toBeGreaterThan(1);
    const marks = (index: number) => {
      const { drawing, window, shift } = pages[index]!;
      return drawing
        .flatMap((i) => (i.kind === 'line' && i.style === 'mark' ? [i.points[0]!] : []))
        .filter((p) => p.yMm + shift.yMm > window.leftMm && p.yMm + shift.yMm < window.rightMm)
        .filter((p) => p.zMm + shift.zMm > window.bottomMm && p.zMm + shift.zMm < window.topMm)
        .map((p) => `${p.yMm.toFixed(3)} ${p.zMm.toFixed(3)}`);
    };
    expect(marks(0).filter((mark) => marks(1).includes(mark)).length).toBeGreaterThanOrEqual(2);
  });

  it('sheets are the size of paper', () => {
    const sides = Object.values(SHEETS.a4).sort();
    for (const page of templatePages(template, 'a4')) expect([page.widthMm, page.heightMm].sort()).toEqual(sides);
  });

  it('near is left of off on paper', () => {
    const at = (style: string) => template.items.flatMap((i) => (i.kind === 'line' && i.style === style ? i.points.map((p) => p.yMm) : []));
    expect(Math.max(...at('near'))).toBeLessThanOrEqual(0);
    expect(Math.min(...at('off'))).toBeGreaterThanOrEqual(0);
  });

  it('the SVG is in millimetres, one unit each, and safe with any name', () => {
    const svg = templateSvg(template);
    const [, width, unitWidth] = /width="([\d.]+)mm" height="[\d.]+mm" viewBox="0 0 ([\d.]+)/.exec(svg)!;
    expect(width).toBe(unitWidth);
    expect(svg).toContain('&lt;Marl &amp; co&gt;');
    const bar = /data-ink="bar" points="([\d.]+),([\d.]+) ([\d.]+),([\d.]+)"/.exec(svg)!.slice(1).map(Number);
    expect(Math.hypot(bar[2]! - bar[0]!, bar[3]! - bar[1]!)).toBeCloseTo(100, 6);
  });
});

describe('a template with a saddle over the section', () => {
  const tree = [-60, 0, 60].map((yMm) => ({ yMm, zMm: 12 - Math.abs(yMm) }));
  const panel = [30, 60, 60, 30].map((yMm, i) => ({ yMm, zMm: i < 2 ? -20 : -50 }));
  const withSaddle = sectionTemplate(
    wedge(45, 190),
    [
      { style: 'arch', points: tree },
      { style: 'panel', points: panel },
    ],
    TEXT,
  );

  it('draws tree and panel where they lie, to the millimetre, besides the section', () => {
    const lines = withSaddle.items.flatMap((i) => (i.kind === 'line' ? [i] : []));
    expect(lines.find((l) => l.style === 'arch')!.points).toEqual(tree);
    expect(lines.find((l) => l.style === 'panel')!.points).toEqual(panel);
    expect(lines.map((l) => l.style)).toEqual(expect.arrayContaining(['near', 'off']));
  });

  it('makes room for what stands over the spine', () => {
    expect(withSaddle.bounds.topMm).toBeGreaterThan(12);
    expect(templateSvg(withSaddle)).toContain('stroke-dasharray="1.5 1"');
  });
});
