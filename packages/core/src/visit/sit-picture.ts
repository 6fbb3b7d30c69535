import { judgeSitting, laidFront, type SitVerdict } from '../judge';
import { type LaidArch } from '../front';
import { type Outcome, done } from '../problems';
import { type DescribedSaddle, type SaddleSetup } from '../saddle';
import { type BackPose, type School, type StrideGaitId, SCHOOLS } from '../schools';
import {
  type HorseBody,
  type Ridden,
  type RiddenProgress,
  type RiderLoad,
  type Sitting,
  CELL_MM,
  onGrid,
  ride,
  settledSqueeze,
  sit,
} from '../sit';
import { assess } from '../search';
import { type NearOff } from '../units';
import { type ReadyBody, fitBenchOf } from './ready-body';

/** One saddle in one setup on one horse, as it is asked about. */
export interface SitAsked {
  readonly saddle: DescribedSaddle;
  readonly setup: SaddleSetup;
  readonly rider: RiderLoad | null;
  readonly pose: BackPose;
  readonly strapPullN: number;
  /** The rules it is judged by, whole: nobody looks a school up by its id on the way. */
  readonly school: School;
}

/** What of a sitting goes into its picture as it is. */
const OF_SITTING = [
  'measures',
  'exact',
  'shape',
  'onMuscle',
  'stiffness',
  'drift',
  'places',
  'withers',
  'pulls',
  'loads',
  'gait',
  'offTheBackShare',
] as const satisfies readonly (keyof Sitting)[];
type OfSitting = Pick<Sitting, (typeof OF_SITTING)[number]>;

/** What the drawings and the table are made of: plain data, so that it can cross from a worker. */
export interface SitPicture extends OfSitting {
  readonly asked: SitAsked;
  readonly state: Sitting['settled']['state'];
  readonly pose: Sitting['settled']['pose'];
  readonly leaves: Sitting['settled']['leaves'];
  readonly travelled: Sitting['settled']['travelled'];
  readonly tree: Sitting['settled']['tree'];
  readonly residual: Sitting['settled']['residual'];
  readonly rounds: number;
  readonly grid: {
    readonly countX: number;
    readonly countY: number;
    readonly stepMm: number;
    readonly fromXMm: number;
    readonly fromYMm: number;
  };
  readonly pressureKPa: Float64Array;
  /** Back over underside once settled, along the back’s normal, mm; NaN without panel or back. */
  readonly overlapMm: Float64Array;
  /** In motion: where the blades' rear edges stand, mm behind where they rest; absent while it stands. */
  readonly bladesMm?: Readonly<Record<NearOff, number | null>>;
  /** The same settled saddle under every school, the chosen one first. */
  readonly verdicts: readonly SitVerdict[];
  readonly laid: LaidArch | null;
  /** In the three poses, as every search tells it; null where one of them can't be laid. */
  readonly score: number | null;
}

/** The chosen school first, so that the table can begin with it. */
const schoolsFrom = (chosen: School): School[] => [chosen, ...SCHOOLS.filter((s) => s.id !== chosen.id)];

/** @param cellMm of the panel's cells; coarser where only its numbers are wanted */
export function pictureOf(ready: ReadyBody, asked: SitAsked, cellMm: number = CELL_MM.picture): Outcome<SitPicture> {
  if (!ready.body.ok) return ready.body;
  const body = ready.body.value;
  const outcome = sit({ body, ...asked }, ready.bench(body, asked.pose, asked.school, cellMm));
  if (!outcome.ok) return outcome;
  return done(plain(ready, body, asked, outcome.value));
}

/** A cell is drawn where half of it or more is panel. */
const DRAWN_FROM = 0.5;
function drawn({ laid }: Sitting, values: Float64Array, none: number): Float64Array {
  for (let i = 0; i < laid.count; i++) if (laid.share[i]! < DRAWN_FROM) values[laid.gridAt[i]!] = none;
  return values;
}

const panelMask = (sitting: Sitting): Uint8Array =>
  Uint8Array.from(drawn(sitting, onGrid(sitting.laid, sitting.laid.share), Number.NaN), (share) => (Number.isNaN(share) ? 0 : 1));

const gridOf = ({ back }: Sitting): SitPicture['grid'] => ({
  countX: back.countX,
  countY: back.countY,
  stepMm: back.stepMm,
  fromXMm: back.placeMm + back.fromMm,
  fromYMm: (-back.countY / 2) * back.stepMm,
});

function plain(ready: ReadyBody, body: HorseBody, asked: SitAsked, sitting: Sitting): SitPicture {
  const { settled, laid: panel } = sitting;
  const laid = laidFront(body, asked.saddle, asked.setup);
  const judged = { body, saddle: asked.saddle, setup: asked.setup, sitting, laid, ridden: null };
  const assessed = assess(fitBenchOf(ready, body, asked), asked.saddle, asked.setup);
  return {
    asked,
    state: settled.state,
    pose: settled.pose,
    leaves: settled.leaves,
    travelled: settled.travelled,
    tree: settled.tree,
    residual: settled.residual,
    rounds: settled.iterations,
    grid: gridOf(sitting),
    pressureKPa: drawn(sitting, onGrid(panel, settled.cells.pressureKPa, 0), 0),
    overlapMm: drawn(sitting, settledSqueeze(panel, settled.cells), Number.NaN),
    ...(Object.fromEntries(OF_SITTING.map((of) => [of, sitting[of]])) as unknown as OfSitting),
    laid,
    score: assessed.ok ? assessed.value.standing : null,
    verdicts: schoolsFrom(asked.school).map((school) => judgeSitting(judged, school, ready.errorsOf(body, asked.saddle, school))),
  };
}

/** What strides and pushes say of a saddle, and the chosen school's verdict with them. */
export interface RiddenPicture {
  readonly ridden: Ridden;
  readonly verdict: SitVerdict;
  /** Grid of the instants' maps, and where on it there is a panel: 1, else 0. */
  readonly grid: SitPicture['grid'];
  readonly panelAt: Uint8Array;
}

/** Pushes a saddle and goes through the strides asked for; the same laid saddle judged again with what they found. */
export function* riddenPictureOf(
  ready: ReadyBody,
  asked: SitAsked,
  gaits: readonly StrideGaitId[],
): Generator<RiddenProgress, Outcome<RiddenPicture>> {
  if (!ready.body.ok) return ready.body;
  const body = ready.body.value;
  const { school } = asked;
  const bench = ready.bench(body, 'resting', school, CELL_MM.stride);
  const question = { body, ...asked, pose: 'resting' as const };
  const sitting = sit(question, ready.bench(body, 'resting', school));
  const coarse = sit(question, bench);
  if (!sitting.ok) return sitting;
  if (!coarse.ok) return coarse;
  const ridden = yield* ride(question, bench, gaits);
  if (!ridden.ok) return ridden;
  const laid = laidFront(body, asked.saddle, asked.setup);
  const verdict = judgeSitting(
    { body, ...asked, sitting: sitting.value, laid, ridden: ridden.value },
    school,
    ready.errorsOf(body, asked.saddle, school),
  );
  return done({ ridden: ridden.value, verdict, grid: gridOf(coarse.value), panelAt: panelMask(coarse.value) });
}
