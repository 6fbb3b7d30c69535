import { chosenSettingOf, clearStopsIn, holdOfFacts, overruledBy } from './facts-read';
import { type RecordedFact, factsOfKind } from './recorded';
import { type HeldItem, type RideQuestion } from './ride-result';

/** A visit as far as it bears on whether its horse may be ridden. */
export interface RiddenVisit {
  readonly facts: readonly RecordedFact[];
  /** Something was traced at it. */
  readonly measured: boolean;
  /** Something was decided at it. */
  readonly decided: boolean;
  /** Ids of what the horse is ridden in after it: `tackInUse`. */
  readonly inUse: ReadonlySet<string>;
  /** Told of a fall in no known saddle. */
  readonly fell: boolean;
  /** What was felt and cleared at earlier visits since a hand was laid on last; counts where none was at this one. */
  readonly feltBefore: readonly RecordedFact[];
}

/** Everything that bears on whether this visit's horse may be ridden. @param held all tack of the practice that is held */
export function rideQuestionOf(
  { facts, measured, decided, inUse, fell, feltBefore }: RiddenVisit,
  held: readonly HeldItem[],
): Omit<RideQuestion, 'said'> {
  const chosen = chosenSettingOf(facts)?.tried ?? null;
  const felt = factsOfKind(facts, 'feel').length > 0;
  return {
    hold: holdOfFacts(felt ? facts : [...feltBefore, ...facts]),
    heldTack: held.filter((item) => inUse.has(item.id)),
    fell,
    chosen: chosen === null ? null : { saddleName: chosen.saddleName, stops: clearStopsIn(chosen) },
    overruled: chosen === null ? null : overruledBy(facts, chosen.id),
    felt,
    ridden: (factsOfKind(facts, 'ridden').at(-1)?.gaits.length ?? 0) > 0,
    misses: chosen === null ? [] : chosen.missed.filter((m) => m.half !== undefined && !m.stops).map((m) => m.id),
    done: measured || felt || decided || chosen !== null,
    saidWithout: factsOfKind(facts, 'saidWithout').at(-1) ?? null,
  };
}
