import { type VisitPage } from '@fulcra/contract';
import { type RecordedTake, type Station, measuredTakes } from '@fulcra/core';
import { useMemo } from 'react';
import { useTracings } from '../platform/use-views';

/**
 * What the latest of the earlier visits that measured a station found there; what they only said to be as before is no measure.
 * @param of what takes of a station say together; the same function at every turn
 */
export function useMeasuredBefore<S extends Station, Found>(
  { horse, visit: { id, startedOn } }: VisitPage,
  station: S,
  of: (takes: readonly RecordedTake[], station: S) => Found | null,
): { readonly day: string; readonly found: Found } | null {
  const tracings = useTracings(horse.id).data;
  return useMemo(() => {
    const earlier = (tracings ?? []).filter((t) => t.visitId !== id && t.startedOn <= startedOn).reverse();
    for (const { startedOn: day, takes } of earlier) {
      const found = of(measuredTakes(takes), station);
      if (found !== null) return { day, found };
    }
    return null;
  }, [tracings, id, startedOn, station, of]);
}
