import { type BackSurface } from '../../back/surface';
import { type StayLimits } from '../../schools/engine';
import { type ContactLaw, type Freedom } from './contact-problem';
import { type PanelCells, type SaddleForce, type TreeStiffness, thinned } from './panel-cells';
import { type Pose, AS_PUT, motionOf, poseOf } from './rigid';
import { type Placing } from './sampling';
import { type CellsAtRest, type StepEnd, type StepJob, firstTouch, step } from './step';

/** Where a saddle that doesn't stay goes. */
export interface Leaving {
  readonly how: 'slides' | 'turns';
  readonly towards: 'head' | 'tail' | 'near' | 'off';
  /** How far the middle of what bears had gone when it was given up, mm. */
  readonly alongMm: number;
  readonly acrossMm: number;
}

export interface Settled {
  /** `doesNotSit` where it finds no rest; `unloaded` where nothing presses it down. */
  readonly state: 'settled' | 'doesNotSit' | 'unloaded';
  readonly leaves: Leaving | null;
  readonly pose: Pose;
  readonly placing: Placing;
  /** Per cell of the panel. */
  readonly cells: CellsAtRest;
  readonly struck: StepEnd['struck'];
  readonly loads: StepEnd['loads'];
  /** How the tree has given: degrees between its two ends, and of its arch. */
  readonly tree: { readonly bentDeg: number; readonly openedDeg: number };
  /** What is left of the balance: of forces, and of moments over 100 mm, as shares of the weight. */
  readonly residual: { readonly force: number; readonly pitch: number; readonly roll: number; readonly yaw: number };
  readonly iterations: number;
  /** How far what bears went level from where it was laid down, mm: + toward the tail, + toward the off side. */
  readonly travelled: { readonly alongMm: number; readonly acrossMm: number };
}

export interface SettleJob {
  readonly panel: PanelCells;
  readonly surface: BackSurface;
  readonly loads: readonly SaddleForce[];
  readonly law: ContactLaw;
  /** Null for a rigid tree. */
  readonly tree: TreeStiffness | null;
  readonly stays: StayLimits;
  readonly locked?: readonly Freedom[];
  /** A pose to begin from, e.g. of a setting close by. */
  readonly warm?: Pose | null;
}

/** The first step: lowered without turning until it touches, loaded, and then wherever it comes to rest. */
export function settle({ locked = [], warm = null, ...job }: SettleJob): Settled {
  const weightN = -job.loads.reduce((s, l) => s + l.forceZ, 0);
  const { cells: from, heaveMm } = firstTouch(job.panel);
  const touching: Placing = { ...motionOf({ ...AS_PUT, heaveMm: Number.isFinite(heaveMm) ? heaveMm : 0 }), bent: 0, opened: 0 };
  if (!(weightN > 0) || !Number.isFinite(heaveMm)) return untouched(touching, from, weightN > 0);
  const stepJob = { ...job, locked, from, origin: from };
  if (warm !== null) {
    const end = step({ ...stepJob, start: { ...motionOf(warm), bent: 0, opened: 0 }, once: true });
    if (end.stays) return settledOf(end);
  }
  if (job.panel.count < MANY) return settledOf(step({ ...stepJob, start: touching, lower: true }));
  const close = comeClose(stepJob, touching);
  const end = close === null ? null : step({ ...stepJob, start: close, once: true });
  // where a few cells find no rest either, all of them are asked once
  return settledOf(end?.stays === true ? end : step({ ...stepJob, start: touching, lower: true, once: close === null }));
}

/** With many cells, a few of them come close first. */
const MANY = 900;
const ABOUT = 450;

/** Where a few of the cells come to rest; null where they don't. */
function comeClose(job: Omit<StepJob, 'start'>, touching: Placing): Placing | null {
  const panel = thinned(job.panel, Math.floor(job.panel.count / ABOUT));
  const { cells: from } = firstTouch(panel);
  const end = step({ ...job, panel, from, origin: from, start: touching, lower: true });
  return end.stays ? end.placing : null;
}

export function settledOf(end: StepEnd): Settled {
  const { left, placing, rounds, travelled, cells, struck, loads } = end;
  return {
    state: end.stays ? 'settled' : 'doesNotSit',
    leaves: end.stays ? null : leavingOf(end),
    pose: poseOf(placing),
    placing,
    cells,
    struck,
    loads,
    tree: { bentDeg: (placing.bent * 180) / Math.PI, openedDeg: (placing.opened * 180) / Math.PI },
    residual: { force: Math.hypot(left[0]!, left[1]!, left[2]!), pitch: left[4]!, roll: left[3]!, yaw: left[5]! },
    iterations: rounds,
    travelled,
  };
}

/** How many mm at the flank, 150 mm from the spine, a degree is. */
const MM_A_DEGREE = 2.6;

/**
 * Where it goes. Balanced, but gone too far: the way it went, as a turn where that stands out, else along or across.
 * Not balanced anywhere: the way it is pushed by what nothing held.
 */
export function leavingOf({ balanced, placing, travelled: { alongMm, acrossMm }, left }: StepEnd): Leaving {
  const { pitchDeg, rollDeg } = poseOf(placing);
  // left: forces along and across, and the moments that turn near or off, head or tail down
  const ways = balanced
    ? { along: alongMm, across: acrossMm, pitch: MM_A_DEGREE * pitchDeg, roll: MM_A_DEGREE * rollDeg }
    : { along: left[0]!, across: left[1]!, pitch: left[4]!, roll: -left[3]! };
  const slides = Math.max(Math.abs(ways.along), Math.abs(ways.across));
  const turns = Math.max(Math.abs(ways.pitch), Math.abs(ways.roll));
  const [along, across] = turns > slides ? [ways.pitch, ways.roll] : [ways.along, ways.across];
  const lengthwise = Math.abs(along) >= Math.abs(across);
  const towards = lengthwise ? (along < 0 ? 'head' : 'tail') : across < 0 ? 'near' : 'off';
  return { how: turns > slides ? 'turns' : 'slides', towards, alongMm, acrossMm };
}

/** Nothing presses it down, or there is nothing it could touch. */
function untouched(placing: Placing, cells: CellsAtRest, loaded: boolean): Settled {
  return {
    state: loaded ? 'doesNotSit' : 'unloaded',
    leaves: null,
    pose: poseOf(placing),
    placing,
    cells,
    struck: cells,
    loads: [],
    tree: { bentDeg: 0, openedDeg: 0 },
    residual: { force: loaded ? 1 : 0, pitch: 0, roll: 0, yaw: 0 },
    iterations: 0,
    travelled: { alongMm: 0, acrossMm: 0 },
  };
}
