import {
  type Landmarks,
  type Lengthwise,
  type SectionStation,
  type StationSection,
  SECTION_STATIONS,
  STATION_TABLE,
  expectedStationMm,
  resolveLandmarks,
  scapulaTooFarForward,
  topOfWithersMm,
} from '../back';
import { type Feeling, type SoreHold } from '../feel';
import { type FaultForecast, type Trait, type TraitId, faultForecast, traitsMeasured, traitsTogether } from '../shape';
import { chosenTraitsOf, feelingsOf, holdOfFacts, landmarkReadingsOf } from './facts-read';
import { type RecordedFact, type RecordedTake } from './recorded';
import { type LineMeasurement, type SectionMeasurement, lineMeasurement, sectionMeasurement } from './station-measured';

/** What a visit is derived from: where its front is taken, and everything entered at it. */
export interface VisitRecord {
  readonly visit: { readonly stationMm: number };
  readonly takes: readonly RecordedTake[];
  readonly facts: readonly RecordedFact[];
}

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

export const tracedVisit = (takes: VisitRecord['takes']): TracedVisit => ({
  sections: Object.fromEntries(SECTION_STATIONS.map((station) => [station, sectionMeasurement(takes, station, null)])) as Record<
    SectionStation,
    SectionMeasurement<number | null>
  >,
  topline: lineMeasurement(takes, 'topline'),
  withers: lineMeasurement(takes, 'withers'),
});

export function measuredVisit({ visit, facts, takes }: VisitRecord, traced: TracedVisit = tracedVisit(takes)): MeasuredVisit {
  const { topline, withers } = traced;
  const landmarks = landmarksOf(facts, topline.consensus);
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

/** Landmarks with what the topline knows better: where its own withers are highest. */
function landmarksOf(facts: VisitRecord['facts'], topline: Lengthwise | null): Landmarks {
  const landmarks = resolveLandmarks(landmarkReadingsOf(facts));
  if (topline === null || landmarks.places.witherTop !== undefined) return landmarks;
  const more = scapulaTooFarForward(landmarks, topOfWithersMm(topline));
  return more.length === 0 ? landmarks : { ...landmarks, doubts: [...landmarks.doubts, ...more] };
}

function consensusOf(sections: Readonly<Record<SectionStation, SectionMeasurement>>) {
  const shapes = SECTION_STATIONS.flatMap((s) => {
    const section = sections[s].consensus;
    return section === null ? [] : [[s, section] as const];
  });
  return Object.fromEntries(shapes);
}

/** Where a station is to be taken: at its landmark where that is felt, else where most horses have it. */
function stationPlaceMm(station: SectionStation, frontMm: number, landmarks: Landmarks): number {
  const { standsAt } = STATION_TABLE[station];
  const felt = standsAt === null ? null : standsAt === 'lastRib' ? landmarks.lastRib.atMm : landmarks.places[standsAt];
  return Math.round(felt ?? expectedStationMm(station, frontMm));
}

/** The stations that are measured, as the surface takes them. */
export const measuredStations = ({ sections }: Pick<MeasuredVisit, 'sections'>): StationSection[] =>
  SECTION_STATIONS.flatMap((s) => {
    const { consensus, takenAtMm } = sections[s];
    return consensus === null ? [] : [{ xMm: takenAtMm, section: consensus }];
  });
