import { BODY_FONT } from '../ui/tokens';

const PX_PER_MM = 300 / 25.4;
const LINE = 1.35;

/** Any script the browser can draw, as a picture at print resolution. */
export async function textPicture(text: string, sizeMm: number, bold: boolean) {
  const font = `${bold ? 700 : 400} ${sizeMm * PX_PER_MM}px "${BODY_FONT}", system-ui, sans-serif`;
  const canvas = document.createElement('canvas');
  const measure = canvas.getContext('2d');
  if (measure === null) return null;
  measure.font = font;
  canvas.width = Math.ceil(measure.measureText(text).width) + 2;
  canvas.height = Math.ceil(sizeMm * PX_PER_MM * LINE);
  const pen = canvas.getContext('2d')!;
  pen.font = font;
  pen.fillStyle = '#1F2421';
  pen.textBaseline = 'alphabetic';
  pen.fillText(text, 1, canvas.height * 0.75);
  const blob = await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, 'image/png'));
  if (blob === null) return null;
  return { png: await blob.arrayBuffer(), widthMm: canvas.width / PX_PER_MM, heightMm: canvas.height / PX_PER_MM };
}
