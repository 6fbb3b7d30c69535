import { type BackSurface } from '../back/surface';
import { type Outcome, type Problem, done, problem, refused } from '../problems';
import { type DescribedSaddle, type SaddleSetup } from '../saddle/saddle-setup';
import { saddleProblems } from '../saddle/saddle-problems';
import { type Underside, underside } from '../saddle/underside';
import { type HorseBody } from './body/horse-body';
import { type BackPose, type EngineSettings, type Gait, BACK_POSES } from '../schools/engine';
import { posedSurface } from './body/poses';
import { type ContactMeasures, measureContact } from './contact/contact-measures';
import { type ContactLaw } from './contact/contact-problem';
import { type ExactFit, exactFit } from './contact/exact-fit';
import { type PanelCells, type SaddleForce, type TreeStiffness } from './contact/panel-cells';
import { type Pose } from './contact/rigid';
import { type Settled, type SettleJob, settle } from './contact/settle';
import { type ContactShape, contactShape } from './contact-shape';
import { type Drift, driftOf } from './drift';
import { type StrapPull, girthProblems, strapPulls } from './girth';
import { type RiderLoad, loadsOf, riderProblems, strapProblems } from './loads';
import { loadOnMuscle } from './load-on-muscle';
import { type LaidPanel, laidPanel, panelOn, treeStiffnessOf } from './panel-of-saddle';
import { type Places, type WithersRoom, placesOf, withersRoom } from './places';
import { type BackCells, CELL_MM, backCells } from './seat-cells';
import { setupProblems } from './setup-problems';
import { type TipStiffness, pitchStiffness } from './stiffness';

export interface SitQuestion {
  readonly body: HorseBody;
  readonly saddle: DescribedSaddle;
  readonly setup: SaddleSetup;
  /** Null with nobody in the saddle. */
  readonly rider: RiderLoad | null;
  readonly pose: BackPose;
  /** Pull of one girth strap, N; 0 with the girth undone; absent for the school's own. */
  readonly strapPullN?: number;
}

/** Everything that is known of how a saddle sits: what the drawings draw and the schools judge. */
export interface Sitting {
  readonly settled: Settled;
  readonly back: BackCells;
  readonly panel: PanelCells;
  readonly laid: LaidPanel;
  readonly under: Underside;
  readonly measures: ContactMeasures;
  /** What this rider's exact fit of the same panel on this back would read under the same load. */
  readonly exact: ExactFit;
  readonly shape: ContactShape;
  readonly stiffness: TipStiffness;
  readonly drift: Drift;
  /** How much of the load lies on the long back muscle, 0 to 1; null where that wasn't felt. */
  readonly onMuscle: number | null;
  readonly places: Places;
  readonly withers: WithersRoom;
  readonly pulls: readonly StrapPull[];
  readonly loads: readonly SaddleForce[];
  readonly law: ContactLaw;
  readonly gait: Gait;
  /** Share of the panels under which no back was measured. */
  readonly offTheBackShare: number;
}

/** Past this share of panel without a measured back under it nothing is said (default). */
const MOST_OFF_THE_BACK = 0.4;

/** One horse in one pose under one engine: what changes with the setting is then quick to ask again. */
export interface SitBench {
  readonly body: HorseBody;
  readonly surface: BackSurface;
  readonly pose: BackPose;
  readonly engine: EngineSettings;
  readonly cellMm: number;
  readonly sampled: Map<string, BackCells>;
}

export const sitBench = (body: HorseBody, pose: BackPose, engine: EngineSettings, cellMm: number = CELL_MM.picture): SitBench => ({
  body,
  pose,
  engine,
  cellMm,
  surface: posedSurface(body, pose, engine),
  sampled: new Map(),
});

/** A saddle in one setup with its loads: all that doesn't ask how the horse holds its back. */
export interface LaidSaddle extends Pick<Sitting, 'under' | 'pulls' | 'loads' | 'law'> {
  readonly tree: TreeStiffness | null;
  readonly panel: (back: BackCells) => LaidPanel;
}

/** @param shape its underside where that isn't the described one: a saddle made from a back */
export function laySaddle(question: Omit<SitQuestion, 'pose'>, engine: EngineSettings, shape?: Underside): Outcome<LaidSaddle> {
  const { body, saddle, setup, rider, strapPullN = engine.strapPullN } = question;
  const problems: Problem[] = [
    ...saddleProblems(saddle),
    ...setupProblems(saddle, setup),
    ...riderProblems(rider),
    ...strapProblems(strapPullN),
    ...girthProblems(saddle, setup, engine),
  ];
  if (problems.length > 0) return refused(...problems);
  const under = shape ?? underside(saddle, setup);
  const pulls = strapPulls(saddle, setup, body.grooveMm, strapPullN, engine);
  const { hardeningMm, shearShare, friction } = engine;
  let known: LaidPanel | null = null;
  return done({
    under,
    pulls,
    loads: loadsOf(saddle, setup, rider, pulls, under, engine),
    law: { hardeningMm, shearShare, friction },
    tree: treeStiffnessOf(saddle, setup, engine),
    // one place and one underside make one grid, whatever the pose
    panel: (back) => (known ??= laidPanel(back, saddle, setup, under, engine)),
  });
}

/** Lays, loads and settles one saddle on one back. */
export function sit(question: SitQuestion, bench: SitBench, warm: Pose | null = null): Outcome<Sitting> {
  if (!BACK_POSES.includes(question.pose)) return refused(problem('BACK_POSE_UNKNOWN', { pose: String(question.pose) }));
  const laid = laySaddle({ ...question, body: bench.body }, bench.engine);
  return laid.ok ? sitLaid(question, laid.value, bench, warm) : laid;
}

/** The job of settling a laid saddle on one pose of its horse; refused where too little of the back was measured under it. */
export function settleJob(
  { setup }: Pick<SitQuestion, 'setup'>,
  { under, loads, law, tree, panel: laidOn }: LaidSaddle,
  bench: SitBench,
): Outcome<{ readonly job: SettleJob; readonly back: BackCells; readonly laid: LaidPanel; readonly offTheBackShare: number }> {
  const back = sampledBack(bench, setup.placeMm, under);
  const laid = laidOn(back);
  const panel = panelOn(back, laid);
  let off = 0;
  for (let i = 0; i < panel.count; i++) if (Number.isNaN(panel.overlapMm[i]!)) off++;
  const offTheBackShare = panel.count > 0 ? off / panel.count : 1;
  if (offTheBackShare > MOST_OFF_THE_BACK) return refused(problem('SADDLE_OFF_THE_BACK', { share: Math.round(100 * offTheBackShare) }));
  return done({ job: { panel, surface: bench.surface, loads, law, tree, stays: bench.engine.stays }, back, laid, offTheBackShare });
}

/** One laid saddle on one pose of its horse. */
export function sitLaid(question: SitQuestion, laidSaddle: LaidSaddle, bench: SitBench, warm: Pose | null): Outcome<Sitting> {
  const ready = settleJob(question, laidSaddle, bench);
  if (!ready.ok) return ready;
  const { job, back, laid, offTheBackShare } = ready.value;
  const { under, pulls, loads, law } = laidSaddle;
  const { panel } = job;
  const settled = settle({ ...job, warm });
  const shape = contactShape(back, laid, under, settled.cells);
  const grid = { ...laid, areaMm2: panel.areaMm2 };
  const measures = measureContact(grid, settled.cells);
  return done({
    settled,
    back,
    panel,
    laid,
    under,
    measures,
    exact: exactFit(grid, panel, law, downN(loads)),
    shape,
    stiffness: { pitchNmPerDeg: pitchStiffness(panel, settled, law) },
    drift: driftOf(panel, settled.cells, pulls, law.friction),
    onMuscle: loadOnMuscle(bench.body, laid, settled.cells),
    places: placesOf(bench.body, question.saddle, question.setup, under, shape),
    withers: withersRoom(bench.surface, question.saddle, question.setup, under, settled.pose),
    pulls,
    loads,
    law,
    gait: question.rider?.gait ?? 'stand',
    offTheBackShare,
  });
}

const downN = (loads: readonly SaddleForce[]): number => -loads.reduce((s, l) => s + l.forceZ, 0);

/** Settings of one saddle share the sampled back while they lie in the same place. */
function sampledBack({ surface, sampled, cellMm }: SitBench, placeMm: number, under: Underside): BackCells {
  const key = `${placeMm} ${under.outline}`;
  const known = sampled.get(key);
  if (known !== undefined) return known;
  const made = backCells(surface, placeMm, under, cellMm);
  sampled.set(key, made);
  return made;
}
