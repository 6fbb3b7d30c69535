import { type NearOff } from '../units';
import { type NumberSetting, fixedAt } from './number-setting';
import { type UnmeasuredOf } from './saddle-measure-ids';

/** Across the panel: flat, or bowed away from the horse, or bowed toward it. Round on round touches in a line. */
export const PANEL_CROSSES = ['flat', 'hollow', 'rounded'] as const;
export type PanelCross = (typeof PANEL_CROSSES)[number];

/** What gives between tree and horse. `none` is a bare bar that lies on its pad. */
export const FILLINGS = ['wool', 'foam', 'air', 'none'] as const;
export type Filling = (typeof FILLINGS)[number];

/** Thirds of the panel that are flocked, shimmed and talked about. */
export const ZONES = ['front', 'middle', 'rear'] as const;
export type Zone = (typeof ZONES)[number];
export type BySideAndZone = Readonly<Record<NearOff, Readonly<Record<Zone, number>>>>;
const EVEN = { front: 0, middle: 0, rear: 0 } as const;
export const NOTHING_ADDED: BySideAndZone = { near: EVEN, off: EVEN };

/** Girth straps from front to rear; on a western saddle the same places are rigging plates. */
export const STRAP_IDS = ['point', 'first', 'second', 'third', 'rear'] as const;
export type StrapId = (typeof STRAP_IDS)[number];
export const STRAP_HANGS = ['fixed', 'v', 'sliding'] as const;

/** Where a strap leaves the saddle, from the front arch and the spine, mm; z below the crown of the arch. */
export interface Strap {
  readonly id: StrapId;
  readonly xMm: number;
  readonly yMm: number;
  readonly belowMm: number;
  readonly hang: (typeof STRAP_HANGS)[number];
}

/** How a tree gives under load, from stiff to flexible. */
export const TREE_GIVES = ['rigid', 'sprung', 'flexible'] as const;
export type TreeGivesHow = (typeof TREE_GIVES)[number];

/** The tree behind its front arch. Places count from the front arch toward the tail, mm. */
export interface Frame {
  /** Front arch to the rear end of the tree. */
  readonly lengthMm: number;
  /** Lengthwise curve: how far the middle hangs below the ends over 400 mm. */
  readonly curveMm: NumberSetting;
  /** How far the crown of the front arch stands over the line of the rails; it runs out over the front of the tree. */
  readonly headRiseMm: number;
  /** Included angle the rails lie at in the middle and at the rear, degrees: a twist where they differ from the front. */
  readonly midAngleDeg: number;
  readonly rearAngleDeg: number;
  /** How far the points lean forward of the arch, degrees. */
  readonly pointRakeDeg: number;
  readonly seatLowMm: number;
  readonly barMm: number;
  readonly massKg: number;
  readonly massAtMm: number;
  /** How it gives lengthwise and at the arch; absent for rigid. */
  readonly gives?: TreeGivesHow;
}

/** What lies on the horse: a pair of panels, or a pair of bars. */
export interface Panel {
  /** Between the two inner edges; in front it is the front's own channel. */
  readonly channelMidMm: number;
  readonly channelRearMm: number;
  /** Of one side, inner to outer edge. */
  readonly widthFrontMm: number;
  readonly widthMidMm: number;
  readonly widthRearMm: number;
  readonly depthMidMm: number;
  /** Rear gusset: what can be set or ordered there. */
  readonly depthRearMm: NumberSetting;
  /** In front it is the front's own depth; how it can be set. */
  readonly depthFrontMm: NumberSetting;
  readonly cross: PanelCross;
  /** How far each edge is rounded off, mm across. */
  readonly bevelMm: number;
  /** How far the panel lies ahead of the front arch, and how far its outer corner is cut back from there. */
  readonly aheadMm: number;
  readonly cutBackMm: number;
  readonly pastTreeMm: number;
  /** How the ends turn up off the horse: by how much over how far; a western bar's flare in front. */
  readonly frontTurnMm: number;
  readonly frontTurnOverMm: number;
  readonly rearTurnMm: number;
  readonly rearTurnOverMm: number;
  readonly filling: Filling;
  /** How much the filling of a zone can be taken out or added on one side. */
  readonly flock: { readonly leastMm: number; readonly mostMm: number; readonly stepMm: number };
}

/** Everything of a saddle that its front doesn't say. */
export interface SaddleBuild {
  readonly frame: Frame;
  readonly panel: Panel;
  readonly straps: readonly Strap[];
  /** Numbers of the saddle that nobody measured, with what they may be; absent where all were. */
  readonly unmeasured?: UnmeasuredOf;
}

/** A saddle of which only the front was ever measured: the rest is a plain general saddle, every number a default. */
export const DEFAULT_BUILD: SaddleBuild = {
  frame: {
    lengthMm: 350,
    curveMm: fixedAt(20),
    headRiseMm: 25,
    midAngleDeg: 108,
    rearAngleDeg: 122,
    pointRakeDeg: 0,
    seatLowMm: 185,
    barMm: 40,
    massKg: 7.5,
    massAtMm: 165,
  },
  panel: {
    channelMidMm: 70,
    channelRearMm: 75,
    widthFrontMm: 85,
    widthMidMm: 105,
    widthRearMm: 110,
    depthMidMm: 28,
    depthRearMm: fixedAt(42),
    depthFrontMm: fixedAt(30),
    cross: 'flat',
    bevelMm: 18,
    aheadMm: 20,
    cutBackMm: 0,
    pastTreeMm: 15,
    frontTurnMm: 10,
    frontTurnOverMm: 30,
    rearTurnMm: 18,
    rearTurnOverMm: 45,
    filling: 'wool',
    flock: { leastMm: -4, mostMm: 8, stepMm: 2 },
  },
  straps: [
    { id: 'point', xMm: 10, yMm: 150, belowMm: 120, hang: 'fixed' },
    { id: 'first', xMm: 60, yMm: 145, belowMm: 90, hang: 'fixed' },
    { id: 'second', xMm: 100, yMm: 145, belowMm: 90, hang: 'fixed' },
    { id: 'rear', xMm: 140, yMm: 145, belowMm: 90, hang: 'v' },
  ],
};
