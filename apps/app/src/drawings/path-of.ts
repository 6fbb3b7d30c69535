import { line } from 'd3-shape';

const drawn = line().digits(1);

/** A line through points of the screen, px, as a path's `d`; to a tenth of a pixel. */
export const pathOf = (points: readonly (readonly [xPx: number, yPx: number])[]): string => drawn(points as [number, number][]) ?? '';
