import { type Polyline, fitLine, median } from '../geometry';
import { type NearOff, SIDES, degFromRad } from '../units';
import { type Section, depthReachedMm, sideOutward } from './section';
import { halfWidthAtMm } from './section-measures';

/** The shake of a hand across its line that is left once turn and shift are taken off, one standard deviation, mm (default). */
export const SHAKE_MM = 1;
/** Where sides are held against each other, as shares of the depth that all of them reach; and how many shakes there are independent. */
export const LOOKED_AT = [0.2, 0.35, 0.5, 0.65, 0.8, 0.95] as const;
export const SHAKE_DOF = 4;
/** A flank's slope is read over so much either way, as a share of that depth. */
const SLOPE_OVER = 0.015;

/** Half-widths of a side at the places looked at, mm, and how they grow with depth there. */
interface Widths {
  readonly depthsMm: readonly number[];
  readonly halfMm: readonly number[];
  readonly slopes: readonly number[];
}
export type SideWidths = Readonly<Record<NearOff, Widths>>;

/** Some sections read at the same depths on both sides. */
export function sideWidths(sections: readonly Section[]): SideWidths[] {
  const all = sections.map((s) => ({ near: sideOutward(s, 'near'), off: sideOutward(s, 'off') }));
  const reach = Math.min(...all.flatMap((s) => SIDES.map((side) => depthReachedMm(s[side]))));
  const depthsMm = LOOKED_AT.map((share) => share * reach);
  const over = SLOPE_OVER * reach;
  const at = (line: Polyline, depth: number): number => halfWidthAtMm(line, depth) ?? 0;
  const read = (line: Polyline): Widths => ({
    depthsMm,
    halfMm: depthsMm.map((d) => at(line, d)),
    slopes: depthsMm.map((d) => (at(line, d + over) - at(line, d - over)) / (2 * over)),
  });
  return all.map(({ near, off }) => ({ near: read(near), off: read(off) }));
}

/** How one side lies on the middle one. */
interface Lying {
  /** Degrees, + to a flatter flank. */
  readonly turn: number;
  /** Out from the spine, mm. */
  readonly shift: number;
  /** Across the line, at the places looked at, mm. */
  readonly leftMm: readonly number[];
}

interface SideLying {
  readonly lying: readonly Lying[];
  /** What the hand's shake alone does to turn, degrees squared, and to shift, mm squared. */
  readonly shakeVariance: Readonly<Record<'turn' | 'shift', number>>;
}

/** How each side lies on the middle one of all, by a straight fit to how far across it is at some places along the flank. */
export function lyingOn(sides: readonly Widths[]): SideLying {
  const { depthsMm } = sides[0]!;
  const middle = depthsMm.map((_, k) => median(sides.map((s) => s.halfMm[k]!)));
  // a way out at one depth is less across a flank the flatter that is
  const across = depthsMm.map((_, k) => Math.cos(Math.atan(median(sides.map((s) => s.slopes[k]!)))));
  const along = depthsMm.map((d, k) => Math.hypot(d, middle[k]!));
  const steep = across.reduce((s, c) => s + c, 0) / across.length;
  const lying = sides.map(({ halfMm }) => {
    const mm = halfMm.map((half, k) => (half - middle[k]!) * across[k]!);
    const fit = fitLine(along, mm) ?? { slope: 0, intercept: 0 };
    return {
      turn: degFromRad(Math.atan(fit.slope)),
      shift: fit.intercept / steep,
      leftMm: mm.map((v, k) => v - fit.intercept - fit.slope * along[k]!),
    };
  });
  const mean = along.reduce((s, v) => s + v, 0) / along.length;
  const spread = along.reduce((s, v) => s + (v - mean) ** 2, 0);
  return {
    lying,
    shakeVariance: {
      turn: degFromRad(SHAKE_MM / Math.sqrt(spread)) ** 2,
      shift: (SHAKE_MM / steep) ** 2 * (1 / along.length + mean ** 2 / spread),
    },
  };
}
