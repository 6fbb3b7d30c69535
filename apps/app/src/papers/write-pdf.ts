import { type Page } from '@fulcra/core';
import { pdfFonts } from './pdf-fonts';

/** Pages as a PDF. The writer is large and only wanted now and then, so it is fetched when asked for. */
export async function writePdf(title: string, pages: readonly Page[]): Promise<Uint8Array> {
  const [{ pagesPdf }, fonts] = await Promise.all([import('./pdf'), pdfFonts()]);
  return pagesPdf(title, pages, fonts);
}
