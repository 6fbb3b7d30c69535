import { type VisitPage } from '@fulcra/contract';
import { type Section, type SectionStation, type SectionMeasurement, measuredTakes, sectionMeasurement } from '@fulcra/core';
import { useMemo } from 'react';
import { useTracings } from '../platform/use-views';

export interface KnownSection {
  /** What is known of a station before the next take: the takes of this visit, else what the last visit found there. */
  readonly known: Section | null;
  /** What an earlier visit measured there, while this one has nothing. */
  readonly last: { readonly day: string; readonly section: Section } | null;
}

export function useKnownSection(page: VisitPage, station: SectionStation, measurement: SectionMeasurement): KnownSection {
  const tracings = useTracings(page.horse.id).data;
  const { consensus } = measurement;
  return useMemo(() => {
    if (consensus !== null) return { known: consensus, last: null };
    const earlier = (tracings ?? []).filter((t) => t.visitId !== page.visit.id && t.startedOn <= page.visit.startedOn).reverse();
    const measured = earlier.flatMap((t) => {
      const section = sectionMeasurement(measuredTakes(t.takes), station, 0).consensus;
      return section === null ? [] : [{ day: t.startedOn, section }];
    });
    const last = measured[0] ?? null;
    return { known: last?.section ?? null, last };
  }, [consensus, tracings, page.visit.id, page.visit.startedOn, station]);
}
