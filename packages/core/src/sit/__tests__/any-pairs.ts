import { seededRandom } from '../../random';
import { ENGINE_DEFAULTS } from '../../schools';
import { presentSetup } from '../../saddle';
import { bodyFrom } from '../body';
import { CELL_MM, sit, sitBench } from '..';
import { anyHorse, anySaddle, inputOf } from './invented-horses';

/** Saddles tried on each horse. */
export const SADDLES_EACH = 25;

export interface PairsTold {
  readonly settled: number;
  readonly tipped: number;
  readonly refused: number;
}

/**
 * Lays 25 seeded saddles on each of so many seeded horses.
 * @throws with seed and saddle where an answer is NaN, out of balance, or a refusal without a reason
 */
export function anyPairs(horses: number): PairsTold {
  const told = { settled: 0, tipped: 0, refused: 0 };
  for (let seed = 1; seed <= horses; seed++) {
    const random = seededRandom(seed);
    const body = bodyFrom(inputOf(anyHorse(random)));
    if (!body.ok) throw new Error(JSON.stringify(body.problems));
    const bench = sitBench(body.value, 'resting', ENGINE_DEFAULTS, CELL_MM.confidence);
    for (let k = 0; k < SADDLES_EACH; k++) {
      const saddle = anySaddle(random);
      const load = { massKg: 20 + 130 * random(), offsetMm: 40 * (random() - 0.5), stirrupShare: random(), gait: 'stand' } as const;
      const setup = presentSetup(saddle, 20 + 120 * random());
      const outcome = sit({ body: body.value, saddle, setup, rider: random() < 0.2 ? null : load, pose: 'resting' }, bench);
      told[howItEnded(outcome, `seed ${seed}, saddle ${k}`)]++;
    }
  }
  return told;
}

function howItEnded(outcome: ReturnType<typeof sit>, name: string): keyof PairsTold {
  if (!outcome.ok) {
    if (outcome.problems.length === 0) throw new Error(`${name}: refused without a reason`);
    return 'refused';
  }
  const { settled, measures, drift, shape } = outcome.value;
  const numbers = [...Object.values(settled.pose), measures.meanKPa, measures.peakKPa, drift.along, drift.across, shape.bridgeGapMm];
  if (!numbers.every(Number.isFinite)) throw new Error(`${name}: ${numbers.join(', ')}`);
  if (settled.state !== 'settled') return 'tipped';
  const left = Math.max(...Object.values(settled.residual).map(Math.abs));
  if (!(left < 1e-6)) throw new Error(`${name}: out of balance by ${left}`);
  return 'settled';
}
