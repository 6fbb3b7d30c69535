/** Cells of a level grid where a saddle's underside may touch the back. */
export interface ContactCells {
  readonly countX: number;
  readonly countY: number;
  readonly stepMm: number;
  /** Centre of each cell, row by row along the back: x toward the tail, y toward the off side, mm. */
  readonly x: Float64Array;
  readonly y: Float64Array;
  /** Height of the back over the underside at rest, mm: positive where they would pass into each other; NaN where there is no panel. */
  readonly overlapMm: Float64Array;
  /** Upward part of the unit normal, 1 where the back is level. */
  readonly normalZ: Float64Array;
}

export interface CellsSource {
  readonly fromXMm: number;
  readonly toXMm: number;
  readonly halfWidthMm: number;
  readonly stepMm: number;
  /** Height of the back and of the underside at a place, mm; NaN where there is none. */
  readonly back: (xMm: number, yMm: number) => number;
  readonly underside: (xMm: number, yMm: number) => number;
}

/** Samples back and underside at cell centres; slopes of the back by central differences over a cell. */
export function contactCells({ fromXMm, toXMm, halfWidthMm, stepMm, back, underside }: CellsSource): ContactCells {
  const countX = Math.max(1, Math.round((toXMm - fromXMm) / stepMm));
  const countY = Math.max(1, Math.round((2 * halfWidthMm) / stepMm));
  const [stepX, stepY] = [(toXMm - fromXMm) / countX, (2 * halfWidthMm) / countY];
  const count = countX * countY;
  const cells = {
    x: new Float64Array(count),
    y: new Float64Array(count),
    overlapMm: new Float64Array(count),
    normalZ: new Float64Array(count),
  };
  for (let i = 0; i < countX; i++) {
    for (let j = 0; j < countY; j++) {
      const at = i * countY + j;
      const [x, y] = [fromXMm + (i + 0.5) * stepX, -halfWidthMm + (j + 0.5) * stepY];
      const slopeX = (back(x + stepX / 2, y) - back(x - stepX / 2, y)) / stepX;
      const slopeY = (back(x, y + stepY / 2) - back(x, y - stepY / 2)) / stepY;
      const steepness = Math.hypot(1, slopeX, slopeY);
      cells.x[at] = x;
      cells.y[at] = y;
      cells.overlapMm[at] = back(x, y) - underside(x, y);
      cells.normalZ[at] = Number.isFinite(steepness) ? 1 / steepness : 1;
    }
  }
  return { ...cells, countX, countY, stepMm };
}

/** True area of a cell, which the rounding of counts may make a little other than step squared. */
export function cellAreaMm2({ x, y, countX, countY, stepMm }: Pick<ContactCells, 'x' | 'y' | 'countX' | 'countY' | 'stepMm'>): number {
  const dx = countX > 1 ? x[countY]! - x[0]! : stepMm;
  const dy = countY > 1 ? y[1]! - y[0]! : stepMm;
  return dx * dy;
}
