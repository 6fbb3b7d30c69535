import { chosenSettingOf, holdOfFacts, overruledBy, stopsIn } from './facts-read';
import { type RecordedFact, factsOfKind } from './recorded';
import { type RideQuestion } from './ride-result';

interface NamedSaddle {
  readonly id: string;
  readonly name: string;
  readonly state: string;
}

/** A pair of leathers as far as it bears on riding. */
interface NamedLeather {
  readonly id: string;
  readonly name: string;
  readonly state: string;
  readonly saddleId: string | null;
}

/** Everything that bears on whether this visit's horse may be ridden. */
export function rideQuestionOf(
  facts: readonly RecordedFact[],
  decidedSaddleId: string | null,
  stock: readonly NamedSaddle[],
  leathers: readonly NamedLeather[],
): Omit<RideQuestion, 'said'> {
  const chosen = chosenSettingOf(facts)?.tried ?? null;
  return {
    hold: holdOfFacts(facts),
    tack: [
      ...stock.filter((s) => s.id === chosen?.saddleId || s.id === decidedSaddleId),
      ...leathersOfVisit(facts, decidedSaddleId, leathers),
    ].map(({ name, state }) => ({ name, state })),
    chosen: chosen === null ? null : { saddleName: chosen.saddleName, stops: stopsIn(chosen) },
    overruled: chosen === null ? null : overruledBy(facts, chosen.id),
  };
}

/** Saddles a visit ends with, by id: the chosen setting's, and the one decided on. */
export const saddlesOfVisit = (facts: readonly RecordedFact[], decidedSaddleId: string | null): string[] => [
  ...new Set([chosenSettingOf(facts)?.tried.saddleId, decidedSaddleId].flatMap((id) => id ?? [])),
];

/** Leathers a visit ends with: those whose holes were kept last, and those that hang on its saddles. */
function leathersOfVisit(
  facts: readonly RecordedFact[],
  decidedSaddleId: string | null,
  leathers: readonly NamedLeather[],
): NamedLeather[] {
  const saddles = saddlesOfVisit(facts, decidedSaddleId);
  const kept = factsOfKind(facts, 'leatherHoles').at(-1)?.leatherId;
  return leathers.filter((l) => l.id === kept || (l.saddleId !== null && saddles.includes(l.saddleId)));
}
