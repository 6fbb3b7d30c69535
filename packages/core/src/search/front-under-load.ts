import { laidFront } from '../judge/sit-values';
import { recommendFront } from '../front/front-search';
import { type FrontSink, paddingOfSchool, sinkOfSchool } from '../front/padding';
import { type SinkOfWidths } from '../front/saddle-settings';
import { DEFAULT_POINT_LENGTH_MM } from '../saddle/front-arch';
import { type DescribedSaddle, type SaddleSetup, presentSetup } from '../saddle/saddle-setup';
import { seededRandom } from '../random/seeded';
import { type SaddleSet, drawnSaddle, unmeasuredSources } from '../saddle/unmeasured';
import { type School } from '../schools/school';
import { SDS_OF_90, mixtureQuantile } from '../stats';
import { type BodyInput, bodyFrom } from '../sit/body/body-input';
import { type HorseBody } from '../sit/body/horse-body';
import { type ErrorSourceId, errorSources } from '../sit/body/measured-again';
import { type RiderLoad } from '../sit/loads';
import { CELL_MM } from '../sit/seat-cells';
import { type SitBench, sit, sitBench } from '../sit/sit';
import { LEAST_STOCK, type FrontLaid, builtInto, commonBuilds, onSchoolsPad, setupBehindFront } from './front-builds';
import { STANDARD_RIDER } from './standard-errors';

/** The back behind a front, as it was measured. */
interface Back {
  readonly input: BodyInput;
  readonly body: HorseBody;
  readonly school: School;
  readonly bench: SitBench;
  readonly placeMm: number;
}

function backOf(input: BodyInput, school: School): Back | null {
  const body = bodyFrom(input);
  if (!body.ok || body.value.front === null) return null;
  const bench = sitBench(body.value, 'resting', school.engine, CELL_MM.confidence);
  return { input, body: body.value, school, bench, placeMm: body.value.front.takenAtMm };
}

/** Room over the withers once a saddle is settled, mm; null where it doesn't rest. */
function roomOf(bench: SitBench, saddle: DescribedSaddle, setup: SaddleSetup, rider: RiderLoad = STANDARD_RIDER): number | null {
  const sitting = sit({ body: bench.body, saddle, setup, rider, pose: 'resting' }, bench);
  return sitting.ok && sitting.value.settled.state === 'settled' ? sitting.value.withers.overMm : null;
}

/** A landmark is where a saddle is judged, not what it lies on. */
const MOVES_THE_ROOM: ReadonlySet<ErrorSourceId> = new Set<ErrorSourceId>(['hand', 'topline', 'placement']);

/** What the errors of the hand do to the room under one saddle, one standard deviation, mm: by the law of propagation. */
function propagatedMm({ input, school }: Back, { saddle, setup, roomMm }: InBuild): number {
  let square = 0;
  for (const source of errorSources(input, school.errors).filter((s) => MOVES_THE_ROOM.has(s.id))) {
    const measured = source.otherwise({ input, putOffMm: 0 }, 1);
    const body = bodyFrom(measured.input);
    if (!body.ok) continue;
    const bench = sitBench(body.value, 'resting', school.engine, CELL_MM.confidence);
    const room = roomOf(bench, saddle, { ...setup, placeMm: setup.placeMm + measured.putOffMm });
    if (room !== null) square += (room - roomMm) ** 2;
  }
  return Math.sqrt(square);
}

/**
 * The same for every saddle on this back, so that no two screens tell two: that of the first common build that rests under the front
 * which the school asks for before anything was settled; the school's own where there is none.
 */
function handSdMm(back: Back): number {
  const asked = recommendFront(back.body.front!.section, back.school, DEFAULT_POINT_LENGTH_MM, paddingOfSchool(back.school));
  if (asked.ok)
    for (const build of commonBuilds(back.body, back.placeMm)) {
      const [rested] = inBuilds(back, asked.value.target, [build]);
      if (rested !== undefined) return propagatedMm(back, rested);
    }
  return back.school.front.sinkHalfMm / SDS_OF_90;
}

interface InBuild {
  readonly saddle: DescribedSaddle;
  readonly setup: SaddleSetup;
  readonly roomMm: number;
}

/** One front in every build in which it rests. */
const inBuilds = ({ bench, placeMm }: Back, front: FrontLaid, builds: readonly DescribedSaddle[]): InBuild[] =>
  builds.flatMap((build) => {
    const saddle = builtInto(build, front);
    const setup = setupBehindFront(saddle, front.padding.padMm, placeMm);
    const roomMm = roomOf(bench, saddle, setup);
    return roomMm === null ? [] : [{ saddle, setup, roomMm }];
  });

/** Same stock, same draws: an answer doesn't change by being asked again. */
const STOCK_SEED = 20_261_201;
/** A saddle of the stock, what nobody measured of it drawn from what it may be: many of the same default are no spread. */
const asItMayBe = (saddle: DescribedSaddle, i: number): DescribedSaddle =>
  drawnSaddle(saddle, seededRandom(STOCK_SEED + i))(presentSetup(saddle, 0)).saddle;

const MOST_ROUNDS = 6;
/** The room is told once another round would change it by no more than this, mm. */
const SETTLED_MM = 0.5;

/**
 * How far the front that a school recommends comes down on this horse: it is built into each saddle of the stock (of the common
 * builds, where the stock is small), each is settled on the back, and it is recommended again by the middle of what that left, until
 * that changes nothing. Told is the interval of nine in ten over the builds and the error of the hand.
 * @param stock of the practice; saddles of another kind are left out
 * @returns null where the back behind the front isn't known
 */
export function frontSink(input: BodyInput, school: School, stock: readonly DescribedSaddle[]): FrontSink | null {
  const back = backOf(input, school);
  if (back === null) return null;
  const likely = stock.filter((s) => s.kind === 'english').map(asItMayBe);
  const from = likely.length >= LEAST_STOCK ? 'stock' : 'builds';
  const builds = from === 'stock' ? likely : [...likely, ...commonBuilds(back.body, back.placeMm)];
  const own = sinkOfSchool(school);
  let sink: FrontSink = own;
  const sdMm = handSdMm(back);
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const found = recommendFront(back.body.front!.section, school, DEFAULT_POINT_LENGTH_MM, paddingOfSchool(school, sink));
    if (!found.ok) return { ...own, from: 'noneRests' };
    const { target } = found.value;
    const rested = inBuilds(back, target, builds);
    // where fewer than half of them rest, those few say nothing of the others
    if (2 * rested.length < builds.length) return { ...own, from: 'noneRests' };
    const rooms = rested.map((r) => r.roomMm);
    const [low, high] = [mixtureQuantile(rooms, sdMm, 0.05), mixtureQuantile(rooms, sdMm, 0.95)];
    const mm = target.crownZMm - (low + high) / 2;
    const settled = Math.abs(mm - sink.mm) <= SETTLED_MM;
    sink = { mm, halfMm: (high - low) / 2, from };
    if (settled) break;
  }
  return sink;
}

/** How far the front of each saddle comes down at each of its widths, by settling it; null where the back isn't known. */
export function sinksOfStock(
  input: BodyInput,
  school: School,
  saddles: readonly DescribedSaddle[],
): ReadonlyMap<string, SinkOfWidths> | null {
  const back = backOf(input, school);
  if (back === null) return null;
  const sdMm = handSdMm(back);
  return new Map(saddles.map((saddle) => [saddle.id, sinkOfWidths(back, saddle, sdMm)]));
}

function sinkOfWidths({ body, bench, school, placeMm }: Back, saddle: DescribedSaddle, handSd: number): SinkOfWidths {
  const onPad = onSchoolsPad(presentSetup(saddle, placeMm), school.front.padMm);
  const halfMm = SDS_OF_90 * Math.hypot(handSd, unmeasuredSdMm(bench, { saddle, setup: onPad }));
  return saddle.front.settings.map((_, width): FrontSink | null => {
    const setup = { ...onPad, width };
    const laid = laidFront(body, saddle, { ...setup, frontDepthMm: saddle.front.frontPanelDepthMm });
    const room = roomOf(bench, saddle, setup);
    return laid === null || room === null ? null : { mm: laid.crownZMm - room, halfMm, from: 'saddle' };
  });
}

/** What the numbers that nobody measured of a saddle do to the room under it, one standard deviation, mm; nothing where it doesn't rest. */
function unmeasuredSdMm(bench: SitBench, set: SaddleSet, rider?: RiderLoad): number {
  const sources = unmeasuredSources(set.saddle);
  const room = sources.length === 0 ? null : roomOf(bench, set.saddle, set.setup, rider);
  if (room === null) return 0;
  const squares = sources.map((source) => {
    const ways = source.ways(set).flatMap((other) => roomOf(bench, other.saddle, other.setup, rider) ?? []);
    return ways.reduce((sum, way) => sum + (way - room) ** 2, 0) / Math.max(1, ways.length);
  });
  return Math.sqrt(squares.reduce((sum, square) => sum + square, 0));
}

/** A saddle in one setting, as it was tried. */
export interface SettingTried {
  readonly saddle: DescribedSaddle;
  readonly setup: SaddleSetup;
  readonly rider: RiderLoad | null;
}

/**
 * How far the front of a setting comes down: as it settles with its own pad, shims and rider (the standard one where nobody sat in it).
 * @returns null where the back isn't known, or it doesn't rest
 */
export function sinkOfSetting(input: BodyInput, school: School, { saddle, setup, rider }: SettingTried): FrontSink | null {
  const back = backOf(input, school);
  if (back === null) return null;
  const laid = laidFront(back.body, saddle, setup);
  const sat = rider ?? STANDARD_RIDER;
  const room = roomOf(back.bench, saddle, setup, sat);
  if (laid === null || room === null) return null;
  const ofSaddle = SDS_OF_90 * unmeasuredSdMm(back.bench, { saddle, setup }, sat);
  return { mm: laid.crownZMm - room, halfMm: Math.hypot(school.front.sinkHalfMm, ofSaddle), from: 'saddle' };
}
