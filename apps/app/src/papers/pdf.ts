import { type Bounds, type FrontTemplate, type Item, type Page, type SheetSize, INK, templatePages } from '@fulcra/core';
import fontkit from '@pdf-lib/fontkit';
import { type PDFFont, type PDFPage, PDFDocument, popGraphicsState, pushGraphicsState, clip, endPath, rectangle, rgb } from 'pdf-lib';

/** A PDF point is 1/72 inch. */
const PT_PER_MM = 72 / 25.4;

export interface PdfFonts {
  readonly regular: ArrayBuffer | Uint8Array;
  readonly bold: ArrayBuffer | Uint8Array;
  /** Draws text that the typeface has no letters for, as a PNG; null where nothing can. */
  readonly picture:
    ((text: string, sizeMm: number, bold: boolean) => Promise<{ png: ArrayBuffer; widthMm: number; heightMm: number } | null>) | null;
}

interface Writer {
  readonly document: PDFDocument;
  readonly regular: PDFFont;
  readonly bold: PDFFont;
  readonly letters: ReadonlySet<number>;
  readonly fonts: PdfFonts;
}

/** Templates as PDF sheets, one after another, true to scale when printed at 100 %. */
export const templatePdf = (templates: readonly FrontTemplate[], size: SheetSize, fonts: PdfFonts): Promise<Uint8Array> =>
  pagesPdf(
    templates[0]?.words.title ?? '',
    templates.flatMap((t) => templatePages(t, size)),
    fonts,
  );

/** Pages of paper as a PDF. */
export async function pagesPdf(title: string, pages: readonly Page[], fonts: PdfFonts): Promise<Uint8Array> {
  const document = await PDFDocument.create();
  document.registerFontkit(fontkit);
  document.setTitle(title);
  const regular = await document.embedFont(fonts.regular, { subset: true });
  const bold = await document.embedFont(fonts.bold, { subset: true });
  const writer: Writer = { document, regular, bold, letters: new Set(regular.getCharacterSet()), fonts };
  for (const sheet of pages) await writePage(writer, sheet);
  return document.save();
}

async function writePage(writer: Writer, sheet: Page): Promise<void> {
  const page = writer.document.addPage([sheet.widthMm * PT_PER_MM, sheet.heightMm * PT_PER_MM]);
  page.pushOperators(pushGraphicsState(), ...clippedTo(sheet.window));
  for (const item of sheet.drawing) await writeItem(writer, page, item, sheet.shift.yMm, sheet.shift.zMm);
  page.pushOperators(popGraphicsState());
  for (const item of sheet.fixed) await writeItem(writer, page, item, 0, 0);
}

const clippedTo = (w: Bounds) => [
  rectangle(w.leftMm * PT_PER_MM, w.bottomMm * PT_PER_MM, (w.rightMm - w.leftMm) * PT_PER_MM, (w.topMm - w.bottomMm) * PT_PER_MM),
  clip(),
  endPath(),
];

async function writeItem(writer: Writer, page: PDFPage, item: Item, dy: number, dz: number): Promise<void> {
  if (item.kind === 'text') return writeText(writer, page, item, dy, dz);
  const ink = INK[item.style];
  const at = item.points.map((p) => ({ x: (p.yMm + dy) * PT_PER_MM, y: (p.zMm + dz) * PT_PER_MM }));
  const path = at.map((p, i) => `${i === 0 ? 'M' : 'L'}${p.x.toFixed(4)} ${(-p.y).toFixed(4)}`).join(' ');
  page.drawSvgPath(path, {
    x: 0,
    y: 0,
    borderColor: colour(ink.colour),
    borderWidth: ink.widthMm * PT_PER_MM,
    ...(ink.dashMm.length > 0 && { borderDashArray: ink.dashMm.map((mm) => mm * PT_PER_MM) }),
  });
}

async function writeText(writer: Writer, page: PDFPage, item: Extract<Item, { kind: 'text' }>, dy: number, dz: number): Promise<void> {
  const x = (item.at.yMm + dy) * PT_PER_MM;
  const y = (item.at.zMm + dz) * PT_PER_MM;
  const share = { start: 0, middle: 0.5, end: 1 }[item.anchor];
  const known = [...item.text].every((c) => writer.letters.has(c.codePointAt(0)!));
  if (!known && writer.fonts.picture !== null) {
    const picture = await writer.fonts.picture(item.text, item.sizeMm, item.bold);
    if (picture !== null) {
      const image = await writer.document.embedPng(picture.png);
      const width = picture.widthMm * PT_PER_MM;
      page.drawImage(image, {
        x: x - share * width,
        y: y - picture.heightMm * 0.25 * PT_PER_MM,
        width,
        height: picture.heightMm * PT_PER_MM,
      });
      return;
    }
  }
  const font = item.bold ? writer.bold : writer.regular;
  const text = known ? item.text : [...item.text].map((c) => (writer.letters.has(c.codePointAt(0)!) ? c : '?')).join('');
  const size = item.sizeMm * PT_PER_MM;
  page.drawText(text, { x: x - share * font.widthOfTextAtSize(text, size), y, size, font, color: colour('#1F2421') });
}

function colour(hex: string) {
  const part = (i: number): number => parseInt(hex.slice(i, i + 2), 16) / 255;
  return rgb(part(1), part(3), part(5));
}
