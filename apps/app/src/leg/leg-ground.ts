import { type Saddle } from '@fulcra/contract';
import {
  type AssumedSeatMeasure,
  type Barrel,
  type BodyInput,
  type RecordedFact,
  type RiderBody,
  type RiderLoad,
  type SaddleOnHorse,
  type SaddleSetup,
  type SchoolId,
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
  schoolById,
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
  readonly schoolId: SchoolId;
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
  const of = saddle ?? { build: DEFAULT_BUILD };
  const assumed = assumedOfSeat(seat);
  const barrelOf = (barMm: number) => {
    const known = horse === null ? null : barrelOfFacts(horse.facts);
    const topped = known === null ? PLAIN_BARREL : withTracedTop(known, horse === null ? [] : nearestHalves(horse.input, barMm));
    return { barrel: topped, barrelMeasured: known !== null };
  };
  if (horse === null) {
    const level = levelOnHorse(of, seat, PLAIN_PLACE_MM, null);
    return { saddle: level, ...barrelOf(level.bar.xMm), assumed, backAt: NOWHERE };
  }
  const placeMm = saddle === null ? PLAIN_PLACE_MM : setupOn(horse, saddle).placeMm;
  const body = bodyFrom(horse.input);
  if (!body.ok) {
    const level = levelOnHorse(of, seat, placeMm, null);
    return { saddle: level, ...barrelOf(level.bar.xMm), assumed, backAt: NOWHERE };
  }
  const bench = sitBench(body.value, 'resting', schoolById(horse.schoolId).engine);
  const backAt = (xMm: number): number => surfaceHeightMm(bench.surface, xMm, 0);
  const setup = saddle === null ? null : setupOn(horse, saddle);
  const sits =
    saddle === null || setup === null
      ? null
      : sit({ body: body.value, saddle: describedOf(saddle), setup, rider: load, pose: 'resting' }, bench);
  const there =
    saddle !== null && setup !== null && sits?.ok === true
      ? settledOnHorse(describedOf(saddle), seat, setup, sits.value, backAt)
      : levelOnHorse(of, seat, placeMm, bench.surface);
  return { saddle: there, ...barrelOf(there.bar.xMm), assumed, backAt };
}

/** As it was chosen at the visit, else as it hangs in the stock, where the school puts it. */
function setupOn({ input, facts, schoolId }: MeasuredHorse, saddle: Saddle): SaddleSetup {
  const chosen = chosenSettingOf(facts)?.tried;
  const described = describedOf(saddle);
  return chosen?.saddleId === saddle.id
    ? chosen.setup
    : presentSetup(described, naturalPlaceMm(input.landmarks, described, schoolById(schoolId)));
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
