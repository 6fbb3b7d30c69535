import { type Decision, type Fact } from '@fulcra/contract';
import { type StandingDecision, standingDecision } from '@fulcra/core';

/**
 * What stands of what was decided at a visit.
 * @param all decisions of any visits, in the order in which the server heard of them
 * @param facts of any visits, in the same order
 */
export const decidedAt = (all: readonly Decision[], facts: readonly Fact[], visitId: string): StandingDecision<Decision> =>
  standingDecision(
    all.filter((d) => d.visitId === visitId),
    facts.filter((f) => f.visitId === visitId),
  );
