import { judgeSitting, laidFront, type SitVerdict } from '../judge';
import { type LaidArch } from '../front';
import { type Outcome, done } from '../problems';
import { type DescribedSaddle, type SaddleSetup } from '../saddle';
import { type BackPose, type School, type SchoolId, SCHOOLS, schoolById } from '../schools';
import { type HorseBody, type RiderLoad, type Sitting, settledOverlap, sit } from '../sit';
import { type ReadyBody } from './ready-body';

/** One saddle in one setup on one horse, as it is asked about. */
export interface SitAsked {
  readonly saddle: DescribedSaddle;
  readonly setup: SaddleSetup;
  readonly rider: RiderLoad | null;
  readonly pose: BackPose;
  readonly strapPullN: number;
  readonly schoolId: SchoolId;
}

/** What the drawings and the table are made of: plain data, so that it can cross from a worker. */
export interface SitPicture extends Pick<
  Sitting,
  'measures' | 'shape' | 'stiffness' | 'drift' | 'places' | 'withers' | 'pulls' | 'loads' | 'offTheBackShare'
> {
  readonly asked: SitAsked;
  readonly state: Sitting['settled']['state'];
  readonly pose: Sitting['settled']['pose'];
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
  /** Back over underside once settled, mm; NaN without panel or back. */
  readonly overlapMm: Float64Array;
  /** The same settled saddle under every school, the chosen one first. */
  readonly verdicts: readonly SitVerdict[];
  readonly laid: LaidArch | null;
}

/** The chosen school first, so that the table can begin with it. */
const schoolsFrom = (chosen: SitAsked['schoolId']): School[] => [schoolById(chosen), ...SCHOOLS.filter((s) => s.id !== chosen)];

export function pictureOf(ready: ReadyBody, asked: SitAsked): Outcome<SitPicture> {
  if (!ready.body.ok) return ready.body;
  const body = ready.body.value;
  const outcome = sit({ body, ...asked }, ready.bench(body, asked.pose, schoolById(asked.schoolId)));
  if (!outcome.ok) return outcome;
  return done(plain(body, asked, outcome.value));
}

function plain(body: HorseBody, asked: SitAsked, sitting: Sitting): SitPicture {
  const { settled, back, seat, measures, shape, stiffness, drift, places, withers, pulls, loads, offTheBackShare } = sitting;
  const laid = laidFront(body, asked.saddle, asked.setup);
  const judged = { body, saddle: asked.saddle, setup: asked.setup, sitting, laid };
  return {
    asked,
    state: settled.state,
    pose: settled.pose,
    residual: settled.residual,
    rounds: settled.iterations,
    grid: {
      countX: back.countX,
      countY: back.countY,
      stepMm: back.stepMm,
      fromXMm: back.x[0]! - back.stepMm / 2,
      fromYMm: back.y[0]! - back.stepMm / 2,
    },
    pressureKPa: settled.pressureKPa,
    overlapMm: settledOverlap(seat, settled),
    measures,
    shape,
    stiffness,
    drift,
    places,
    withers,
    pulls,
    loads,
    offTheBackShare,
    laid,
    verdicts: schoolsFrom(asked.schoolId).map((school) => judgeSitting(judged, school)),
  };
}
