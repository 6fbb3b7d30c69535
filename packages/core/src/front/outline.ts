import { type PointYZ } from '../geometry';

/** A drawing at the size of a thumb needs no more, from side to side. */
export const OUTLINE_POINTS = 40;

/** A section thinned out for a small drawing: evenly by place in the list, both ends and the order kept, to a tenth of a millimetre. */
export function outlineOf(section: readonly PointYZ[]): PointYZ[] {
  const last = section.length - 1;
  const count = Math.min(OUTLINE_POINTS, section.length);
  const picked = Array.from({ length: count }, (_, i) => section[count < 2 ? 0 : Math.round((i * last) / (count - 1))]!);
  const round = (mm: number): number => Math.round(mm * 10) / 10 || 0;
  return picked.map(({ yMm, zMm }) => ({ yMm: round(yMm), zMm: round(zMm) }));
}
