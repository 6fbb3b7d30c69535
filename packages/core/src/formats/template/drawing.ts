import { type PointYZ } from '../../geometry';

/** How a line of a template is drawn; the writers turn these into strokes. */
export type InkStyle = 'near' | 'off' | 'arch' | 'panel' | 'axis' | 'frame' | 'bar' | 'mark';

/** One thing on paper, mm, y to the right, z up. */
export type Item =
  | { readonly kind: 'line'; readonly style: InkStyle; readonly points: readonly PointYZ[] }
  | {
      readonly kind: 'text';
      readonly at: PointYZ;
      readonly sizeMm: number;
      readonly bold: boolean;
      readonly anchor: 'start' | 'middle' | 'end';
      readonly text: string;
    };

export interface Bounds {
  readonly leftMm: number;
  readonly rightMm: number;
  readonly bottomMm: number;
  readonly topMm: number;
}

export const line = (style: InkStyle, ...points: PointYZ[]): Item => ({ kind: 'line', style, points });

export const words = (at: PointYZ, text: string, sizeMm = 3.6, bold = false, anchor: 'start' | 'middle' | 'end' = 'start'): Item => ({
  kind: 'text',
  at,
  sizeMm,
  bold,
  anchor,
  text,
});

export function boundsOf(items: readonly Item[]): Bounds {
  const points = items.flatMap((i) => (i.kind === 'line' ? i.points : [i.at]));
  return {
    leftMm: Math.min(...points.map((p) => p.yMm)),
    rightMm: Math.max(...points.map((p) => p.yMm)),
    bottomMm: Math.min(...points.map((p) => p.zMm)),
    topMm: Math.max(...points.map((p) => p.zMm)),
  };
}
