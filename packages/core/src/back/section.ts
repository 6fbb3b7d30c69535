import { type Polyline, mirroredPoint } from '../geometry';
import { type NearOff } from '../units';

/**
 * A cross-section of the back in the vertical plane across the horse, mm.
 * Points run from the near end over the apex to the off end; the apex, on the spine, is (0, 0).
 */
export interface Section {
  readonly points: Polyline;
  readonly apexIndex: number;
  /** True when it was drawn through a few widths instead of traced. */
  readonly coarse: boolean;
  /** The depths below the apex at which a coarse one was measured, mm, in order; absent where it was traced. */
  readonly readAtMm?: readonly number[];
}

/** One side from the apex outward, mirrored so that y grows away from the spine on both sides. */
export function sideOutward(section: Section, side: NearOff): Polyline {
  if (side === 'off') return section.points.slice(section.apexIndex);
  return section.points
    .slice(0, section.apexIndex + 1)
    .reverse()
    .map(mirroredPoint);
}

/** Puts two outward sides together again. */
export function sectionFromSides(near: Polyline, off: Polyline, coarse: boolean): Section {
  const nearPoints = near.map(mirroredPoint).reverse();
  return { points: [...nearPoints.slice(0, -1), ...off], apexIndex: near.length - 1, coarse };
}

/** A section with other sides, measured at the same places. */
export const withSides = (section: Section, near: Polyline, off: Polyline): Section => ({
  ...section,
  ...sectionFromSides(near, off, section.coarse),
});

/** The same horse seen in a mirror: near and off change places and nothing else changes. */
export const mirroredSection = (section: Section): Section => withSides(section, sideOutward(section, 'off'), sideOutward(section, 'near'));

/** How far a side reaches below the apex, mm (positive). */
export const depthReachedMm = (outward: Polyline): number => Math.max(...outward.map((p) => -p.zMm));
