/** A line through points of the screen, px, as a path's `d`; to a tenth of a pixel. */
export const pathOf = (points: readonly (readonly [xPx: number, yPx: number])[]): string =>
  points.map(([x, y], i) => `${i === 0 ? 'M' : 'L'}${x.toFixed(1)} ${y.toFixed(1)}`).join('');
