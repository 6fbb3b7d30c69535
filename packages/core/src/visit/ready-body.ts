import { type Outcome } from '../problems';
import { type BackPose, type School } from '../schools';
import { type BodyInput, type HorseBody, type SitBench, bodyFrom, sitBench } from '../sit';

/** One measured horse kept ready between questions: the surfaces of its poses and where saddles were laid on them. */
export class ReadyBody {
  readonly body: Outcome<HorseBody>;
  private readonly benches = new Map<string, SitBench>();

  constructor(readonly input: BodyInput) {
    this.body = bodyFrom(input);
  }

  bench(body: HorseBody, pose: BackPose, { id, version, engine }: School): SitBench {
    const key = `${pose} ${id} ${version}`;
    const known = this.benches.get(key) ?? sitBench(body, pose, engine);
    this.benches.set(key, known);
    if (known.sampled.size > MOST_SAMPLED) known.sampled.clear();
    return known;
  }
}

/** Sampled backs are dropped all at once when there are more: a slider drawn along the back makes many. */
const MOST_SAMPLED = 40;
