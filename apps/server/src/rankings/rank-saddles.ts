import { type RankingWrite } from '@fulcra/contract';
import {
  type BodyInput,
  type DescribedSaddle,
  type Problem,
  type StockRanking,
  bodyFrom,
  fitBench,
  rankStock,
  schoolById,
} from '@fulcra/core';

/** The horse as its visit measured it, and the rules. */
export interface RankingQuestion extends Omit<RankingWrite, 'visitId'> {
  readonly body: BodyInput;
}

/** What one thread is given: the horse, the rules, and its share of the stock. */
export interface RankingShare {
  readonly question: RankingQuestion;
  readonly saddles: readonly DescribedSaddle[];
}

/** Ranks a share of a stock to the end; the same core as in the browser. */
export function rankShare({ question, saddles }: RankingShare): StockRanking {
  const body = bodyFrom(question.body);
  if (!body.ok) return { ranked: [], refused: saddles.map(({ id }) => ({ id, problems: body.problems as Problem[] })) };
  const search = rankStock(fitBench(body.value, schoolById(question.schoolId), question.rider, question.strapPullN), saddles);
  for (let step = search.next(); ; step = search.next()) if (step.done) return step.value;
}
