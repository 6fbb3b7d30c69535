import { type Saddle } from '@fulcra/contract';
import {
  type AssumedSeatMeasure,
  type Barrel,
  type BodyInput,
  type RecordedFact,
  type RiderBody,
  type RiderLoad,
  type SaddleOnHorse,
  type SaddleSeat,
  type SaddleSetup,
  type School,
  DEFAULT_BUILD,
  PLAIN_BARREL,
  UNKNOWN_SEAT,
  assumedOfSeat,
  barrelFrom,
  barrelFromTracing,
  bodyFrom,
  chosenSettingOf,
  describedOf,
  factsOfKind,
  groundOf,
  halvesOfSection,
  type LegGround,
  levelOnHorse,
  naturalPlaceMm,
  presentSetup,
  settledOnHorse,
  sit,
  sitBench,
  surfaceHeightMm,
  withTracedTop,
} from '@fulcra/core';

/** The horse as far as it was measured at a visit. */
export interface MeasuredHorse {
  readonly input: BodyInput;
  readonly facts: readonly RecordedFact[];
  readonly school: School;
}

/** What the leg hangs on, with what of it was measured. */
export interface KnownGround {
  readonly ground: LegGround;
  readonly barrelMeasured: boolean;
  readonly assumed: readonly AssumedSeatMeasure[];
  /** Height of the back, mm; not a number where nobody traced it. */
  readonly backAt: (xMm: number) => number;
}

/** How the saddle lies on the horse: everything that doesn't change with the rider. */
export interface SaddleThere {
  readonly saddle: SaddleOnHorse;
  readonly barrel: Barrel;
  readonly barrelMeasured: boolean;
  readonly assumed: readonly AssumedSeatMeasure[];
  readonly backAt: (xMm: number) => number;
}

/** Places where no saddle of the stock is chosen and no landmark was felt, mm behind the withers' mark (default). */
const PLAIN_PLACE_MM = 50;
const NOWHERE = (): number => Number.NaN;

/** @param load who sits on it while it settles */
export function saddleThere(horse: MeasuredHorse | null, saddle: Saddle | null, load: RiderLoad): SaddleThere {
  const seat = saddle?.seat ?? UNKNOWN_SEAT;
  const laid = laidOn(horse, saddle, seat, load);
  const known = horse === null ? null : barrelOfFacts(horse.facts);
  const barrel = horse === null || known === null ? PLAIN_BARREL : withTracedTop(known, nearestHalves(horse.input, laid.saddle.bar.xMm));
  return { ...laid, barrel, barrelMeasured: known !== null, assumed: assumedOfSeat(seat) };
}

/** The saddle as it settles there; level where the back isn't measured well enough, or the saddle isn't known. */
function laidOn(
  horse: MeasuredHorse | null,
  saddle: Saddle | null,
  seat: SaddleSeat,
  load: RiderLoad,
): Pick<SaddleThere, 'saddle' | 'backAt'> {
  const setup = horse === null || saddle === null ? null : setupOn(horse, saddle);
  const body = horse === null ? null : bodyFrom(horse.input);
  const bench = horse === null || body?.ok !== true ? null : sitBench(body.value, 'resting', horse.school.engine);
  const level = levelOnHorse(saddle ?? { build: DEFAULT_BUILD }, seat, setup?.placeMm ?? PLAIN_PLACE_MM, bench?.surface ?? null);
  if (bench === null) return { saddle: level, backAt: NOWHERE };
  const backAt = (xMm: number): number => surfaceHeightMm(bench.surface, xMm, 0);
  if (saddle === null || setup === null) return { saddle: level, backAt };
  const described = describedOf(saddle);
  const sits = sit({ body: bench.body, saddle: described, setup, rider: load, pose: 'resting' }, bench);
  return { saddle: sits.ok ? settledOnHorse(described, seat, setup, sits.value, backAt) : level, backAt };
}

/** As it was chosen at the visit, else as it hangs in the stock, where the school puts it. */
function setupOn({ input, facts, school }: MeasuredHorse, saddle: Saddle): SaddleSetup {
  const chosen = chosenSettingOf(facts)?.tried;
  const described = describedOf(saddle);
  return chosen?.saddleId === saddle.id ? chosen.setup : presentSetup(described, naturalPlaceMm(input.landmarks, described, school));
}

export const groundUnder = (there: SaddleThere, body: RiderBody): KnownGround => ({
  ...there,
  ground: groundOf(body, there.saddle, there.barrel),
});

/** The barrel as it was measured last; null where it wasn't, or its measures don't close. */
function barrelOfFacts(facts: readonly RecordedFact[]): Barrel | null {
  const measured = factsOfKind(facts, 'barrel').at(-1);
  if (measured === undefined) return null;
  const made = measured.traced === null ? barrelFrom(measured) : barrelFromTracing(measured.traced);
  return made.ok ? made.value : null;
}

function nearestHalves({ stations }: BodyInput, barMm: number): ReturnType<typeof halvesOfSection> {
  if (stations.length === 0) return [];
  const nearest = stations.reduce((best, s) => (Math.abs(s.xMm - barMm) < Math.abs(best.xMm - barMm) ? s : best));
  return halvesOfSection(nearest.section.points);
}
