import { type HandSoFar, type SectionStation, SECTION_STATIONS, handOf } from '../back';
import { type MeasuredVisit } from './measured-visit';

/** What the takes at the other stations of a visit say of the hand that took them all. */
export const handOfVisit = ({ sections }: Pick<MeasuredVisit, 'sections'>, but: SectionStation): HandSoFar =>
  handOf(SECTION_STATIONS.filter((s) => s !== but).map((s) => sections[s].accepted.filter((t) => t.asLast === undefined)));
