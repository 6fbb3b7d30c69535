import { surfaceHeightMm } from '../back/surface';
import { recommendFront } from '../front/front-search';
import { type LaidArch } from '../front/arch-on-section';
import { type FrontSink, type Padding, paddingOfSchool, sinkOfSchool } from '../front/padding';
import { NEUTRAL_PAD } from '../saddle/pad';
import { fixedAt } from '../saddle/number-setting';
import { DEFAULT_POINT_LENGTH_MM } from '../saddle/front-arch';
import { DEFAULT_BUILD } from '../saddle/saddle-build';
import { type DescribedSaddle, type SaddleSetup, presentSetup } from '../saddle/saddle-setup';
import { type School } from '../schools/school';
import { degFromRad } from '../units';
import { type HorseBody } from '../sit/body/horse-body';
import { CELL_MM } from '../sit/seat-cells';
import { type SitBench, laySaddle, settleJob, sit, sitBench } from '../sit/sit';
import { STANDARD_RIDER } from './standard-errors';

/** A plain saddle behind a front that is being looked for: as long as the back has room, its rails at the slopes of this back. */
const LIKE = DEFAULT_BUILD;
const LEAST_LENGTH_MM = 220;
/** Where across the horse its slope is read, mm from the spine; and where along the tree its angles are given. */
const SLOPE_AT = { innerMm: 40, outerMm: 110 } as const;
const REAR_SHARE = 0.9;
/** How surely an inner sitting tells the room: what another saddle of the same front may do to it, mm (default). */
const SITTING_HALF_MM = 3;

/** The plain saddle made for this back with this front: what "the same saddle" means before there is one. */
export function saddleBehindFront(
  { arch, padding }: Pick<LaidArch, 'arch' | 'padding'>,
  bench: SitBench,
  placeMm: number,
): DescribedSaddle {
  const { body } = bench;
  const room = (body.lastRibMm ?? body.surface.stationsMm.at(-1)!) - placeMm;
  const lengthMm = Math.max(LEAST_LENGTH_MM, Math.min(LIKE.frame.lengthMm, room));
  // a deeper front lifts the whole saddle: the rest of the panel is made as much deeper
  const deeper = padding.panelDepthMm - LIKE.panel.depthFrontMm.present;
  const share = lengthMm / LIKE.frame.lengthMm;
  const slope = (u: number): number => includedAngleAt(body, placeMm + u) ?? arch.includedAngleDeg;
  const saddle = (curveMm: number): DescribedSaddle => ({
    id: 'behind-front',
    kind: 'english',
    front: {
      shape: arch.shape,
      pointLengthMm: arch.pointLengthMm,
      frontPanelDepthMm: padding.panelDepthMm,
      frontChannelMm: 2 * padding.panelFromSpineMm,
      presentSetting: 0,
      settings: [{ label: '', includedAngleDeg: arch.includedAngleDeg }],
    },
    build: {
      ...LIKE,
      frame: {
        ...LIKE.frame,
        lengthMm,
        headRiseMm: 0,
        curveMm: fixedAt(curveMm),
        midAngleDeg: slope(lengthMm / 2),
        rearAngleDeg: slope(REAR_SHARE * lengthMm),
        seatLowMm: share * LIKE.frame.seatLowMm,
        massAtMm: share * LIKE.frame.massAtMm,
      },
      panel: {
        ...LIKE.panel,
        depthFrontMm: fixedAt(padding.panelDepthMm),
        depthMidMm: LIKE.panel.depthMidMm + deeper,
        depthRearMm: fixedAt(LIKE.panel.depthRearMm.present + deeper),
      },
    },
  });
  return saddle(curveFor(saddle(0), padding, bench, placeMm));
}

/** As it is, on the pad the school counts. */
export const setupBehindFront = (saddle: DescribedSaddle, padMm: number, placeMm: number): SaddleSetup => ({
  ...presentSetup(saddle, placeMm),
  pad: padMm > 0 ? { kind: 'felt', thicknessMm: padMm } : NEUTRAL_PAD.english,
});

/** Included angle of the two flanks there, degrees; null where the back wasn't measured. */
function includedAngleAt({ surface }: HorseBody, xMm: number): number | null {
  const drop = ([-1, 1] as const).map(
    (side) => surfaceHeightMm(surface, xMm, side * SLOPE_AT.innerMm) - surfaceHeightMm(surface, xMm, side * SLOPE_AT.outerMm),
  );
  const mean = (drop[0]! + drop[1]!) / 2;
  return mean > 0 ? 2 * degFromRad(Math.atan((SLOPE_AT.outerMm - SLOPE_AT.innerMm) / mean)) : null;
}

const CURVE_HALF_MM = 200;

/** The lengthwise curve with which this saddle follows the back: least squares of what lies between, level and tilt left free. */
function curveFor(saddle: DescribedSaddle, { padMm }: Padding, bench: SitBench, placeMm: number): number {
  const setup = setupBehindFront(saddle, padMm, placeMm);
  const laid = laySaddle({ body: bench.body, saddle, setup, rider: STANDARD_RIDER }, bench.engine);
  const ready = laid.ok ? settleJob({ setup }, laid.value, bench) : null;
  if (ready === null || !ready.ok) return saddle.build.frame.curveMm.present;
  const { panel } = ready.value.job;
  const middle = placeMm + saddle.build.frame.lengthMm / 2;
  const rows = Array.from({ length: panel.count }, (_, i) => i).filter((i) => !Number.isNaN(panel.overlapMm[i]!) && panel.reliefMm[i]! < 1);
  return quadratic(
    rows.map((i) => (panel.x[i]! - middle) / CURVE_HALF_MM),
    rows.map((i) => panel.overlapMm[i]!),
  );
}

/** Second coefficient of the parabola through what is given, by least squares; 0 where there is too little. */
function quadratic(xs: readonly number[], ys: readonly number[]): number {
  const n = xs.length;
  if (n < 3) return 0;
  const mean = (of: (i: number) => number): number => xs.reduce((s, _, i) => s + of(i), 0) / n;
  const [x1, x2] = [mean((i) => xs[i]!), mean((i) => xs[i]! ** 2)];
  const spread = mean((i) => (xs[i]! - x1) ** 2);
  const lean = mean((i) => (xs[i]! - x1) * (xs[i]! ** 2 - x2)) / spread;
  const left = (i: number): number => xs[i]! ** 2 - x2 - lean * (xs[i]! - x1);
  const square = mean((i) => left(i) ** 2);
  return square > 0 ? mean((i) => left(i) * ys[i]!) / square : 0;
}

/** How far the crown of a laid front comes down when the saddle behind it is settled; null where it doesn't rest. */
export function sinkOf(laid: LaidArch, bench: SitBench, placeMm: number): number | null {
  const saddle = saddleBehindFront(laid, bench, placeMm);
  const setup = setupBehindFront(saddle, laid.padding.padMm, placeMm);
  const question = { body: bench.body, saddle, setup, rider: STANDARD_RIDER, pose: 'resting' as const };
  const sitting = sit(question, bench);
  if (!sitting.ok || sitting.value.settled.state !== 'settled' || sitting.value.withers.overMm === null) return null;
  return laid.crownZMm - sitting.value.withers.overMm;
}

const MOST_ROUNDS = 6;
/** The room is told once another round would change it by no more than this, mm. */
const SETTLED_MM = 0.3;

/**
 * How far the front that a school recommends comes down on this horse: it is laid, the plain saddle behind it is settled, and it is
 * recommended again by what that left, until that changes nothing; null where no such saddle rests.
 */
export function frontSink(body: HorseBody, school: School): FrontSink | null {
  if (body.front === null) return null;
  const bench = sitBench(body, 'resting', school.engine, CELL_MM.confidence);
  let sink = sinkOfSchool(school);
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const found = recommendFront(body.front.section, school, DEFAULT_POINT_LENGTH_MM, paddingOfSchool(school, sink));
    const sunk = found.ok ? sinkOf(found.value.target, bench, body.front.takenAtMm) : null;
    if (sunk === null) return null;
    const settled = Math.abs(sunk - sink.mm) <= SETTLED_MM;
    sink = { mm: sunk, halfMm: SITTING_HALF_MM, from: 'sitting' };
    if (settled) break;
  }
  return sink;
}
