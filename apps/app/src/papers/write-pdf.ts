import { type FrontTemplate, type Page, type SheetSize } from '@fulcra/core';
import { pdfFonts } from './pdf-fonts';

/** Pages as a PDF. The writer is large and only wanted now and then, so it is fetched when asked for. */
export async function writePdf(title: string, pages: readonly Page[]): Promise<Uint8Array> {
  const [{ pagesPdf }, fonts] = await Promise.all([import('./pdf'), pdfFonts()]);
  return pagesPdf(title, pages, fonts);
}

/** Templates on sheets of a size, one after another. */
export async function writeTemplates(templates: readonly FrontTemplate[], size: SheetSize): Promise<Uint8Array> {
  const [{ templatePdf }, fonts] = await Promise.all([import('./pdf'), pdfFonts()]);
  return templatePdf(templates, size, fonts);
}
