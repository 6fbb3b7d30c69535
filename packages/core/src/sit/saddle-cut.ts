import { type PointYZ, point } from '../geometry';
import { type DescribedSaddle, type SaddleSetup, crownRadiusMm } from '../saddle/saddle-setup';
import { treeDrop, underside } from '../saddle/underside';
import { type NearOff } from '../units';
import { type Pose, motionOf, placed } from './contact/rigid';

/** A saddle cut across, seen from behind: near is -y, heights in the horse's own frame, mm. */
export interface SaddleCut {
  /** Lower face of the tree, near to off. */
  readonly tree: readonly PointYZ[];
  /** Round each panel: along the tree, then back along what lies on the horse. */
  readonly panel: Readonly<Record<NearOff, readonly PointYZ[]>>;
  /** The tree over the spine, and how much of the room under it the pad takes. */
  readonly roofMm: number;
  readonly padMm: number;
}

/** Enough for a screen; a template at full scale asks for more. */
const POINTS_ACROSS = 25;
/** The tree ends this far inside the panel's outer edge (default). */
const TREE_INSIDE_MM = 6;

/**
 * The saddle as it has settled, at a place behind the scapula; null where it doesn't reach.
 * @param points along the tree, and along each panel
 */
export function saddleCut(saddle: DescribedSaddle, setup: SaddleSetup, pose: Pose, atMm: number, points = POINTS_ACROSS): SaddleCut | null {
  const under = underside(saddle, setup);
  const motion = motionOf(pose);
  // the place of the saddle that has come to lie there
  const u = atMm - setup.placeMm - pose.surgeMm;
  if (u < under.fromMm || u > under.toMm) return null;
  const row = under.rowAt(u);
  const radius = crownRadiusMm(saddle, setup);
  const roof = under.roofAt(u);
  const { innerMm, outerMm } = under.edgesAt(u);
  const settled = (y: number, z: number): PointYZ => {
    const [, py, pz] = placed(motion, atMm - pose.surgeMm, y, z);
    return point(py, pz);
  };
  const treeAt = (y: number): PointYZ => settled(y, roof - treeDrop(row, radius, Math.abs(y)));
  const across = (from: number, to: number): number[] => Array.from({ length: points }, (_, i) => from + ((to - from) * i) / (points - 1));
  const panel = (sign: 1 | -1): PointYZ[] => {
    const ys = across(innerMm + 0.5, outerMm - 0.5).map((out) => sign * out);
    const low = ys.flatMap((y) => {
      const height = under.heightIn(row, u, y);
      return Number.isFinite(height) ? [settled(y, height)] : [];
    });
    return [...ys.map(treeAt), ...low.reverse()];
  };
  return {
    tree: across(TREE_INSIDE_MM - outerMm, outerMm - TREE_INSIDE_MM).map(treeAt),
    panel: { near: panel(-1), off: panel(1) },
    roofMm: settled(0, roof).zMm,
    padMm: setup.pad.thicknessMm,
  };
}
