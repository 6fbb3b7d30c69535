import { type RiderLoad, MOST_RIDER_KG } from '../sit';
import { type LegPlace } from './linkage';
import { massCentre } from './mass-centre';
import { type RiderBody } from './rider-body';

/** How a rider's weight is shared. */
export interface RiddenAs {
  readonly massKg: number;
  readonly stirrupShare: number;
  readonly gait: RiderLoad['gait'];
  readonly place: LegPlace;
  readonly body: RiderBody;
  /** Off leather hangs lower by so much, mm, as it is ridden. */
  readonly offLowerMm: number;
  /** The seat's lowest point, in the same frame. */
  readonly seatXMm: number;
}

/** Further than this from the seat's lowest point nobody sits, mm: an answer beyond is held here. */
export const MOST_ALONG_MM = 100;
/** Nor further beside the middle, mm. */
export const MOST_ASIDE_MM = 100;

export interface RealLoad {
  readonly load: RiderLoad;
  /** Centre of mass behind the seat's lowest point, mm. */
  readonly centreBehindSeatMm: number;
  /** Centre of mass over the hip joints, and those from each other, mm: the lever and the base of leaning aside. */
  readonly leverMm: number;
  readonly baseMm: number;
}

/**
 * The load a real rider is, from the leg as it hangs.
 * Fore and aft: what stands in the irons hangs on the bars; the rest comes down where both together balance the centre of mass.
 * Sideways: the pelvis follows uneven irons in the share that stands in them, and the centre of mass leans with it, to the side
 * that hangs lower: share x difference x lever / base (default: an upright trunk that doesn't bend back).
 */
export function realLoad({ massKg, stirrupShare, gait, place, body, offLowerMm, seatXMm }: RiddenAs): RealLoad {
  const centre = massCentre(place, body.shoulderAboveHip.mm, 0);
  const centreBehindSeatMm = centre.xMm - seatXMm;
  const barBehindSeatMm = place.tread.xMm - seatXMm;
  const seated = 1 - stirrupShare;
  const alongMm = seated < 1e-6 ? 0 : (centreBehindSeatMm - stirrupShare * barBehindSeatMm) / seated;
  const leverMm = centre.zMm - place.hip.zMm;
  const baseMm = 2 * body.hipJointHalfDistance.mm;
  const asideMm = (stirrupShare * offLowerMm * leverMm) / baseMm;
  const held = (mm: number, most: number): number => Math.max(-most, Math.min(most, mm));
  return {
    load: {
      massKg: Math.min(MOST_RIDER_KG, massKg),
      offsetMm: held(asideMm, MOST_ASIDE_MM),
      alongMm: held(alongMm, MOST_ALONG_MM),
      stirrupShare,
      gait,
    },
    centreBehindSeatMm,
    leverMm,
    baseMm,
  };
}
