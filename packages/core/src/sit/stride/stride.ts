import { type BackSurface } from '../../back/surface';
import { type EngineSettings } from '../../schools/engine';
import { type StrideGaitId, INSTANTS } from '../../schools/stride';
import { type RiderLoad } from '../loads';
import { type CellsAtRest, type StepEnd, step } from '../contact/step';
import { type Settled, type SettleJob, settle } from '../contact/settle';
import { type Placing } from '../contact/sampling';
import { placed } from '../contact/rigid';
import { type SaddleForce } from '../contact/panel-cells';
import { type ExactPanel, exactPanel } from './exact-ridden';
import { type LaidPanel } from '../panel-of-saddle';
import { type LaidSaddle, type SitBench, type SitQuestion, settleJob } from '../sit';
import { type Outcome, done } from '../../problems';
import { type BackAt, type MovingBack, movingBack } from './moving-back';
import { loadsAtInstant } from './stride-loads';

/** Strides gone through after the halt: the first settles, the second and the third are compared. */
export const STRIDES = 3;

/** One instant of a stride, as it came to rest. */
export interface StrideInstant {
  readonly stride: number;
  readonly instant: number;
  readonly end: StepEnd;
  readonly surface: BackSurface;
  readonly back: BackAt;
  readonly moving: MovingBack;
  readonly downN: number;
  readonly loads: readonly SaddleForce[];
}

/** All that a walk through a stride needs besides the gait. */
export interface StrideJob {
  readonly question: Omit<SitQuestion, 'rider'> & { readonly rider: RiderLoad };
  readonly laid: LaidSaddle;
  /** Its panel as it lies on the grid at halt. */
  readonly grid: LaidPanel;
  readonly job: SettleJob;
  readonly moving: MovingBack;
  readonly halt: Settled;
  readonly engine: EngineSettings;
  readonly middleMm: number;
  readonly exact: ExactPanel;
}

/** Lays and settles the saddle at halt, ready for any gait; refused where it can't be laid. */
export function strideJob(question: StrideJob['question'], laid: LaidSaddle, bench: SitBench): Outcome<StrideJob> {
  const ready = settleJob(question, laid, bench);
  if (!ready.ok) return ready;
  const { job, laid: grid } = ready.value;
  const middleMm = (laid.under.fromMm + laid.under.toMm) / 2 + question.setup.placeMm;
  const moving = movingBack(bench.body, middleMm, bench.engine);
  const exact = exactPanel({ ...grid, areaMm2: job.panel.areaMm2 }, job.panel, bench.body.surface, job.law, laid.loads);
  return done({ question, laid, grid, job, moving, halt: settle(job), engine: bench.engine, middleMm, exact });
}

/**
 * Halt and three strides, each instant from the rest of the one before with all the shear it holds. Stops where there is no rest.
 * @param visit is told every instant; what it is given lives until the next
 * @returns the creep of each instant from the second stride to the third, mm; null where it found no rest
 */
export function* strideThrough(job: StrideJob, gait: StrideGaitId): Generator<StrideInstant, StrideCreep> {
  const { question, laid, halt, engine, moving } = job;
  const stride = engine.strides[gait];
  let from: CellsAtRest = halt.cells;
  let placing: Placing = halt.placing;
  const middles: Middle[] = [];
  const placings: Placing[] = [];
  for (let k = 0; k < STRIDES * INSTANTS; k++) {
    const instant = k % INSTANTS;
    const row = (id: keyof typeof stride.rows): number => stride.rows[id].values[instant]!;
    const back = { riseMm: row('backRiseMm'), near: row('scapulaNear'), off: row('scapulaOff') };
    const surface = moving.at(back);
    const loads = loadsAtInstant({ ...question, pulls: laid.pulls, under: laid.under }, stride, instant);
    // where it lay at this instant a stride ago is the best place to begin looking; the law doesn't ask where one began
    const start = placings[k - INSTANTS] ?? placing;
    const end = step({ ...job.job, surface, loads, locked: [], from, origin: halt.cells, start });
    const downN = -loads.reduce((s, l) => s + l.forceZ, 0);
    yield { stride: Math.floor(k / INSTANTS), instant, end, surface, back, moving, downN, loads };
    if (!end.stays) return { gait, rests: false, noRest: { stride: Math.floor(k / INSTANTS), instant, end }, creep: [] };
    from = end.cells;
    placing = end.placing;
    placings.push(placing);
    middles.push(middleOf(placing, job.middleMm));
  }
  return { gait, rests: true, noRest: null, creep: creepOf(middles) };
}

export interface StrideCreep {
  readonly gait: StrideGaitId;
  readonly rests: boolean;
  readonly noRest: { readonly stride: number; readonly instant: number; readonly end: StepEnd } | null;
  /** Per instant, from the second stride to the third, mm: + toward the tail, + toward the off side. */
  readonly creep: readonly { readonly alongMm: number; readonly acrossMm: number }[];
}

interface Middle {
  readonly x: number;
  readonly y: number;
}

/** The saddle's middle, on the height of the spine as it was put. */
function middleOf(placing: Placing, middleMm: number): Middle {
  const [x, y] = placed(placing, middleMm, 0, 0);
  return { x, y };
}

const creepOf = (middles: readonly Middle[]): StrideCreep['creep'] =>
  Array.from({ length: INSTANTS }, (_, i) => {
    const [second, third] = [middles[INSTANTS + i]!, middles[2 * INSTANTS + i]!];
    return { alongMm: third.x - second.x, acrossMm: third.y - second.y };
  });
