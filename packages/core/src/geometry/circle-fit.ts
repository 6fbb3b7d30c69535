import { type PointYZ, point } from './point';

export interface Circle {
  readonly centre: PointYZ;
  readonly radiusMm: number;
}

/**
 * Algebraic least-squares circle. Source: Kasa, "A circle fitting procedure and its error analysis",
 * IEEE Trans. Instrum. Meas. 25 (1976): minimises (y^2 + z^2 + ay + bz + c)^2.
 * @returns null for fewer than three points or points on a line.
 */
export function fitCircle(points: readonly PointYZ[]): Circle | null {
  if (points.length < 3) return null;
  const n = points.length;
  const meanY = points.reduce((s, p) => s + p.yMm, 0) / n;
  const meanZ = points.reduce((s, p) => s + p.zMm, 0) / n;
  let yy = 0,
    zz = 0,
    yz = 0,
    yq = 0,
    zq = 0,
    q = 0;
  for (const p of points) {
    const u = p.yMm - meanY;
    const v = p.zMm - meanZ;
    const r2 = u * u + v * v;
    yy += u * u;
    zz += v * v;
    yz += u * v;
    yq += u * r2;
    zq += v * r2;
    q += r2;
  }
  const det = yy * zz - yz * yz;
  if (det <= 1e-9 * yy * zz || q === 0) return null;
  const cy = (yq * zz - zq * yz) / (2 * det);
  const cz = (zq * yy - yq * yz) / (2 * det);
  return { centre: point(cy + meanY, cz + meanZ), radiusMm: Math.sqrt(cy * cy + cz * cz + q / n) };
}
