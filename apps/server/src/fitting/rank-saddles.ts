import { type RankingWrite, bodyInputOf } from '@fulcra/contract';
import { type DescribedSaddle, type Problem, type StockRanking, bodyFrom, fitBench, rankStock, schoolById } from '@fulcra/core';

/** What one thread is given: the horse, the rules, and its share of the stock. */
export interface RankingShare {
  readonly question: RankingWrite;
  readonly saddles: readonly DescribedSaddle[];
}

/** Ranks a share of a stock to the end; the same core as in the browser. */
export function rankShare({ question, saddles }: RankingShare): StockRanking {
  const body = bodyFrom(bodyInputOf(question.body));
  if (!body.ok) return { ranked: [], refused: saddles.map(({ id }) => ({ id, problems: body.problems as Problem[] })) };
  const search = rankStock(fitBench(body.value, schoolById(question.schoolId), question.rider, question.strapPullN), saddles);
  for (let step = search.next(); ; step = search.next()) if (step.done) return step.value;
}
