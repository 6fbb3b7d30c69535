import { BODY_FILES, fontUrl } from '../ui/fonts';
import { type PdfFonts } from './pdf';

/** The typeface that ships with the application, and the browser's own letters where it has none. */
export async function pdfFonts(): Promise<PdfFonts> {
  const [{ textPicture }, regular, bold] = await Promise.all([
    import('./text-picture'),
    fetch(fontUrl(BODY_FILES.regular)).then((r) => r.arrayBuffer()),
    fetch(fontUrl(BODY_FILES.bold)).then((r) => r.arrayBuffer()),
  ]);
  return { regular, bold, picture: textPicture };
}
