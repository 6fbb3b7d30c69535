import { type VisitPage, chosenTraitsOf, feelingsOf, holdOfFacts, landmarkReadingsOf } from '@fulcra/contract';
import {
  type FaultForecast,
  type Feeling,
  type Landmarks,
  SECTION_STATIONS,
  type SectionStation,
  type SoreHold,
  type StationSection,
  type Trait,
  type TraitId,
  expectedStationMm,
  faultForecast,
  resolveLandmarks,
  traitsMeasured,
  traitsTogether,
} from '@fulcra/core';
import { type LineMeasurement, type SectionMeasurement, lineMeasurement, sectionMeasurement } from '../section/station-measurement';

/** Everything that a visit's takes and facts say, derived again whenever one is added. */
export interface MeasuredVisit {
  readonly sections: Readonly<Record<SectionStation, SectionMeasurement>>;
  readonly topline: LineMeasurement;
  readonly withers: LineMeasurement;
  readonly landmarks: Landmarks;
  readonly feelings: readonly Feeling[];
  readonly hold: SoreHold;
  readonly traits: readonly Trait[];
  /** Traits where a person's choice differs from the measure. */
  readonly traitsDiffer: readonly TraitId[];
  readonly forecast: readonly FaultForecast[];
}

/** What the takes alone say; the costly part, and the same until a take is added or withdrawn. */
export interface TracedVisit {
  readonly sections: Readonly<Record<SectionStation, SectionMeasurement<number | null>>>;
  readonly topline: LineMeasurement;
  readonly withers: LineMeasurement;
}

export const tracedVisit = (takes: VisitPage['takes']): TracedVisit => ({
  sections: Object.fromEntries(SECTION_STATIONS.map((station) => [station, sectionMeasurement(takes, station, null)])) as Record<
    SectionStation,
    SectionMeasurement<number | null>
  >,
  topline: lineMeasurement(takes, 'topline'),
  withers: lineMeasurement(takes, 'withers'),
});

export function measuredVisit({ visit, facts, takes }: VisitPage, traced: TracedVisit = tracedVisit(takes)): MeasuredVisit {
  const landmarks = resolveLandmarks(landmarkReadingsOf(facts));
  const { topline, withers } = traced;
  const sections = Object.fromEntries(
    SECTION_STATIONS.map((s) => [
      s,
      { ...traced.sections[s], takenAtMm: traced.sections[s].takenAtMm ?? stationPlaceMm(s, visit.stationMm, landmarks) },
    ]),
  ) as Record<SectionStation, SectionMeasurement>;
  const measured = traitsMeasured({
    sections: consensusOf(sections),
    topline: topline.consensus,
    landmarks,
    frontMm: sections.front.takenAtMm,
  });
  const { traits, differ } = traitsTogether(measured, chosenTraitsOf(facts));
  return {
    sections,
    topline,
    withers,
    landmarks,
    feelings: feelingsOf(facts),
    hold: holdOfFacts(facts),
    traits,
    traitsDiffer: differ,
    forecast: faultForecast(traits),
  };
}

function consensusOf(sections: Readonly<Record<SectionStation, SectionMeasurement>>) {
  const shapes = (['front', 'base', 'low', 'lastRib'] as const).flatMap((s) => {
    const section = sections[s].consensus;
    return section === null ? [] : [[s, section] as const];
  });
  return Object.fromEntries(shapes);
}

/** Where a station is to be taken: at its landmark where that is felt, else where most horses have it. */
function stationPlaceMm(station: SectionStation, frontMm: number, landmarks: Landmarks): number {
  const felt = station === 'low' ? landmarks.places.lowPoint : station === 'lastRib' ? landmarks.lastRib.atMm : null;
  return Math.round(felt ?? expectedStationMm(station, frontMm));
}

/** The stations that are measured, as the surface takes them. */
export const measuredStations = ({ sections }: Pick<MeasuredVisit, 'sections'>): StationSection[] =>
  SECTION_STATIONS.flatMap((s) => {
    const { consensus, takenAtMm } = sections[s];
    return consensus === null ? [] : [{ xMm: takenAtMm, section: consensus }];
  });
