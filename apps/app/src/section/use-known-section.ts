import { type VisitPage } from '@fulcra/contract';
import { type Section, type SectionStation, type SectionMeasurement, sectionMeasurement } from '@fulcra/core';
import { useMemo } from 'react';
import { useTracings } from '../platform/use-views';

/** What is known of a station before the next take: the takes of this visit, else what the last visit found there. */
export function useKnownSection(page: VisitPage, station: SectionStation, measurement: SectionMeasurement): Section | null {
  const tracings = useTracings(page.horse.id).data;
  const { consensus } = measurement;
  return useMemo(() => {
    if (consensus !== null) return consensus;
    const earlier = (tracings ?? []).filter((t) => t.visitId !== page.visit.id && t.startedOn <= page.visit.startedOn).reverse();
    return earlier.map((t) => sectionMeasurement(t.takes, station, 0).consensus).find((s) => s !== null) ?? null;
  }, [consensus, tracings, page.visit.id, page.visit.startedOn, station]);
}
