import { type PointXZ } from '../back';
import { degFromRad, radFromDeg } from '../units';
import { type LegPlace } from './linkage';
import { type RiderBody } from './rider-body';

/** Shares of the body's mass, and where each part's centre lies from its upper joint. Source: Dempster, as tabulated by Winter. */
export const MASS_SHARES = { headArmsTrunk: 0.678, thigh: 0.1, shank: 0.0465, foot: 0.0145 } as const;
export const MASS_AT = { headArmsTrunk: 0.626, thigh: 0.433, shank: 0.433 } as const;

/**
 * Centre of mass of a rider as seen from the side, mm; both legs alike.
 * @param leanDeg trunk forward of upright
 */
export function massCentre(
  { hip, knee, ankle, tread }: Pick<LegPlace, 'hip' | 'knee' | 'ankle' | 'tread'>,
  trunkMm: number,
  leanDeg: number,
): PointXZ {
  const [sin, cos] = [Math.sin(radFromDeg(leanDeg)), Math.cos(radFromDeg(leanDeg))];
  const trunk = MASS_AT.headArmsTrunk * trunkMm;
  const along = (a: PointXZ, b: PointXZ, share: number): PointXZ => ({
    xMm: a.xMm + share * (b.xMm - a.xMm),
    zMm: a.zMm + share * (b.zMm - a.zMm),
  });
  const parts = [
    [MASS_SHARES.headArmsTrunk, { xMm: hip.xMm - trunk * sin, zMm: hip.zMm + trunk * cos }],
    [2 * MASS_SHARES.thigh, along(hip, knee, MASS_AT.thigh)],
    [2 * MASS_SHARES.shank, along(knee, ankle, MASS_AT.shank)],
    [2 * MASS_SHARES.foot, along(ankle, tread, 0.5)],
  ] as const;
  const total = parts.reduce((sum, [share]) => sum + share, 0);
  const mean = (of: (p: PointXZ) => number): number => parts.reduce((sum, [share, p]) => sum + share * of(p), 0) / total;
  return { xMm: mean((p) => p.xMm), zMm: mean((p) => p.zMm) };
}

/** How far the seat leaves the saddle in two-point, mm (default). */
export const TWO_POINT_RISE_MM = 80;
/** Nobody leans further than this over a fence, degrees (default). */
export const MOST_LEAN_DEG = 70;

export interface OverTheIron {
  /** Sitting upright, the centre of mass behind the tread, mm. */
  readonly sittingBehindMm: number;
  /** In two-point the trunk leans so far that the centre of mass stands over the tread; null where no lean does it. */
  readonly leanDeg: number | null;
  readonly centre: PointXZ;
  /** Behind the ankle and behind the toe with that lean, mm: + behind. */
  readonly behindAnkleMm: number;
  readonly behindToeMm: number;
  /** The leg with the seat out of the saddle. */
  readonly raised: Pick<LegPlace, 'hip' | 'knee' | 'ankle' | 'tread'>;
}

/** From the ball of the foot to the toe, as a share of ankle to ball (default, 0.27 of the foot's length ahead of the ball). */
const TOE_PER_BALL = 0.55;

/**
 * Standing over the iron, as in two-point and over a fence: the stirrup is a hinge, so the centre of mass belongs over the tread.
 * The hip rises over its place in the saddle, foot and leather staying where they are.
 */
export function overTheIron(place: LegPlace, body: Pick<RiderBody, 'shoulderAboveHip' | 'ankleToBall'>): OverTheIron {
  const trunkMm = body.shoulderAboveHip.mm;
  const raised = raisedLeg(place);
  const behind = (leanDeg: number): number => massCentre(raised, trunkMm, leanDeg).xMm - place.tread.xMm;
  const leanDeg = leanFor(behind);
  const centre = massCentre(raised, trunkMm, leanDeg ?? MOST_LEAN_DEG);
  const toeX = place.tread.xMm - TOE_PER_BALL * body.ankleToBall.mm;
  return {
    sittingBehindMm: massCentre(place, trunkMm, 0).xMm - place.tread.xMm,
    leanDeg,
    centre,
    behindAnkleMm: centre.xMm - place.ankle.xMm,
    behindToeMm: centre.xMm - toeX,
    raised,
  };
}

function leanFor(behind: (leanDeg: number) => number): number | null {
  if (behind(0) <= 0) return 0;
  if (behind(MOST_LEAN_DEG) > 0) return null;
  let [low, high] = [0, MOST_LEAN_DEG];
  while (high - low > 1e-6) {
    const middle = (low + high) / 2;
    if (behind(middle) > 0) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/** The hip raised as far as the leg lets it, the knee between hip and ankle again. */
function raisedLeg({ hip, knee, ankle, tread }: LegPlace): OverTheIron['raised'] {
  const length = (a: PointXZ, b: PointXZ): number => Math.hypot(a.xMm - b.xMm, a.zMm - b.zMm);
  const [thigh, shank] = [length(hip, knee), length(knee, ankle)];
  const dx = hip.xMm - ankle.xMm;
  const highest = ankle.zMm + Math.sqrt(Math.max(0, (thigh + shank) ** 2 - dx ** 2));
  const up = { ...hip, zMm: Math.min(hip.zMm + TWO_POINT_RISE_MM, highest) };
  const apart = length(up, ankle);
  const bend = Math.acos(Math.max(-1, Math.min(1, (thigh ** 2 + apart ** 2 - shank ** 2) / (2 * thigh * apart))));
  const down = Math.atan2(ankle.zMm - up.zMm, ankle.xMm - up.xMm) - bend;
  return { hip: up, knee: { ...knee, xMm: up.xMm + thigh * Math.cos(down), zMm: up.zMm + thigh * Math.sin(down) }, ankle, tread };
}

/** The trunk's lean as drawn, degrees from upright. */
export const leanOf = (hip: PointXZ, shoulder: PointXZ): number => degFromRad(Math.atan2(hip.xMm - shoulder.xMm, shoulder.zMm - hip.zMm));
