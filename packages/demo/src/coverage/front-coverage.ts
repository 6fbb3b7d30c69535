import {
  type BodyInput,
  type DescribedSaddle,
  type HorseBody,
  type Random,
  type School,
  type SitBench,
  CELL_MM,
  DEFAULT_POINT_LENGTH_MM,
  SCHOOLS,
  STANDARD_RIDER,
  bodyFrom,
  builtInto,
  describedOf,
  fixedAt,
  frontSink,
  judgeSettings,
  measuredAgain,
  onSchoolsPad,
  paddingOfSchool,
  presentSetup,
  recommendFront,
  seededRandom,
  setupBehindFront,
  sinksOfStock,
  sit,
  sitBench,
} from '@fulcra/core';
import { DEMO_SADDLES } from '../saddles';
import { anyMeasuredBack, nearTo, pickOf } from './any-back';
import { type Cluster } from './clustered';

/** How often the room over the withers lay inside what was foretold, for each back. */
export interface FrontCoverages {
  /** A front in a saddle of the stock that wasn't chosen yet. */
  readonly stock: readonly Readonly<Cluster>[];
  /** A saddle that was. */
  readonly saddle: readonly Readonly<Cluster>[];
  /** Fronts that were told by default, for no build rests on that back. */
  readonly byDefault: number;
}

const STOCK_OF = 12;
/** A practice's stock: saddles like the island's, no two alike. */
const anyStock = (random: Random): DescribedSaddle[] =>
  Array.from({ length: STOCK_OF }, (_, i) => {
    const { id: _id, ...saddle } = describedOf(pickOf(ENGLISH, random));
    const { frame } = saddle.build;
    const { unmeasured: _known, ...whole } = saddle.build;
    const build = {
      ...whole,
      frame: {
        ...frame,
        curveMm: fixedAt(Math.max(0, nearTo(frame.curveMm.present, 8, random))),
        midAngleDeg: nearTo(frame.midAngleDeg, 5, random),
        rearAngleDeg: nearTo(frame.rearAngleDeg, 5, random),
      },
    };
    return { ...saddle, build, id: `stock ${i}` };
  });
const ENGLISH = DEMO_SADDLES.filter((s) => s.kind === 'english');

interface Case {
  readonly told: BodyInput;
  readonly truth: HorseBody;
  /** How far off its place the fitter puts a saddle, mm. */
  readonly putOffMm: number;
  readonly stock: readonly DescribedSaddle[];
  readonly school: School;
  readonly random: Random;
}

/** Draws backs, hands, and stocks, tells the room of a front under every school, and settles on the true back what it was told of. */
export function frontCoverage(backs: number, seed: number): FrontCoverages {
  const [stock, saddle]: [Cluster[], Cluster[]] = [[], []];
  let byDefault = 0;
  for (let i = 0; i < backs; i++) {
    const random = seededRandom(seed + i);
    const input = anyMeasuredBack(random);
    const truth = bodyFrom(input);
    if (!truth.ok) continue;
    const built = anyStock(random);
    const [inStock, atHand]: [Cluster, Cluster] = [
      { inside: 0, asked: 0 },
      { inside: 0, asked: 0 },
    ];
    stock.push(inStock);
    saddle.push(atHand);
    for (const school of SCHOOLS) {
      const { input: told, putOffMm } = measuredAgain(input, school.errors, random);
      const one: Case = { told, truth: truth.value, putOffMm, stock: built, school, random };
      if (!ofStock(one, inStock)) byDefault++;
      ofSaddle(one, atHand);
    }
  }
  return { stock, saddle, byDefault };
}

const benchOf = ({ truth, school }: Case): SitBench => sitBench(truth, 'resting', school.engine, CELL_MM.stride);

function countRoom(
  one: Case,
  saddle: DescribedSaddle,
  setup: ReturnType<typeof presentSetup>,
  roomMm: number,
  halfMm: number,
  count: Cluster,
): void {
  const put = { ...setup, placeMm: setup.placeMm + one.putOffMm };
  const sitting = sit({ body: one.truth, saddle, setup: put, rider: STANDARD_RIDER, pose: 'resting' }, benchOf(one));
  if (!sitting.ok || sitting.value.settled.state !== 'settled' || sitting.value.withers.overMm === null) return;
  count.asked++;
  if (Math.abs(sitting.value.withers.overMm - roomMm) <= halfMm) count.inside++;
}

/** @returns whether it was told by settling */
function ofStock(one: Case, count: Cluster): boolean {
  const { told, school, stock, random } = one;
  const sink = frontSink(told, school, stock);
  const body = bodyFrom(told);
  if (sink === null || sink.from !== 'stock' || !body.ok) return false;
  const { section, takenAtMm } = body.value.front!;
  const found = recommendFront(section, school, DEFAULT_POINT_LENGTH_MM, paddingOfSchool(school, sink));
  if (!found.ok) return false;
  const { target } = found.value;
  const saddle = builtInto(pickOf(stock, random), target);
  countRoom(one, saddle, setupBehindFront(saddle, target.padding.padMm, takenAtMm), target.loadedMm, sink.halfMm, count);
  return true;
}

function ofSaddle(one: Case, count: Cluster): void {
  const { told, school, stock, random } = one;
  const saddle = pickOf(stock, random);
  const body = bodyFrom(told);
  const sinks = sinksOfStock(told, school, [saddle])?.get(saddle.id);
  if (sinks === undefined || !body.ok) return;
  const width = Math.floor(random() * saddle.front.settings.length);
  const sink = sinks[width];
  const judged = judgeSettings(body.value.front!.section, saddle.front, school, body.value.front!.takenAtMm, sinks).find(
    (s) => s.index === width,
  );
  if (sink == null || judged === undefined) return;
  const setup = onSchoolsPad({ ...presentSetup(saddle, body.value.front!.takenAtMm), width }, school.front.padMm);
  countRoom(one, saddle, setup, judged.laid.loadedMm, sink.halfMm, count);
}
