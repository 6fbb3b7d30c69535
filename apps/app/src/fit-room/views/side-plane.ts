import { type BackSurface, type SitPicture, motionOf, placed, surfaceHeightMm, underside } from '@fulcra/core';
import { pathOf } from '../../drawings/path-of';
import { type TrueScale } from '../../drawings/true-scale';

const STEP_MM = 8;

/** The plane along the spine as it is drawn. */
export interface Plane extends TrueScale {
  readonly heightPx: number;
  readonly footMm: number;
}

export const pathIn = ({ x, y }: Plane, points: readonly PointXz[]): string => pathOf(points.map((p) => [x(p.x), y(p.z)]));

export interface PointXz {
  readonly x: number;
  readonly z: number;
}

export function spineOf(surface: BackSurface, fromMm: number, toMm: number): PointXz[] {
  const points: PointXz[] = [];
  for (let x = fromMm; x <= toMm; x += STEP_MM) {
    const z = surfaceHeightMm(surface, x, 0);
    if (Number.isFinite(z)) points.push({ x, z });
  }
  return points;
}

/** The crown line of the tree as it has settled. */
export function treeOf({ asked, pose }: SitPicture): PointXz[] {
  const under = underside(asked.saddle, asked.setup);
  const motion = motionOf(pose);
  const count = Math.ceil(asked.saddle.build.frame.lengthMm / STEP_MM);
  return Array.from({ length: count + 1 }, (_, i) => {
    const u = (asked.saddle.build.frame.lengthMm * i) / count;
    const [x, , z] = placed(motion, asked.setup.placeMm + u, 0, under.roofAt(u));
    return { x, z };
  });
}

export const onTree = (tree: readonly PointXz[], xMm: number): number =>
  tree.reduce((best, p) => (Math.abs(p.x - xMm) < Math.abs(best.x - xMm) ? p : best)).z;

/** The panel's under line, halfway across it, seen through the flank. */
export function panelPath(
  { asked, pose }: SitPicture,
  tree: readonly PointXz[],
  x: (mm: number) => number,
  y: (mm: number) => number,
): string {
  const under = underside(asked.saddle, asked.setup);
  const motion = motionOf(pose);
  const line: PointXz[] = [];
  for (let u = under.fromMm; u <= under.toMm; u += STEP_MM) {
    const { innerMm, outerMm } = under.edgesAt(u);
    const out = innerMm + 0.35 * (outerMm - innerMm);
    const height = under.heightIn(under.rowAt(u), u, -out);
    if (!Number.isFinite(height)) continue;
    const [at, , z] = placed(motion, asked.setup.placeMm + u, 0, height);
    line.push({ x: at, z });
  }
  const all = [...tree, ...line.reverse()];
  return `${pathOf(all.map((p) => [x(p.x), y(p.z)]))}Z`;
}
