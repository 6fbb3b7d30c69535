import { type RankingWrite } from '@fulcra/contract';
import {
  type BodyInput,
  type DescribedSaddle,
  type OwnSchool,
  type Problem,
  type StockRanking,
  ReadyBody,
  fitBenchOf,
  knowSchools,
  rankStock,
} from '@fulcra/core';

/** The horse as its visit measured it, and the rules. */
export interface RankingQuestion extends Omit<RankingWrite, 'visitId'> {
  readonly body: BodyInput;
  /** The practice's own schools: a thread knows none by itself. */
  readonly schools: readonly OwnSchool[];
}

/** What one thread is given: the horse, the rules, and its share of the stock. */
export interface RankingShare {
  readonly question: RankingQuestion;
  readonly saddles: readonly DescribedSaddle[];
}

/** Ranks a share of a stock to the end; the same core as in the browser. */
export function rankShare({ question, saddles }: RankingShare): StockRanking {
  knowSchools(question.schools);
  const ready = new ReadyBody(question.body);
  const { body } = ready;
  if (!body.ok) return { ranked: [], refused: saddles.map(({ id }) => ({ id, problems: body.problems as Problem[] })) };
  const search = rankStock(fitBenchOf(ready, body.value, question), saddles);
  for (let step = search.next(); ; step = search.next()) if (step.done) return step.value;
}
