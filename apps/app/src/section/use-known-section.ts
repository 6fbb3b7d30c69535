import { type VisitPage } from '@fulcra/contract';
import { type RecordedTake, type Section, type SectionMeasurement, type SectionStation, sectionMeasurement } from '@fulcra/core';
import { useMeasuredBefore } from './use-measured-before';

export interface KnownSection {
  /** What is known of a station before the next take: the takes of this visit, else what the last visit found there. */
  readonly known: Section | null;
  /** What an earlier visit measured there, while this one has nothing. */
  readonly last: { readonly day: string; readonly section: Section } | null;
}

const sectionOf = (takes: readonly RecordedTake[], station: SectionStation) => sectionMeasurement(takes, station, 0).consensus;

export function useKnownSection(page: VisitPage, station: SectionStation, { consensus }: SectionMeasurement): KnownSection {
  const before = useMeasuredBefore(page, station, sectionOf);
  if (consensus !== null) return { known: consensus, last: null };
  return before === null ? { known: null, last: null } : { known: before.found, last: { day: before.day, section: before.found } };
}
