import { type Frame, type Strap } from '../saddle/saddle-build';
import { type DescribedSaddle, type SaddleSetup } from '../saddle/saddle-setup';
import { type EngineSettings, type Gait } from '../schools/engine';
import { type Load } from './contact/settle';

export const GRAVITY_N_PER_KG = 9.81;

/** Who sits in it, and how. */
export interface RiderLoad {
  readonly massKg: number;
  /** Beside the middle, mm: - to the near side. */
  readonly offsetMm: number;
  /** Behind the seat's lowest point, mm: - ahead of it; absent for on it. What hangs on the bars stays on the bars. */
  readonly alongMm?: number;
  /** Share of the weight that hangs on the stirrup bars: 0.2 sitting, 0.5 rising, 1 in two-point (defaults). */
  readonly stirrupShare: number;
  readonly gait: Gait;
}

/** No rider is heavier (default); a number past it is a slip of the finger. */
export const MOST_RIDER_KG = 200;

/** One strap pulled straight toward the girth in its groove: what it does to the saddle. Both sides alike. */
export interface StrapPull {
  readonly strap: Strap;
  /** In the horse's own frame, mm. */
  readonly xMm: number;
  /** From plumb, degrees: + its foot lies toward the head, so that it pulls the saddle forward. */
  readonly leanDeg: number;
  readonly downN: number;
  /** Along the back, N for both sides together: - toward the head. */
  readonly alongN: number;
}

/** @param grooveMm where the girth wants to lie; null while it isn't known: then the straps hang plumb */
export function strapPulls(
  saddle: DescribedSaddle,
  setup: SaddleSetup,
  grooveMm: number | null,
  pullN: number,
  { girthBuckle }: Pick<EngineSettings, 'girthBuckle'>,
): StrapPull[] {
  return saddle.build.straps
    .filter((s) => setup.straps.includes(s.id))
    .map((strap) => {
      const xMm = setup.placeMm + strap.xMm;
      const along = grooveMm === null ? 0 : grooveMm - xMm;
      const down = Math.max(40, girthBuckle.belowMm - strap.belowMm);
      const across = girthBuckle.halfMm - strap.yMm;
      const length = Math.hypot(along, down, across);
      return {
        strap,
        xMm,
        leanDeg: (Math.atan2(-along, down) * 180) / Math.PI,
        downN: (2 * pullN * down) / length,
        alongN: (2 * pullN * along) / length,
      };
    });
}

/** Where the part of the weight that isn't on the bars comes down, from the front arch, mm. */
export const seatAtMm = ({ seatLowMm }: Pick<Frame, 'seatLowMm'>, { alongMm = 0 }: RiderLoad): number => seatLowMm + alongMm;

/** Everything that presses the saddle down, in the horse's frame. */
export function loadsOf(
  saddle: DescribedSaddle,
  setup: SaddleSetup,
  rider: RiderLoad | null,
  pulls: readonly StrapPull[],
  { gaitFactors }: Pick<EngineSettings, 'gaitFactors'>,
): Load[] {
  const { frame } = saddle.build;
  const factor = rider === null ? 1 : gaitFactors[rider.gait];
  const weight = (kg: number): number => kg * GRAVITY_N_PER_KG * factor;
  const at = (uMm: number, yMm: number, downN: number): Load => ({ xMm: setup.placeMm + uMm, yMm, downN });
  const riding =
    rider === null
      ? []
      : [
          at(seatAtMm(frame, rider), rider.offsetMm, weight(rider.massKg) * (1 - rider.stirrupShare)),
          at(frame.barMm, rider.offsetMm, weight(rider.massKg) * rider.stirrupShare),
        ];
  return [at(frame.massAtMm, 0, weight(frame.massKg)), ...riding, ...pulls.map((p) => ({ xMm: p.xMm, yMm: 0, downN: p.downN }))].filter(
    (l) => l.downN > 0,
  );
}
