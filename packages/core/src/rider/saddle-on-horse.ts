import { type BackSurface, surfaceHeightMm } from '../back';
import { type SaddleSeat, type SaddleSetup, type DescribedSaddle, seatMeasure } from '../saddle';
import { type Sitting, motionOf, placed } from '../sit';
import { radFromDeg } from '../units';

/** Where seat and bars are, in the horse's frame, mm: x toward the tail, z up. */
export interface SaddleOnHorse {
  readonly seat: { readonly xMm: number; readonly zMm: number };
  readonly bar: { readonly xMm: number; readonly zMm: number; readonly outMm: number };
  /** + cantle low; 0 where it was not laid on. */
  readonly pitchDeg: number;
  /** Top of the back under the seat's lowest point. */
  readonly backZMm: number;
  /** Laid on and settled by the engine; else it is thought level on the back. */
  readonly settled: boolean;
}

/** How curved a seat is lengthwise, mm radius (default): tipped, its lowest point wanders by so much times the tangent. */
export const SEAT_RADIUS_MM = 500;
/** Seat over the back where neither saddle nor back is known, mm (default: panel, tree and seat of a general saddle). */
export const SEAT_OVER_BACK_MM = 95;

/** Seat and bars of a saddle as it has settled; tipped, the seat's lowest point lies further back or ahead. */
export function settledOnHorse(
  { build }: Pick<DescribedSaddle, 'build'>,
  seat: SaddleSeat,
  { placeMm }: Pick<SaddleSetup, 'placeMm'>,
  { settled, under }: Pick<Sitting, 'settled' | 'under'>,
  backAt: (xMm: number) => number,
): SaddleOnHorse {
  const { seatLowMm, barMm } = build.frame;
  const motion = motionOf(settled.pose);
  const lowX = placeMm + seatLowMm;
  const levelZ = under.roofAt(seatLowMm) + seatMeasure(seat, 'seatOverTreeMm');
  const barX = placeMm + barMm;
  const { pitchDeg } = settled.pose;
  const wanders = SEAT_RADIUS_MM * Math.sin(radFromDeg(pitchDeg));
  const [seatX, , seatZ] = placed(motion, lowX, 0, levelZ);
  const [barXMm, , barZMm] = placed(motion, barX, 0, levelZ - seatMeasure(seat, 'barBelowSeatMm'));
  return {
    seat: { xMm: seatX + wanders, zMm: seatZ },
    bar: {
      xMm: barXMm,
      zMm: barZMm,
      outMm: seatMeasure(seat, 'barOutMm'),
    },
    pitchDeg,
    backZMm: backAt(lowX),
    settled: true,
  };
}

/** The same saddle level on a back whose height is known, or on a plain one at height 0. */
export function levelOnHorse(
  { build }: Pick<DescribedSaddle, 'build'>,
  seat: SaddleSeat,
  placeMm: number,
  surface: BackSurface | null,
): SaddleOnHorse {
  const { seatLowMm, barMm } = build.frame;
  const xMm = placeMm + seatLowMm;
  const height = surface === null ? 0 : surfaceHeightMm(surface, xMm, 0);
  const backZMm = Number.isFinite(height) ? height : 0;
  const zMm = backZMm + SEAT_OVER_BACK_MM;
  return {
    seat: { xMm, zMm },
    bar: { xMm: placeMm + barMm, zMm: zMm - seatMeasure(seat, 'barBelowSeatMm'), outMm: seatMeasure(seat, 'barOutMm') },
    pitchDeg: 0,
    backZMm,
    settled: false,
  };
}
