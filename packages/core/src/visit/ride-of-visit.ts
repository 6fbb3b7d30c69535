import { chosenSettingOf, holdOfFacts, overruledBy, stopsIn } from './facts-read';
import { type RecordedFact } from './recorded';
import { type RideQuestion } from './ride-result';

interface NamedSaddle {
  readonly id: string;
  readonly name: string;
  readonly state: string;
}

/** Everything that bears on whether this visit's horse may be ridden. */
export function rideQuestionOf(
  facts: readonly RecordedFact[],
  decidedSaddleId: string | null,
  stock: readonly NamedSaddle[],
): Omit<RideQuestion, 'said'> {
  const chosen = chosenSettingOf(facts)?.tried ?? null;
  return {
    hold: holdOfFacts(facts),
    saddles: stock.filter((s) => s.id === chosen?.saddleId || s.id === decidedSaddleId),
    chosen: chosen === null ? null : { saddleName: chosen.saddleName, stops: stopsIn(chosen) },
    overruled: chosen === null ? null : overruledBy(facts, chosen.id),
  };
}

/** Saddles a visit ends with, by id: the chosen setting's, and the one decided on. */
export const saddlesOfVisit = (facts: readonly RecordedFact[], decidedSaddleId: string | null): string[] => [
  ...new Set([chosenSettingOf(facts)?.tried.saddleId, decidedSaddleId].flatMap((id) => id ?? [])),
];
