import { type RankingWrite } from '@fulcra/contract';
import {
  type BodyInput,
  type DescribedSaddle,
  type Problem,
  type School,
  type StockRanking,
  ReadyBody,
  fitBenchOf,
  rankStock,
} from '@fulcra/core';

/** The horse as its visit measured it, and the rules. */
export interface RankingQuestion extends Omit<RankingWrite, 'visitId' | 'schoolId'> {
  readonly body: BodyInput;
  readonly school: School;
}

/** What one thread is given: the horse, the rules, and its share of the stock. */
export interface RankingShare {
  readonly question: RankingQuestion;
  readonly saddles: readonly DescribedSaddle[];
}

/** Ranks a share of a stock to the end; the same core as in the browser. */
export function rankShare({ question, saddles }: RankingShare): StockRanking {
  const ready = new ReadyBody(question.body);
  const { body } = ready;
  if (!body.ok) return { ranked: [], refused: saddles.map(({ id }) => ({ id, problems: body.problems as Problem[] })) };
  const search = rankStock(fitBenchOf(ready, body.value, question), saddles);
  for (let step = search.next(); ; step = search.next()) if (step.done) return step.value;
}
