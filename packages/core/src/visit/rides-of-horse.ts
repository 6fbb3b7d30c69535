import { type RecordedFact, factsOfKind } from './recorded';
import { type HeldItem, type RideQuestion, type RideResult, type RideWord, rideResult } from './ride-result';
import { rideQuestionOf } from './ride-of-visit';
import { type BesideTack, type EndedVisit, type SaidInUse, inUseAfter, tackInUse } from './tack-in-use';

/** A visit with what was said at its end. */
export interface SaidVisit extends EndedVisit {
  readonly said: RideWord | null;
  /** Something was traced at it. */
  readonly measured: boolean;
}

/** A horse as far as it bears on whether it may be ridden. */
export interface RiddenHorse {
  /** In their order, oldest first. */
  readonly visits: readonly SaidVisit[];
  readonly riderIds: readonly string[];
  readonly ridesIn: SaidInUse | null;
  /** Told of a fall in no known saddle, and nobody of the practice accepted it. */
  readonly fell: boolean;
}

export interface TackAround {
  readonly beside: readonly BesideTack[];
  readonly held: readonly HeldItem[];
}

/** Everything that bears on the result of one visit: its own facts, what the horse is ridden in after it, and what was felt last before it. */
export function rideQuestionAt(
  { visits, riderIds, ridesIn, fell }: RiddenHorse,
  at: number,
  { beside, held }: TackAround,
): Omit<RideQuestion, 'said'> {
  const own = visits[at]!;
  const last = at === visits.length - 1;
  const until = visits.slice(0, at + 1);
  // what a person says afterwards is no part of what an earlier visit ended with
  const inUse = tackInUse(inUseAfter(until, last ? ridesIn : null), riderIds, beside);
  const { facts, measured, decision } = own;
  return rideQuestionOf(
    { facts, measured, decided: decision !== null, inUse, fell: last && fell, feltBefore: feltBefore(until.slice(0, -1)) },
    held,
  );
}

/** What was felt at the last visit at which a hand was laid on, and what was cleared since. */
export function feltBefore(visits: readonly { readonly facts: readonly RecordedFact[] }[]): RecordedFact[] {
  const from = visits.findLastIndex(({ facts }) => factsOfKind(facts, 'feel').length > 0);
  return from < 0
    ? []
    : visits.slice(from).flatMap(({ facts }) => facts.filter((f) => f.body.kind === 'feel' || f.body.kind === 'holdCleared'));
}

/** What stands of each visit's result, by its id. */
export const ridesOfHorse = (horse: RiddenHorse, tack: TackAround): ReadonlyMap<string, RideResult> =>
  new Map(horse.visits.map((v, i) => [v.id, rideResult({ said: v.said, ...rideQuestionAt(horse, i, tack) })]));
