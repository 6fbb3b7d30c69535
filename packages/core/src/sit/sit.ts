import { type BackSurface } from '../back/surface';
import { type Outcome, done, problem, refused } from '../problems';
import { type DescribedSaddle, type SaddleSetup } from '../saddle/saddle-setup';
import { saddleProblems } from '../saddle/saddle-problems';
import { type Underside, underside } from '../saddle/underside';
import { type HorseBody } from './body/horse-body';
import { type BackPose, type EngineSettings } from '../schools/engine';
import { posedSurface } from './body/poses';
import { type ContactMeasures, measureContact } from './contact/contact-measures';
import { type Load, type Pose, type Settled, settle } from './contact/settle';
import { type Springs, inSeries } from './contact/springs';
import { type ContactShape, contactShape } from './contact-shape';
import { type Drift, type TipStiffness, driftOf, tipStiffness } from './drift';
import { type RiderLoad, type StrapPull, MOST_RIDER_KG, loadsOf, strapPulls } from './loads';
import { type Places, type WithersRoom, placesOf, withersRoom } from './places';
import { type BackCells, type SeatCells, backCells, panelHeights, seatCells } from './seat-cells';

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
  readonly seat: SeatCells;
  readonly under: Underside;
  readonly measures: ContactMeasures;
  readonly shape: ContactShape;
  readonly stiffness: TipStiffness;
  readonly drift: Drift;
  readonly places: Places;
  readonly withers: WithersRoom;
  readonly pulls: readonly StrapPull[];
  readonly loads: readonly Load[];
  readonly springs: Springs;
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
  readonly sampled: Map<string, BackCells>;
}

export const sitBench = (body: HorseBody, pose: BackPose, engine: EngineSettings): SitBench => ({
  body,
  pose,
  engine,
  surface: posedSurface(body, pose, engine),
  sampled: new Map(),
});

/** A saddle in one setup with its loads: all that doesn't ask how the horse holds its back. */
export interface LaidSaddle extends Pick<Sitting, 'under' | 'places' | 'pulls' | 'loads' | 'springs'> {
  readonly heights: (back: BackCells) => Float64Array;
}

export function laySaddle(question: Omit<SitQuestion, 'pose'>, engine: EngineSettings): Outcome<LaidSaddle> {
  const { body, saddle, setup, rider, strapPullN = engine.strapPullN } = question;
  const problems = [...saddleProblems(saddle), ...riderProblems(rider)];
  if (problems.length > 0) return refused(...problems);
  const under = underside(saddle, setup);
  const pulls = strapPulls(saddle, setup, body.grooveMm, strapPullN, engine);
  let known: Float64Array | null = null;
  return done({
    under,
    pulls,
    places: placesOf(body, saddle, setup, under),
    loads: loadsOf(saddle, setup, rider, pulls, engine),
    springs: springsOf(saddle, setup, engine),
    // one place and one underside make one grid, whatever the pose
    heights: (back) => (known ??= panelHeights(back, under)),
  });
}

/** Lays, loads and settles one saddle on one back. */
export function sit(question: SitQuestion, bench: SitBench, warm: Pose | null = null): Outcome<Sitting> {
  const laid = laySaddle({ ...question, body: bench.body }, bench.engine);
  return laid.ok ? sitLaid(question, laid.value, bench, warm) : laid;
}

/** One laid saddle on one pose of its horse. */
export function sitLaid({ saddle, setup }: SitQuestion, laid: LaidSaddle, bench: SitBench, warm: Pose | null): Outcome<Sitting> {
  const { under, pulls, loads, springs, places } = laid;
  const back = sampledBack(bench, setup.placeMm, under);
  const seat = seatCells(back, laid.heights(back));
  const offTheBackShare = seat.panelCells > 0 ? seat.offTheBack / seat.panelCells : 1;
  if (offTheBackShare > MOST_OFF_THE_BACK) return refused(problem('SADDLE_OFF_THE_BACK', { share: Math.round(100 * offTheBackShare) }));
  const settled = settle(seat.cells, springs, loads, warm);
  return done({
    settled,
    back,
    seat,
    under,
    measures: measureContact(seat.cells, settled.pressureKPa),
    shape: contactShape(back, seat, under, settled),
    stiffness: tipStiffness(back, settled, springs),
    drift: driftOf(back, settled, pulls, bench.engine.friction),
    places,
    withers: withersRoom(bench.surface, saddle, setup, under, settled.pose),
    pulls,
    loads,
    springs,
    offTheBackShare,
  });
}

function riderProblems(rider: RiderLoad | null) {
  if (rider === null || (rider.massKg >= 0 && rider.massKg <= MOST_RIDER_KG)) return [];
  return [problem('RIDER_MASS_OUT_OF_RANGE', { massKg: rider.massKg, mostKg: MOST_RIDER_KG })];
}

/** Panel, pad and the horse's own tissue give in series. */
export function springsOf(
  saddle: DescribedSaddle,
  setup: SaddleSetup,
  { stiffnessKPaPerMm: stiffness, hardeningMm }: Pick<EngineSettings, 'stiffnessKPaPerMm' | 'hardeningMm'>,
): Springs {
  const { filling } = saddle.build.panel;
  const layers = [
    stiffness.tissue,
    ...(filling === 'none' ? [] : [stiffness[filling]]),
    ...(setup.pad.kind === 'felt' ? [stiffness.feltPad] : []),
  ];
  return inSeries(layers, hardeningMm);
}

/** Settings of one saddle share the sampled back while they lie in the same place. */
function sampledBack({ surface, sampled }: SitBench, placeMm: number, under: Underside): BackCells {
  const key = `${placeMm} ${under.fromMm} ${under.toMm} ${under.halfWidthMm}`;
  const known = sampled.get(key);
  if (known !== undefined) return known;
  const made = backCells(surface, placeMm, under);
  sampled.set(key, made);
  return made;
}
