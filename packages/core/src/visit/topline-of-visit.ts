import { type ToplineMeasures, measureToLastRib } from '../back';
import { type MeasuredVisit } from './measured-visit';

/** What the traced topline of a visit measures, from its front station to the last rib or, where that wasn't found, to its end; null untraced. */
export const toplineOfVisit = ({ topline, landmarks, sections }: MeasuredVisit): ToplineMeasures | null =>
  topline.consensus === null ? null : measureToLastRib(topline.consensus, sections.front.takenAtMm, landmarks);
