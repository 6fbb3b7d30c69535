import { type VisitPage } from '@fulcra/contract';
import { type RideQuestion, inUseOfVisit, rideQuestionOf, tackInUse } from '@fulcra/core';
import { useOwnerWords, useTackChecks } from '../platform/use-views';
import { useTackAround } from '../tack';

/** Everything that bears on whether this visit's horse may be ridden, with what waits on this device. */
export function useRideQuestion({ visit, horse, facts, takes, decision, cameIn, feltBefore }: VisitPage): Omit<RideQuestion, 'said'> {
  const { held, beside } = useTackAround();
  const words = useOwnerWords().data ?? [];
  const checks = useTackChecks().data ?? [];
  const noted = new Set(checks.flatMap((c) => (c.withdrawn ? [] : (c.fall?.wordId ?? []))));
  const fell = words.some(
    (w) => w.horseId === horse.id && w.body.kind === 'changed' && w.body.what.includes('fell') && w.takenUp === null && !noted.has(w.id),
  );
  const inUse = inUseOfVisit({ id: visit.id, on: visit.startedOn, facts, decision }, cameIn, horse.ridesIn);
  return rideQuestionOf(
    {
      facts,
      measured: takes.some((t) => !t.withdrawn),
      decided: decision !== null,
      inUse: tackInUse(inUse, horse.riderIds, beside),
      fell,
      feltBefore,
    },
    held,
  );
}
