import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { CROWN_RADIUS_MM, frontTemplate, sectionFromWidths } from '@fulcra/core';
import { PDFDocument } from 'pdf-lib';
import { templatePdf } from '../pdf';
import { fileName } from '../../platform/download';

const FONTS = join(__dirname, '../../../../../node_modules/@expo-google-fonts/atkinson-hyperlegible-next');
const font = (file: string) => new Uint8Array(readFileSync(join(FONTS, file)));
const fonts = {
  regular: font('400Regular/AtkinsonHyperlegibleNext_400Regular.ttf'),
  bold: font('700Bold/AtkinsonHyperlegibleNext_700Bold.ttf'),
  picture: null,
};

function template(title: string) {
  const section = sectionFromWidths([60, 120].map((depthMm) => ({ depthMm, nearMm: 20 + depthMm, offMm: 21 + depthMm })));
  if (!section.ok) throw new Error('refused');
  const arch = { shape: 'round' as const, crownRadiusMm: CROWN_RADIUS_MM.round, includedAngleDeg: 92, pointLengthMm: 170 };
  return frontTemplate(section.value, arch, 44, {
    title,
    lines: ['Horse'],
    near: 'N near',
    off: 'off O',
    spine: 'spine',
    arch: 'arch',
    proof: 'Measure.',
    barCaption: '100 mm',
    sheetOf: (a, b) => `${a}/${b}`,
    joinHere: '',
  });
}

describe('the PDF writer', () => {
  it.each([
    ['a4', 210, 297],
    ['a3', 297, 420],
  ] as const)('%s sheets have the size of paper', async (size, short, long) => {
    const pdf = await PDFDocument.load(await templatePdf([template('Marl')], size, fonts));
    for (const page of pdf.getPages()) {
      const sides = [page.getWidth(), page.getHeight()].map((pt) => (pt * 25.4) / 72).sort((a, b) => a - b);
      expect(sides[0]).toBeCloseTo(short, 3);
      expect(sides[1]).toBeCloseTo(long, 3);
    }
  });

  it('a name the typeface has no letters for still makes a file', async () => {
    const pdf = await PDFDocument.load(await templatePdf([template('سهيل 🐴')], 'a4', fonts));
    expect(pdf.getPageCount()).toBeGreaterThan(0);
  });

  it.each([
    ['Marl', 'front-Marl-2026-11-23.pdf'],
    ["Juno's Ledger", 'front-Juno-s-Ledger-2026-11-23.pdf'],
    ['سهيل', 'front-سهيل-2026-11-23.pdf'],
    ['🐴', 'front-horse-2026-11-23.pdf'],
  ])('%s is kept as %s', (horse, name) => {
    expect(fileName('front', horse, '2026-11-23', 'pdf')).toBe(name);
  });
});
