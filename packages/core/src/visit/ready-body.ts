import { type Outcome } from '../problems';
import { type BackPose, type BodyInput, type HorseBody, type SitBench, bodyFrom, sitBench } from '../sit';

/** One measured horse kept ready between questions: the surfaces of its poses and where saddles were laid on them. */
export class ReadyBody {
  readonly body: Outcome<HorseBody>;
  private readonly benches = new Map<BackPose, SitBench>();

  constructor(readonly input: BodyInput) {
    this.body = bodyFrom(input);
  }

  bench(body: HorseBody, pose: BackPose): SitBench {
    const known = this.benches.get(pose) ?? sitBench(body, pose);
    this.benches.set(pose, known);
    if (known.sampled.size > MOST_SAMPLED) known.sampled.clear();
    return known;
  }
}

/** Sampled backs are dropped all at once when there are more: a slider drawn along the back makes many. */
const MOST_SAMPLED = 40;
