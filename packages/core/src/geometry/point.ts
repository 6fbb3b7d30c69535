/** A point of the vertical plane across the horse, mm. `yMm` runs to the off side, `zMm` up. */
export interface PointYZ {
  readonly yMm: number;
  readonly zMm: number;
}

export const point = (yMm: number, zMm: number): PointYZ => ({ yMm, zMm });
export const distanceMm = (a: PointYZ, b: PointYZ): number => Math.hypot(a.yMm - b.yMm, a.zMm - b.zMm);
export const shifted = (p: PointYZ, dyMm: number, dzMm: number): PointYZ => point(p.yMm + dyMm, p.zMm + dzMm);
export const mirroredPoint = (p: PointYZ): PointYZ => point(-p.yMm || 0, p.zMm);
