import { type Lengthwise } from '../../back/lengthwise';
import { type Landmarks } from '../../back/landmarks-resolved';
import { type Section } from '../../back/section';
import { type EdgeStation, type SectionStation, EDGE_STATIONS, STATION_TABLE } from '../../back/stations';
import { backSurface } from '../../back/surface';
import { type Outcome, done } from '../../problems';
import { prepareSection } from '../../front/arch-on-section';
import { type TakesSpread } from '../../back/takes-spread';
import { type Need } from '../../schools/needs';
import { type HorseBody, horseBody } from './horse-body';

/** One measured station with how far its takes lie apart. */
export interface MeasuredStation {
  readonly station: SectionStation;
  readonly xMm: number;
  readonly section: Section;
  readonly spread: TakesSpread;
}

/** All that was measured of a back, as plain data that can be sent to a worker or a server. */
export interface BodyInput {
  readonly stations: readonly MeasuredStation[];
  readonly topline: Lengthwise | null;
  /** The topline was said to be as last time, not traced. */
  readonly toplineAsLast?: boolean;
  readonly landmarks: Landmarks;
  readonly liftMm: number | null;
}

/** What of sections and topline nobody measured: they were said to be as last time. */
const asLastOf = ({ stations, toplineAsLast = false }: BodyInput): Need[] => {
  const those = stations.filter((s) => s.spread.asLast === true);
  return [
    ...(those.some((s) => s.station === 'front') ? ['frontSection' as const] : []),
    ...(those.length > 0 ? ['wholeBack' as const] : []),
    ...(toplineAsLast ? ['topline' as const] : []),
  ];
};

/** The body behind the measures; refused where fewer than two stations were taken. */
export function bodyFrom(input: BodyInput): Outcome<HorseBody> {
  const { stations, topline, landmarks, liftMm } = input;
  const surface = backSurface({ stations, topline });
  if (!surface.ok) return surface;
  const front = stations.find((s) => s.station === 'front');
  const xs = surface.value.stationsMm;
  const at = (station: EdgeStation): number =>
    stations.find((s) => s.station === station)?.xMm ?? xs[0]! + STATION_TABLE[station].edgesAtShare * (xs.at(-1)! - xs[0]!);
  return done(
    horseBody(surface.value, {
      landmarks,
      stationsMm: Object.fromEntries(EDGE_STATIONS.map((s) => [s, at(s)])) as Record<EdgeStation, number>,
      liftMm,
      asLast: asLastOf(input),
      front: front === undefined ? null : { section: prepareSection(front.section), takenAtMm: front.xMm },
    }),
  );
}
