import { type Frame } from '../saddle/saddle-build';
import { type DescribedSaddle, type SaddleSetup } from '../saddle/saddle-setup';
import { type Underside } from '../saddle/underside';
import { SEAT_DEFAULTS_MM } from '../saddle/saddle-seat';
import { type EngineSettings, type Gait, GAITS } from '../schools/engine';
import { type Problem, problem } from '../problems';
import { type SaddleForce } from './contact/panel-cells';
import { type StrapPull } from './girth';

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
/** Nobody sits further than this beside the middle, or ahead of or behind the seat's lowest point, mm (default). */
export const MOST_OFFSET_MM = 400;
/** No strap is pulled harder (default), N. */
export const MOST_STRAP_N = 1000;

/** What is wrong with a rider's numbers: each with its value; nothing is taken for something else. */
export function riderProblems(rider: RiderLoad | null): Problem[] {
  if (rider === null) return [];
  const { massKg, offsetMm, alongMm = 0, stirrupShare, gait } = rider;
  const inside = (value: number, most: number): boolean => Math.abs(value) <= most;
  return [
    ...(massKg >= 0 && massKg <= MOST_RIDER_KG ? [] : [problem('RIDER_MASS_OUT_OF_RANGE', { massKg, mostKg: MOST_RIDER_KG })]),
    ...(inside(offsetMm, MOST_OFFSET_MM) ? [] : [problem('RIDER_OFFSET_OUT_OF_RANGE', { offsetMm, mostMm: MOST_OFFSET_MM })]),
    ...(inside(alongMm, MOST_OFFSET_MM) ? [] : [problem('RIDER_OFFSET_OUT_OF_RANGE', { offsetMm: alongMm, mostMm: MOST_OFFSET_MM })]),
    ...(stirrupShare >= 0 && stirrupShare <= 1 ? [] : [problem('STIRRUP_SHARE_OUT_OF_RANGE', { share: stirrupShare })]),
    ...(GAITS.includes(gait) ? [] : [problem('GAIT_UNKNOWN', { gait: String(gait) })]),
  ];
}

export const strapProblems = (pullN: number): Problem[] =>
  pullN >= 0 && pullN <= MOST_STRAP_N ? [] : [problem('STRAP_PULL_OUT_OF_RANGE', { pullN, mostN: MOST_STRAP_N })];

/** Where the part of the weight that isn't on the bars comes down, from the front arch, mm. */
export const seatAtMm = ({ seatLowMm }: Pick<Frame, 'seatLowMm'>, { alongMm = 0 }: RiderLoad): number => seatLowMm + alongMm;

/** What the girth does: on each side, at the point where its strap's pull meets the saddle. */
export function girthLoads(pulls: readonly StrapPull[], crownZMm: number): SaddleForce[] {
  return pulls.flatMap(({ xMm, outMm, belowMm, downN, alongN, outwardN }) =>
    ([-1, 1] as const).map((side) => ({
      xMm,
      yMm: side * outMm,
      zMm: crownZMm - belowMm,
      forceX: alongN / 2,
      forceY: side * outwardN,
      forceZ: -downN / 2,
    })),
  );
}

/** Everything that acts on a saddle at halt or at the worst of a gait, in the horse's frame. */
export function loadsOf(
  saddle: DescribedSaddle,
  setup: SaddleSetup,
  rider: RiderLoad | null,
  pulls: readonly StrapPull[],
  under: Pick<Underside, 'roofAt'>,
  { gaitFactors }: Pick<EngineSettings, 'gaitFactors'>,
): SaddleForce[] {
  const factor = rider === null ? 1 : gaitFactors[rider.gait];
  return [
    ...weightPoints(saddle, setup, rider, under).map(({ xMm, yMm, zMm, massKg }) => ({
      xMm,
      yMm,
      zMm,
      forceX: 0,
      forceY: 0,
      forceZ: -massKg * GRAVITY_N_PER_KG * factor,
    })),
    ...girthLoads(pulls, under.roofAt(0)),
  ].filter((l) => l.forceX !== 0 || l.forceY !== 0 || l.forceZ !== 0);
}

export interface WeightPoint {
  readonly what: 'saddle' | 'seat' | 'bars';
  readonly xMm: number;
  readonly yMm: number;
  readonly zMm: number;
  readonly massKg: number;
}

/** Where weight hangs on the saddle as it was put: its own, the rider's on the seat, and on the bars. */
export function weightPoints(
  { build: { frame } }: DescribedSaddle,
  { placeMm }: SaddleSetup,
  rider: RiderLoad | null,
  { roofAt }: Pick<Underside, 'roofAt'>,
): WeightPoint[] {
  const seatZMm = roofAt(frame.seatLowMm) + SEAT_DEFAULTS_MM.seatOverTreeMm;
  const own = { what: 'saddle' as const, xMm: placeMm + frame.massAtMm, yMm: 0, zMm: roofAt(frame.massAtMm), massKg: frame.massKg };
  if (rider === null) return [own];
  const { massKg, offsetMm, stirrupShare } = rider;
  return [
    own,
    { what: 'seat', xMm: placeMm + seatAtMm(frame, rider), yMm: offsetMm, zMm: seatZMm, massKg: massKg * (1 - stirrupShare) },
    {
      what: 'bars',
      xMm: placeMm + frame.barMm,
      yMm: offsetMm,
      zMm: seatZMm - SEAT_DEFAULTS_MM.barBelowSeatMm,
      massKg: massKg * stirrupShare,
    },
  ];
}
