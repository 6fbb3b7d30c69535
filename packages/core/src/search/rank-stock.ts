import { type DescribedSaddle } from '../saddle/saddle-setup';
import { type Problem } from '../problems';
import { type SitRow } from '../judge/judge-sitting';
import { naturalPlaceMm } from './natural-place';
import { assessRidden } from './assess-ridden';
import { type Assessed, type FitBench, betterOf } from './assess';
import { type BestSetup, bestSetup } from './best-setup';

/** A saddle of the stock at the best this horse can have it. */
export interface RankedBySitting {
  readonly id: string;
  readonly best: Assessed;
  readonly triedCount: number;
  /** What speaks against it most, and what it does well. */
  readonly against: readonly SitRow[];
  readonly good: readonly SitRow[];
}

export interface StockRanking {
  /** Best first; saddles with a hard stop after all others. */
  readonly ranked: readonly RankedBySitting[];
  readonly refused: readonly { readonly id: string; readonly problems: readonly Problem[] }[];
}

export interface RankingProgress {
  readonly saddle: number;
  readonly saddles: number;
  readonly tried: number;
}

const TOLD = 3;

/** Every saddle of a list, each in its best setup. The same on a phone and on the server. */
export function* rankStock(bench: FitBench, saddles: readonly DescribedSaddle[]): Generator<RankingProgress, StockRanking> {
  const ranked: RankedBySitting[] = [];
  const refused: StockRanking['refused'][number][] = [];
  let tried = 0;
  for (const [i, saddle] of saddles.entries()) {
    const search = bestSetup(bench, saddle, naturalPlaceMm(bench.body, saddle, bench.school));
    let step = search.next();
    for (; !step.done; step = search.next()) yield { saddle: i + 1, saddles: saddles.length, tried: tried + step.value.tried };
    if (step.value.ok) {
      tried += step.value.value.tried.length;
      const riding = assessRidden(bench, saddle, step.value.value.best);
      let ride = riding.next();
      for (; !ride.done; ride = riding.next()) yield { saddle: i + 1, saddles: saddles.length, tried };
      ranked.push(rankedOf(saddle.id, { ...step.value.value, best: ride.value }));
    } else refused.push({ id: saddle.id, problems: step.value.problems });
  }
  return { ranked: inOrder(ranked), refused };
}

export const inOrder = (ranked: readonly RankedBySitting[]): RankedBySitting[] =>
  [...ranked].sort((a, b) => betterOf(a.best, b.best) || (a.id < b.id ? -1 : 1));

function rankedOf(id: string, { best, tried }: BestSetup): RankedBySitting {
  const good = best.resting.rows
    .filter((r) => r.verdict === 'good' && r.least !== null)
    .sort((a, b) => (b.spare?.by ?? 0) - (a.spare?.by ?? 0));
  return { id, best, triedCount: tried.length, against: best.resting.worst.slice(0, TOLD), good: good.slice(0, TOLD) };
}
