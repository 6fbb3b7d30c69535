import { type Outcome } from '../problems';
import { type ValueErrors } from '../judge';
import { type DescribedSaddle } from '../saddle';
import { type BackPose, type School, BACK_POSES } from '../schools';
import { type FitBench, standardErrors } from '../search';
import { type BodyInput, type HorseBody, type RiderLoad, type SitBench, CELL_MM, bodyFrom, sitBench } from '../sit';

/** One measured horse kept ready between questions: the surfaces of its poses and where saddles were laid on them. */
export class ReadyBody {
  readonly body: Outcome<HorseBody>;
  private readonly benches = new Map<string, SitBench>();
  /** By the engine and the errors of hand they were worked out with: schools that share them share these. */
  private readonly errors = new Map<string, ValueErrors>();

  constructor(readonly input: BodyInput) {
    this.body = bodyFrom(input);
  }

  bench(body: HorseBody, pose: BackPose, { id, version, engine }: School, cellMm: number = CELL_MM.picture): SitBench {
    const key = `${pose} ${id} ${version} ${cellMm}`;
    const known = this.benches.get(key) ?? sitBench(body, pose, engine, cellMm);
    this.benches.set(key, known);
    if (known.sampled.size > MOST_SAMPLED) known.sampled.clear();
    return known;
  }

  /** How far off the numbers of a saddle on this horse may be; worked out once for each. */
  errorsOf(body: HorseBody, saddle: DescribedSaddle, school: School): ValueErrors {
    const key = JSON.stringify([school.engine, school.errors, saddle]);
    const known = this.errors.get(key) ?? standardErrors(this.input, body, saddle, school);
    if (this.errors.size > MOST_KEPT) this.errors.clear();
    this.errors.set(key, known);
    return known;
  }
}

/** Errors of so many saddles are kept at once. */
const MOST_KEPT = 100;

/** Sampled backs are dropped all at once when there are more: a slider drawn along the back makes many. */
const MOST_SAMPLED = 40;

/** The same horse ready for many settings under one school: where saddles were laid on it is kept from question to question. */
export const fitBenchOf = (
  ready: ReadyBody,
  body: HorseBody,
  { school, rider, strapPullN }: { readonly school: School; readonly rider: RiderLoad | null; readonly strapPullN: number },
): FitBench => ({
  body,
  school,
  rider,
  strapPullN,
  errorsOf: (saddle) => ready.errorsOf(body, saddle, school),
  poses: Object.fromEntries(BACK_POSES.map((pose) => [pose, ready.bench(body, pose, school, CELL_MM.search)])) as FitBench['poses'],
});
