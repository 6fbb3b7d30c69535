import { type Filling } from '../saddle/saddle-build';

export const GAITS = ['stand', 'walk', 'trot', 'canter', 'jump'] as const;
export type Gait = (typeof GAITS)[number];

/** How the back is held while the saddle is looked at. */
export const BACK_POSES = ['resting', 'lifted', 'shoulderBack'] as const;
export type BackPose = (typeof BACK_POSES)[number];

/** Layers that give, from tree to horse. */
export type Layer = Exclude<Filling, 'none'> | 'tissue' | 'feltPad';

/** Everything the engine takes for granted: data of a school, carried with its version. Every number is a default. */
export interface EngineSettings {
  /** kPa per mm of squeeze. */
  readonly stiffnessKPaPerMm: Readonly<Record<Layer, number>>;
  /** Squeeze at which a layer has become twice as stiff, mm. */
  readonly hardeningMm: number;
  /** Of leather on hair. */
  readonly friction: number;
  /** How much more than standing rider and saddle press at the worst of a stride. */
  readonly gaitFactors: Readonly<Record<Gait, number>>;
  /** Pull of one girth strap, N: a hand-tight girth, about 6 kg a strap. */
  readonly strapPullN: number;
  /** How far the girth's buckles lie below the arch's crown, and how far from the middle, mm. */
  readonly girthBuckle: { readonly belowMm: number; readonly halfMm: number };
  /** Where nothing was measured: rise of the back with the belly lifted, swing of the blade's edge, how proud the blade stands, mm. */
  readonly unmeasured: { readonly liftMm: number; readonly travelMm: number; readonly bladeMm: number };
  /** Where on the flank the blade's rear edge lies, from the spine, mm; it runs out over as much again. */
  readonly blade: { readonly innerMm: number; readonly fullMm: number; readonly outerMm: number; readonly softMm: number };
  /** What each way of holding the back counts for in a score: most of it is the horse standing. */
  readonly poseShares: Readonly<Record<BackPose, number>>;
}

export const ENGINE_DEFAULTS: EngineSettings = {
  stiffnessKPaPerMm: { wool: 2.5, foam: 3, air: 1.5, tissue: 4, feltPad: 5 },
  hardeningMm: 25,
  friction: 0.35,
  gaitFactors: { stand: 1, walk: 1.2, trot: 2, canter: 2.5, jump: 3.5 },
  strapPullN: 60,
  girthBuckle: { belowMm: 420, halfMm: 190 },
  unmeasured: { liftMm: 15, travelMm: 45, bladeMm: 12 },
  blade: { innerMm: 50, fullMm: 90, outerMm: 190, softMm: 25 },
  poseShares: { resting: 0.6, lifted: 0.2, shoulderBack: 0.2 },
};
