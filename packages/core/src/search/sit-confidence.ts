import { type Random } from '../random/seeded';
import { type School } from '../schools/school';
import { type DescribedSaddle, type SaddleSetup } from '../saddle/saddle-setup';
import { drawnSaddle } from '../saddle/unmeasured';
import { type BodyInput, bodyFrom } from '../sit/body/body-input';
import { measuredAgain } from '../sit/body/measured-again';
import { judgeSitting } from '../judge/judge-sitting';
import { laidFront } from '../judge/sit-values';
import { type RiderLoad } from '../sit/loads';
import { sit, sitBench } from '../sit/sit';
import { CELL_MM } from '../sit/seat-cells';
import { betterOf, stopsOf } from './assess';
import { stepSetup } from './setup-axes';

export interface SitConfidence {
  readonly redraws: number;
  /** How often each width came out best, by its place in the saddle's own list; most often first. */
  readonly widthWins: readonly { readonly width: number; readonly count: number }[];
  /** How often the setup asked about was stopped, and for what. */
  readonly stopped: number;
  readonly stoppedFor: readonly { readonly id: string; readonly count: number }[];
  readonly assumedSpread: boolean;
}

export interface ConfidenceQuestion {
  readonly input: BodyInput;
  readonly school: School;
  readonly saddle: DescribedSaddle;
  readonly setup: SaddleSetup;
  readonly rider: RiderLoad | null;
  readonly strapPullN: number;
  readonly redraws: number;
  readonly random: Random;
}

/**
 * How sure an answer is: everything measured drawn anew within its own error (takes, landmarks, topline, where it is put down), what
 * nobody measured of the saddle within what it may be; set on every redraw in its width and the two beside it.
 * A generator of how many are done, so that it can be shown and stopped.
 */
export function* sitConfidence(question: ConfidenceQuestion): Generator<number, SitConfidence> {
  const { input, school, saddle, setup, rider, strapPullN, redraws, random } = question;
  const widths = [setup, stepSetup(saddle, setup, 'width', -1), stepSetup(saddle, setup, 'width', 1)].flatMap((s) => s ?? []);
  const wins = new Map<number, number>();
  const stops = new Map<string, number>();
  let stopped = 0;
  for (let i = 0; i < redraws; i++) {
    const again = measuredAgain(input, school.errors, random);
    const body = bodyFrom(again.input);
    if (!body.ok) continue;
    const bench = sitBench(body.value, 'resting', school.engine, CELL_MM.confidence);
    const drawn = drawnSaddle(saddle, random);
    const verdicts = widths.flatMap((width) => {
      const { saddle: real, setup: s } = drawn({ ...width, placeMm: width.placeMm + again.putOffMm });
      const outcome = sit({ body: body.value, saddle: real, setup: s, rider, pose: 'resting', strapPullN }, bench);
      if (!outcome.ok) return [];
      const laid = laidFront(body.value, real, s);
      const verdict = judgeSitting({ body: body.value, saddle: real, setup: s, sitting: outcome.value, laid, ridden: null }, school);
      const order = { sits: outcome.value.settled.state === 'settled', score: verdict.score, ...stopsOf([verdict]) };
      return [{ width: s.width, verdict, order }];
    });
    const best = [...verdicts].sort((a, b) => betterOf(a.order, b.order))[0];
    if (best !== undefined) wins.set(best.width, (wins.get(best.width) ?? 0) + 1);
    const asked = verdicts.find((v) => v.width === setup.width);
    if (asked !== undefined && asked.verdict.stops.length > 0) stopped++;
    for (const row of asked?.verdict.stops ?? []) stops.set(row.id, (stops.get(row.id) ?? 0) + 1);
    yield i + 1;
  }
  const sorted = <K>(of: Map<K, number>) => [...of].sort((a, b) => b[1] - a[1]);
  return {
    redraws,
    widthWins: sorted(wins).map(([width, count]) => ({ width, count })),
    stopped,
    stoppedFor: sorted(stops).map(([id, count]) => ({ id, count })),
    assumedSpread: input.stations.some((s) => s.spread.assumed),
  };
}
