import { type StrideGait, type StrideGaitId } from './stride';
import { STRIDE_DEFAULTS } from './stride-defaults';
import { type Filling, type TreeGivesHow } from '../saddle/saddle-build';

export const GAITS = ['stand', 'walk', 'trot', 'canter', 'jump'] as const;
export type Gait = (typeof GAITS)[number];

/** How the back is held while the saddle is looked at. */
export const BACK_POSES = ['resting', 'lifted', 'shoulderBack'] as const;
export type BackPose = (typeof BACK_POSES)[number];

/** Layers that give, from tree to horse. */
export type Layer = Exclude<Filling, 'none'> | 'tissue' | 'feltPad' | 'point';

/** How far a saddle may go and turn and still count as staying. */
export interface StayLimits {
  readonly levelMm: number;
  readonly turnDeg: number;
}

/** Everything the engine takes for granted: data of a school, carried with its version. Every number is a default. */
export interface EngineSettings {
  /** kPa per mm of squeeze. */
  readonly stiffnessKPaPerMm: Readonly<Record<Layer, number>>;
  /** Squeeze at which a layer has become twice as stiff, mm. */
  readonly hardeningMm: number;
  /** Shear held at most as a share of the pressure: of leather on hair. */
  readonly friction: number;
  /** Stiffness along the skin as a share of that into it. */
  readonly shearShare: number;
  /** Where it no longer stays: how far the middle of what bears may go level, mm, and how far it may turn, degrees. */
  readonly stays: StayLimits;
  /** How much more than standing rider and saddle press at the worst of a stride. */
  readonly gaitFactors: Readonly<Record<Gait, number>>;
  /** Pull of one girth strap, N: two of them make 80 N a side. */
  readonly strapPullN: number;
  /** How far the girth's buckles lie below the arch's crown, how far from the middle, and how far apart along the back, mm. */
  readonly girthBuckle: { readonly belowMm: number; readonly halfMm: number; readonly apartMm: number };
  /** A V strap: its two ends apart along the saddle, and how far below them its ring hangs, mm. */
  readonly strapV: { readonly spreadMm: number; readonly ringBelowMm: number };
  /** A tree point backs the panel this far ahead of and behind its line, mm; where only the flap is behind, it is this share as stiff. */
  readonly points: { readonly reachMm: number; readonly flapShare: number };
  /** How trees give, Nm per degree: lengthwise between their two ends, and of the arch between its points; null is rigid. */
  readonly tree: Readonly<Record<TreeGivesHow, { readonly bendNmPerDeg: number; readonly openNmPerDeg: number } | null>>;
  /** Pushes by which it is asked how hard it is to turn, Nm: by its shape (how far it may then go), by hand, and the most that is tried. */
  readonly pushes: { readonly shapeNm: number; readonly shapeStays: StayLimits; readonly handNm: number; readonly mostNm: number };
  /** Where nothing was measured: rise of the back with the belly lifted, swing of the blade's edge, how proud the blade stands, mm. */
  readonly unmeasured: { readonly liftMm: number; readonly travelMm: number; readonly bladeMm: number };
  /** Where on the flank the blade's rear edge lies, from the spine, mm; it runs out over as much again. */
  readonly blade: { readonly innerMm: number; readonly fullMm: number; readonly outerMm: number; readonly softMm: number };
  /** Strides, instant by instant. */
  readonly strides: Readonly<Record<StrideGaitId, StrideGait>>;
  /** Screening levels of the ridden horse, as published, kPa: shown beside the numbers, they decide nothing. */
  readonly published: { readonly meanKPa: number; readonly peakKPa: number };
  /** From one stride to the next: less than the first stays, up to the second works, more runs, mm. */
  readonly creepMm: { readonly stays: number; readonly runs: number };
  /** What each way of holding the back counts for in a score: most of it is the horse standing. */
  readonly poseShares: Readonly<Record<BackPose, number>>;
}

export const ENGINE_DEFAULTS: EngineSettings = {
  stiffnessKPaPerMm: { wool: 2.5, foam: 3, air: 1.5, tissue: 4, feltPad: 5, point: 4 },
  hardeningMm: 25,
  friction: 0.35,
  shearShare: 0.35,
  stays: { levelMm: 20, turnDeg: 8 },
  gaitFactors: { stand: 1, walk: 1.2, trot: 2, canter: 2.5, jump: 3.5 },
  strapPullN: 40,
  girthBuckle: { belowMm: 420, halfMm: 190, apartMm: 40 },
  strapV: { spreadMm: 90, ringBelowMm: 120 },
  points: { reachMm: 15, flapShare: 0.5 },
  tree: { rigid: null, sprung: { bendNmPerDeg: 60, openNmPerDeg: 60 }, flexible: { bendNmPerDeg: 15, openNmPerDeg: 20 } },
  pushes: { shapeNm: 10, shapeStays: { levelMm: 80, turnDeg: 30 }, handNm: 20, mostNm: 160 },
  unmeasured: { liftMm: 15, travelMm: 45, bladeMm: 12 },
  blade: { innerMm: 50, fullMm: 90, outerMm: 190, softMm: 25 },
  strides: STRIDE_DEFAULTS,
  published: { meanKPa: 11, peakKPa: 30 },
  creepMm: { stays: 0.3, runs: 3 },
  poseShares: { resting: 0.6, lifted: 0.2, shoulderBack: 0.2 },
};
