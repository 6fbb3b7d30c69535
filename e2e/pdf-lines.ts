import { inflateSync } from 'node:zlib';
import { PDFDocument, PDFRawStream, decodePDFRawStream } from 'pdf-lib';

export interface StraightLine {
  readonly lengthMm: number;
  readonly level: boolean;
}
const MM_PER_PT = 25.4 / 72;

/** Straight two-point strokes of one sheet as they stand in the file, in millimetres: what a ruler would find. */
export async function straightLines(bytes: Uint8Array, sheet: number): Promise<readonly StraightLine[]> {
  const page = (await PDFDocument.load(bytes)).getPage(sheet);
  const contents = page.node.Contents();
  if (contents === undefined) throw new Error(`sheet ${sheet} is empty`);
  const streams = 'asArray' in contents ? contents.asArray().map((ref) => page.doc.context.lookup(ref)) : [contents];
  const text = streams
    .map((s) => (s instanceof PDFRawStream ? latin(decodePDFRawStream(s).decode()) : latin(inflateSync(Buffer.from(String(s))))))
    .join('\n');
  const moves = [...text.matchAll(/(-?[\d.]+) (-?[\d.]+) m\s+(-?[\d.]+) (-?[\d.]+) l\s+S/g)];
  return moves.map(([, x1, y1, x2, y2]) => {
    const dx = (Number(x2) - Number(x1)) * MM_PER_PT;
    const dy = (Number(y2) - Number(y1)) * MM_PER_PT;
    return { lengthMm: Math.hypot(dx, dy), level: Math.abs(dy) < 0.01 };
  });
}

const latin = (bytes: Uint8Array): string => Buffer.from(bytes).toString('latin1');

export async function sheetSizesMm(bytes: Uint8Array): Promise<readonly (readonly [number, number])[]> {
  const document = await PDFDocument.load(bytes);
  return document.getPages().map((p) => [Math.round(p.getWidth() * MM_PER_PT), Math.round(p.getHeight() * MM_PER_PT)]);
}
