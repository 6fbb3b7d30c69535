import { type StrideGaitId, INSTANTS } from '../../schools/stride';
import { type NearOff, SIDES } from '../../units';
import { exactPeak } from './exact-ridden';
import { peakOf } from '../contact/contact-measures';
import { N_PER_KPA_MM2 } from '../contact/contact-problem';
import { poseOf } from '../contact/rigid';
import { leavingOf } from '../contact/settle';
import { driftOf } from '../drift';
import { BACKINGS, type LaidPanel } from '../panel-of-saddle';
import { withersRoom } from '../places';
import { type StrideInstant, type StrideJob, STRIDES, strideThrough } from './stride';

export type StrideWord = 'stays' | 'works' | 'runs';
export type Towards = 'head' | 'tail' | 'near' | 'off';

/** A blade drawn back under the saddle: which part it meets, when, and how hard. */
export interface BladeMeets {
  readonly side: NearOff;
  readonly instant: number;
  readonly part: 'point' | 'panel';
  /** On the cells over the blade's edge, N, and the hardest of them, kPa. */
  readonly pressesN: number;
  readonly hardestKPa: number;
}

/** One gait's stride, told: the third of three from the halt. */
export interface StrideTold {
  readonly gait: StrideGaitId;
  /** Creep and no-rest give the word. */
  readonly word: StrideWord;
  readonly towards: Towards | null;
  /** The furthest it goes from the second stride to the third, mm; null where it found no rest. */
  readonly creepMm: number | null;
  /** Stride and instant at which it found none, and whether it slid or turned. */
  readonly noRest: { readonly stride: number; readonly instant: number; readonly how: 'slides' | 'turns' } | null;
  /** Instants that were gone through in the stride that is told. */
  readonly instants: readonly InstantTold[];
  /** Per place of the grid over the instants told: mean and greatest pressure, kPa. */
  readonly meanKPa: Float32Array;
  readonly greatestKPa: Float32Array;
  /** Instant of the greatest peak over a disc, where it is, and what this rider's exact fit reads at that instant. */
  readonly peak: {
    readonly instant: number;
    readonly kPa: number;
    readonly exactKPa: number;
    readonly ratio: number;
    readonly atMm: { readonly x: number; readonly y: number };
  } | null;
  readonly leastOverWithersMm: { readonly instant: number; readonly mm: number } | null;
  /** Holding used over holding there is, at the least load of the stride: - toward the head, - toward the near side. */
  readonly driftAtLeastLoad: { readonly instant: number; readonly along: number; readonly across: number } | null;
  readonly blades: readonly BladeMeets[];
}

/** What is drawn of an instant. */
export interface InstantTold {
  readonly instant: number;
  readonly downN: number;
  readonly pose: ReturnType<typeof poseOf>;
  readonly peakKPa: number;
  readonly exactKPa: number;
  /** On the level grid, kPa, in single precision; 0 without panel or touch. */
  readonly pressureKPa: Float32Array;
  /** How far each blade is drawn back, as a share of its travel, and the back's rise, mm. */
  readonly near: number;
  readonly off: number;
  readonly riseMm: number;
}

/** A blade counts where it stands out by more than this, mm, and presses with more than this on its hardest cell, kPa (defaults). */
export const BLADE_FROM = { mm: 1, kPa: 2 } as const;

/** Goes through one gait; yields the instants gone through, so that it can be shown and stopped. */
export function* rideStride(job: StrideJob, grid: LaidPanel, gait: StrideGaitId): Generator<number, StrideTold> {
  const walk = strideThrough(job, gait);
  const told: Seen[] = [];
  let step = walk.next();
  for (let k = 1; !step.done; k++) {
    const { stride, end } = step.value;
    if (stride === STRIDES - 1 || !end.stays) told.push(seen(job, grid, step.value));
    yield k;
    step = walk.next();
  }
  const { creep, rests, noRest } = step.value;
  const furthest = creep.reduce((most, c) => (lengthOf(c) > lengthOf(most) ? c : most), { alongMm: 0, acrossMm: 0 });
  const word = !rests ? 'runs' : wordFor(lengthOf(furthest), job.engine.creepMm);
  const peak = told.reduce<Seen | null>((most, s) => (most === null || s.told.peakKPa > most.told.peakKPa ? s : most), null);
  const close = told.reduce<Seen | null>((least, s) => (s.over !== null && (least === null || s.over < least.over!) ? s : least), null);
  const light = told.reduce<Seen | null>((least, s) => (least === null || s.told.downN < least.told.downN ? s : least), null);
  return {
    gait,
    word,
    towards: word === 'stays' ? null : noRest === null ? towardsOf(furthest) : leavingOf(noRest.end).towards,
    creepMm: rests ? lengthOf(furthest) : null,
    noRest: noRest === null ? null : { stride: noRest.stride, instant: noRest.instant, how: leavingOf(noRest.end).how },
    instants: told.map((s) => s.told),
    ...overInstants(told.map((s) => s.told.pressureKPa)),
    peak: peak === null || peak.at === null ? null : peakTold(peak),
    leastOverWithersMm: close === null ? null : { instant: close.told.instant, mm: close.over! },
    driftAtLeastLoad: light === null ? null : { instant: light.told.instant, ...light.drift },
    blades: SIDES.flatMap((side) => hardestMeeting(told, side)),
  };
}

/** Mean and greatest of each place over all instants. */
function overInstants(maps: readonly Float32Array[]): Pick<StrideTold, 'meanKPa' | 'greatestKPa'> {
  const size = maps[0]?.length ?? 0;
  const meanKPa = new Float32Array(size);
  const greatestKPa = new Float32Array(size);
  for (const map of maps) {
    for (let i = 0; i < size; i++) {
      meanKPa[i]! += map[i]! / maps.length;
      if (map[i]! > greatestKPa[i]!) greatestKPa[i] = map[i]!;
    }
  }
  return { meanKPa, greatestKPa };
}

const lengthOf = ({ alongMm, acrossMm }: { readonly alongMm: number; readonly acrossMm: number }): number => Math.hypot(alongMm, acrossMm);

/** @param creepMm from one stride to the next */
export const wordFor = (creepMm: number, { stays, runs }: { readonly stays: number; readonly runs: number }): StrideWord =>
  creepMm < stays ? 'stays' : creepMm <= runs ? 'works' : 'runs';

function towardsOf({ alongMm, acrossMm }: { readonly alongMm: number; readonly acrossMm: number }): Towards {
  if (Math.abs(alongMm) >= Math.abs(acrossMm)) return alongMm < 0 ? 'head' : 'tail';
  return acrossMm < 0 ? 'near' : 'off';
}

const peakTold = ({ told: { instant, peakKPa, exactKPa }, at }: Seen): NonNullable<StrideTold['peak']> => ({
  instant,
  kPa: peakKPa,
  exactKPa,
  ratio: exactKPa > 0 ? peakKPa / exactKPa : 0,
  atMm: at!,
});

interface Seen {
  readonly told: InstantTold;
  readonly at: { readonly x: number; readonly y: number } | null;
  readonly over: number | null;
  readonly drift: { readonly along: number; readonly across: number };
  readonly blades: readonly BladeMeets[];
}

function seen(job: StrideJob, laid: LaidPanel, { instant, end, surface, back, moving, downN, loads }: StrideInstant): Seen {
  const { panel } = job.job;
  const { saddle, setup } = job.question;
  const grid = { ...laid, areaMm2: panel.areaMm2 };
  const { cells } = end;
  const pose = poseOf(end.placing);
  const peak = peakOf(grid, cells);
  const pressureKPa = new Float32Array(laid.countX * laid.countY);
  for (let i = 0; i < panel.count; i++) pressureKPa[laid.gridAt[i]!] = cells.pressureKPa[i]!;
  const { along, across } = driftOf(panel, cells, [], job.job.law.friction);
  return {
    told: {
      instant,
      downN,
      pose,
      peakKPa: peak.kPa,
      exactKPa: exactPeak(job.exact, loads),
      pressureKPa,
      near: back.near,
      off: back.off,
      riseMm: back.riseMm,
    },
    at: peak.at < 0 ? null : { x: cells.x[peak.at]!, y: cells.y[peak.at]! },
    over: withersRoom(surface, saddle, setup, job.laid.under, pose).overMm,
    drift: { along, across },
    blades: SIDES.flatMap((side) => meetingAt(job, laid, { instant, cells, back, moving }, side)),
  };
}

type Meeting = Pick<StrideInstant, 'instant' | 'back' | 'moving'> & { readonly cells: StrideInstant['end']['cells'] };

/** What lies over a blade's edge on one side and presses there; the part that presses hardest names it. */
function meetingAt(
  { job: { panel } }: StrideJob,
  { backing }: LaidPanel,
  { instant, cells, back, moving }: Meeting,
  side: NearOff,
): BladeMeets[] {
  let [pressesN, hardest, at] = [0, 0, -1];
  for (let i = 0; i < panel.count; i++) {
    const p = cells.pressureKPa[i]!;
    if (!(p > 0) || (side === 'near') !== cells.y[i]! < 0) continue;
    if (moving.bladeMm(cells.x[i]!, cells.y[i]!, back) < BLADE_FROM.mm) continue;
    pressesN += p * panel.areaMm2[i]! * N_PER_KPA_MM2;
    if (p > hardest) [hardest, at] = [p, i];
  }
  if (at < 0 || hardest < BLADE_FROM.kPa) return [];
  return [{ side, instant, part: BACKINGS[backing[at]!] === 'point' ? 'point' : 'panel', pressesN, hardestKPa: hardest }];
}

function hardestMeeting(told: readonly Seen[], side: NearOff): BladeMeets[] {
  const met = told.flatMap((s) => s.blades.filter((b) => b.side === side));
  return met.length === 0 ? [] : [met.reduce((a, b) => (b.hardestKPa > a.hardestKPa ? b : a))];
}

/** Instants of all three strides: what progress is counted in. */
export const STRIDE_STEPS = STRIDES * INSTANTS;
