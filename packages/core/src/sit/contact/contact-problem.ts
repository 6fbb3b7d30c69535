/** What a saddle may do: three ways along, three turns, and two in which its tree gives. */
export const FREEDOMS = ['surge', 'sway', 'heave', 'roll', 'pitch', 'yaw', 'bend', 'open'] as const;
export type Freedom = (typeof FREEDOMS)[number];

type Numbers = ArrayLike<number>;

/**
 * Cells that may touch, one entry per cell in every list. Frame of the horse: x toward the tail, y toward the off side, z up, mm.
 * The cells hang on the saddle: where it goes they go, and so does the shear in them.
 */
export interface CellsHeld {
  readonly x: Numbers;
  readonly y: Numbers;
  readonly z: Numbers;
  /** Unit normal of the back there, pointing out of the horse. */
  readonly normalX: Numbers;
  readonly normalY: Numbers;
  readonly normalZ: Numbers;
  /** Along the normal, mm: + squeezed, - a gap. */
  readonly squeezeMm: Numbers;
  /** Along the skin, mm2. */
  readonly areaMm2: Numbers;
  readonly stiffnessKPaPerMm: Numbers;
  /** Shear it holds at most, as a share of its pressure; absent for that of the law. */
  readonly friction?: Numbers;
  /** The same cell at the last rest, or where a first step began: squeeze, and its shear in kPa; absent for as it is now, and none. */
  readonly squeezeBeforeMm?: Numbers;
  readonly shearX?: Numbers;
  readonly shearY?: Numbers;
  readonly shearZ?: Numbers;
  /** How far the cell has gone since then, mm; absent for nothing. */
  readonly movedX?: Numbers;
  readonly movedY?: Numbers;
  readonly movedZ?: Numbers;
}

/** A force on the saddle, at a point that goes with it: mm and N, z up. */
export interface PointForce {
  readonly x: number;
  readonly y: number;
  readonly z: number;
  readonly forceX: number;
  readonly forceY: number;
  readonly forceZ: number;
}

/** How the tree gives: stiffness of bending and of the arch's opening, and where a radian of either takes each cell and load, mm. */
export interface TreeGives {
  readonly bendNmPerDeg: number;
  readonly openNmPerDeg: number;
  /** How far it has given already, radians. */
  readonly bent: number;
  readonly opened: number;
  readonly bendZ: Numbers;
  readonly openY: Numbers;
  readonly openZ: Numbers;
  readonly loadBendZ: Numbers;
}

/** What all cells share. */
export interface ContactLaw {
  /** Squeeze at which a cell has become twice as stiff, mm; Infinity for never. */
  readonly hardeningMm: number;
  /** Stiffness along the skin as a share of that into it. */
  readonly shearShare: number;
  /** Shear a cell holds at most, as a share of its pressure. */
  readonly friction: number;
}

/** One step of a saddle from where it is to where it rests, in plain numbers, so that anyone can pose one. */
export interface ContactProblem {
  readonly cells: CellsHeld;
  readonly law: ContactLaw;
  readonly loads: readonly PointForce[];
  /** Freedoms that are held; absent for none. A tree that is absent doesn't give. */
  readonly locked?: readonly Freedom[];
  readonly tree?: TreeGives | null;
}

/** Turns are counted as the way of a point so far off, mm, so that ways and turns weigh alike. */
export const LEVER_MM = 100;
export const N_PER_KPA_MM2 = 1e-3;
