import { radFromDeg, type NearOff } from '../units';
import { monotoneCurve } from '../geometry';
import { type BySideAndZone, type Zone, ZONES } from './saddle-build';
import { type DescribedSaddle, type SaddleSetup, crownRadiusMm } from './saddle-setup';

/** The curve of a tree is counted over this length, mm (trade measure). */
export const CURVE_OVER_MM = 400;
/** How far a hollow or rounded panel's middle lies from flat, mm (default). */
export const CROSS_BOW_MM = 6;
/** The head of the tree runs out into the rails over this share of its length (default). */
export const HEAD_SHARE = 0.45;
/** How deep the rounded edge of a panel is, as a share of how far it reaches across (default). */
const BEVEL_DEPTH_SHARE = 0.45;

/** One row of the underside: everything that doesn't change across the horse. */
interface Row {
  /** Height of the crown line of the tree over its own middle. */
  readonly keelMm: number;
  /** Half the included angle: tangent, and cosine of the slope. */
  readonly tangent: number;
  readonly slopeCosine: number;
  readonly crownReachMm: number;
  readonly crownDropMm: number;
  readonly innerMm: number;
  readonly widthMm: number;
  /** Normal thickness on each side, with flock, shims and pad; ends turned up. */
  readonly thickNearMm: number;
  readonly thickOffMm: number;
}

/** The underside of one saddle at one setup, z = g(u, y): u from the front arch toward the tail, z from the crown at mid-length. */
export interface Underside {
  readonly fromMm: number;
  readonly toMm: number;
  readonly halfWidthMm: number;
  readonly rowAt: (uMm: number) => Row;
  /** NaN where there is no panel. */
  readonly heightIn: (row: Row, uMm: number, yMm: number) => number;
  /** How far the panel is kept clear by its own design there, along its normal, mm: rounded edges, turned-up ends. */
  readonly reliefIn: (row: Row, uMm: number, yMm: number) => number;
  /** Inner and outer edge of a panel at a place. */
  readonly edgesAt: (uMm: number) => { readonly innerMm: number; readonly outerMm: number };
  /** Where a panel begins at a share of its width from its inner edge: its front corner may be cut back. */
  readonly beginsAt: (share: number) => number;
  /** The same for two undersides with the same edges, whatever their shape. */
  readonly outline: string;
  /** Lower face of the tree over the spine, where the channel's roof is. */
  readonly roofAt: (uMm: number) => number;
}

export function underside(saddle: DescribedSaddle, setup: SaddleSetup): Underside {
  const { front, build } = saddle;
  const { frame, panel } = build;
  const setting = front.settings[Math.min(setup.width, front.settings.length - 1)]!;
  const { lengthMm } = frame;
  const along = (f: number, m: number, r: number): ((u: number) => number) => monotoneCurve([0, lengthMm / 2, lengthMm], [f, m, r]);
  const angle = along(setting.includedAngleDeg, frame.midAngleDeg, frame.rearAngleDeg);
  const channel = along(front.frontChannelMm, panel.channelMidMm, panel.channelRearMm);
  const width = along(panel.widthFrontMm, panel.widthMidMm, panel.widthRearMm);
  const depth = along(setup.frontDepthMm, panel.depthMidMm, setup.rearDepthMm);
  const radius = crownRadiusMm(saddle, setup);
  const [fromMm, toMm] = [-panel.aheadMm, lengthMm + panel.pastTreeMm];
  const keel = (u: number): number =>
    setup.curveMm * ((u - lengthMm / 2) / (CURVE_OVER_MM / 2)) ** 2 + frame.headRiseMm * Math.max(0, 1 - u / (HEAD_SHARE * lengthMm)) ** 2;
  const added = { near: addedAlong(setup, 'near', lengthMm), off: addedAlong(setup, 'off', lengthMm) };
  const rowAt = (u: number): Row => {
    const half = radFromDeg(angle(u) / 2);
    const thick = depth(u) + setup.pad.thicknessMm - turnedUp(panel, u - fromMm, toMm - u);
    return {
      keelMm: keel(u),
      tangent: Math.tan(half),
      slopeCosine: Math.sin(half),
      crownReachMm: radius * Math.cos(half),
      crownDropMm: radius * (1 - Math.sin(half)),
      innerMm: channel(u) / 2,
      widthMm: width(u),
      thickNearMm: thick + added.near(u),
      thickOffMm: thick + added.off(u),
    };
  };
  const beginsAt = (share: number): number => fromMm + panel.cutBackMm * share;
  const heightIn = (row: Row, u: number, y: number): number => {
    const out = Math.abs(y);
    const across = out - row.innerMm;
    if (across < 0 || across > row.widthMm) return Number.NaN;
    const v = across / row.widthMm;
    if (u < beginsAt(v)) return Number.NaN;
    const thick = (y < 0 ? row.thickNearMm : row.thickOffMm) + crossBow(panel.cross, v) - bevelled(across, row.widthMm, panel.bevelMm);
    return row.keelMm - treeDrop(row, radius, out) - thick / row.slopeCosine;
  };
  const reliefIn = (row: Row, u: number, y: number): number =>
    bevelled(Math.abs(y) - row.innerMm, row.widthMm, panel.bevelMm) + turnedUp(panel, u - fromMm, toMm - u);
  const edgesAt = (u: number) => ({ innerMm: channel(u) / 2, outerMm: channel(u) / 2 + width(u) });
  const halfWidthMm = Math.max(...[fromMm, 0, lengthMm / 4, lengthMm / 2, (3 * lengthMm) / 4, toMm].map((u) => edgesAt(u).outerMm));
  const { channelMidMm, channelRearMm, widthFrontMm, widthMidMm, widthRearMm, cutBackMm } = panel;
  const outline = [
    fromMm,
    toMm,
    front.frontChannelMm,
    channelMidMm,
    channelRearMm,
    widthFrontMm,
    widthMidMm,
    widthRearMm,
    cutBackMm,
  ].join();
  return { fromMm, toMm, halfWidthMm, rowAt, heightIn, reliefIn, edgesAt, beginsAt, outline, roofAt: keel };
}

/** How far the tree's lower face has come down from its crown at a distance from the spine: a round crown, then straight. */
export const treeDrop = (row: Pick<Row, 'tangent' | 'crownReachMm' | 'crownDropMm'>, radiusMm: number, outMm: number): number =>
  outMm <= row.crownReachMm
    ? radiusMm - Math.sqrt(radiusMm * radiusMm - outMm * outMm)
    : row.crownDropMm + (outMm - row.crownReachMm) / row.tangent;

/** Bow of the cross shape about its own mean, mm toward the horse; v from 0 at the inner to 1 at the outer edge. */
function crossBow(cross: 'flat' | 'hollow' | 'rounded', v: number): number {
  if (cross === 'flat') return 0;
  const bow = CROSS_BOW_MM * (1 / 3 - (2 * v - 1) ** 2);
  return cross === 'rounded' ? bow : -bow;
}

function bevelled(acrossMm: number, widthMm: number, bevelMm: number): number {
  const edge = Math.min(acrossMm, widthMm - acrossMm);
  if (bevelMm <= 0 || edge >= bevelMm) return 0;
  return BEVEL_DEPTH_SHARE * bevelMm * (1 - edge / bevelMm) ** 2;
}

function turnedUp(
  panel: { frontTurnMm: number; frontTurnOverMm: number; rearTurnMm: number; rearTurnOverMm: number },
  fromFrontMm: number,
  fromRearMm: number,
): number {
  const end = (by: number, over: number, at: number): number => (over > 0 && at < over ? by * (1 - at / over) ** 2 : 0);
  return (
    end(panel.frontTurnMm, panel.frontTurnOverMm, Math.max(0, fromFrontMm)) +
    end(panel.rearTurnMm, panel.rearTurnOverMm, Math.max(0, fromRearMm))
  );
}

/** Where each zone is fullest, as a share of the tree's length; between two the filling runs over evenly. */
const ZONE_MIDDLE: Readonly<Record<Zone, number>> = { front: 1 / 6, middle: 1 / 2, rear: 5 / 6 };

/** How much of a zone's change counts at a place: 1 in its middle, 0 in the next zone's; all zones together 1 everywhere. */
export function zoneShare(zone: Zone, share: number): number {
  const i = ZONES.indexOf(zone);
  const at = ZONE_MIDDLE[zone];
  const [before, after] = [ZONES[i - 1], ZONES[i + 1]];
  if (share <= at) return before === undefined ? 1 : Math.max(0, 1 - (at - share) / (at - ZONE_MIDDLE[before]));
  return after === undefined ? 1 : Math.max(0, 1 - (share - at) / (ZONE_MIDDLE[after] - at));
}

function addedAlong(setup: SaddleSetup, side: NearOff, lengthMm: number): (u: number) => number {
  const of = (by: BySideAndZone, zone: Zone): number => by[side][zone];
  const sums = ZONES.map((zone) => of(setup.flock, zone) + of(setup.shims, zone));
  if (sums.every((s) => s === 0)) return () => 0;
  return (u) => ZONES.reduce((sum, zone, i) => sum + sums[i]! * zoneShare(zone, u / lengthMm), 0);
}
