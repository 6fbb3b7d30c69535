import { chosenSettingOf, clearStopsIn, holdOfFacts, overruledBy } from './facts-read';
import { type RecordedFact, factsOfKind } from './recorded';
import { type RideQuestion } from './ride-result';

interface NamedItem {
  readonly id: string;
  readonly name: string;
}

/** Tack that something unsafe holds: saddles, and what goes on with them. */
export interface HeldTack {
  readonly saddles: readonly NamedItem[];
  /** Leathers and girths with the saddle they belong to. */
  readonly beside: readonly (NamedItem & { readonly saddleId: string | null })[];
}

/** Everything that bears on whether this visit's horse may be ridden. */
export function rideQuestionOf(facts: readonly RecordedFact[], decidedSaddleId: string | null, held: HeldTack): Omit<RideQuestion, 'said'> {
  const chosen = chosenSettingOf(facts)?.tried ?? null;
  const saddles = saddlesOfVisit(facts, decidedSaddleId);
  const kept = factsOfKind(facts, 'leatherHoles').at(-1)?.leatherId;
  return {
    hold: holdOfFacts(facts),
    heldTack: [
      ...held.saddles.filter((s) => saddles.includes(s.id)),
      ...held.beside.filter((b) => b.id === kept || (b.saddleId !== null && saddles.includes(b.saddleId))),
    ].map((item) => item.name),
    chosen: chosen === null ? null : { saddleName: chosen.saddleName, stops: clearStopsIn(chosen) },
    overruled: chosen === null ? null : overruledBy(facts, chosen.id),
    felt: factsOfKind(facts, 'feel').length > 0,
    ridden: (factsOfKind(facts, 'ridden').at(-1)?.gaits.length ?? 0) > 0,
    misses: chosen === null ? [] : chosen.missed.filter((m) => m.half !== undefined && !m.stops).map((m) => m.id),
  };
}

/** The saddle a visit ends with, by id: the chosen setting's; where none is chosen, the one decided on. */
export const saddlesOfVisit = (facts: readonly RecordedFact[], decidedSaddleId: string | null): string[] => {
  const id = chosenSettingOf(facts)?.tried.saddleId ?? decidedSaddleId;
  return id === null ? [] : [id];
};
