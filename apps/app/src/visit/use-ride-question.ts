import { type VisitPage } from '@fulcra/contract';
import { type RideQuestion, fallWordsOf, fellInNothingKnown, inUseOfVisit, rideQuestionOf, tackInUse } from '@fulcra/core';
import { useOwnerWords, useTackChecks } from '../platform/use-views';
import { useTackAround } from '../tack';

/** Everything that bears on whether this visit's horse may be ridden, with what waits on this device. */
export function useRideQuestion({ visit, horse, facts, takes, decision, cameIn, feltBefore }: VisitPage): Omit<RideQuestion, 'said'> {
  const { held, beside } = useTackAround();
  const words = useOwnerWords().data ?? [];
  const checks = useTackChecks().data ?? [];
  const own = words.filter((w) => w.horseId === horse.id);
  const inUse = inUseOfVisit({ id: visit.id, on: visit.startedOn, facts, decision }, cameIn, horse.ridesIn);
  return rideQuestionOf(
    {
      facts,
      measured: takes.some((t) => !t.withdrawn),
      decided: decision !== null,
      inUse: tackInUse(inUse, horse.riderIds, beside),
      fell: fellInNothingKnown(own, fallWordsOf(checks)),
      feltBefore,
    },
    held,
  );
}
