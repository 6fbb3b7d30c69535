import { curveCatmullRom, curveCatmullRomClosed, line } from 'd3-shape';

const drawn = line().digits(1);

/** A line through points of the screen, px, as a path's `d`; to a tenth of a pixel. */
export const pathOf = (points: readonly (readonly [xPx: number, yPx: number])[]): string => drawn(points as [number, number][]) ?? '';

const smooth = line().curve(curveCatmullRom).digits(1);

/** The same without corners. */
export const smoothPathOf = (points: readonly (readonly [xPx: number, yPx: number])[]): string =>
  smooth(points as [number, number][]) ?? '';

const closed = line().curve(curveCatmullRomClosed.alpha(0.5)).digits(1);

/** The same closed on itself. */
export const closedPathOf = (points: readonly (readonly [xPx: number, yPx: number])[]): string =>
  closed(points as [number, number][]) ?? '';
