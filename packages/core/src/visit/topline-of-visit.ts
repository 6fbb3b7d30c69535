import { type ToplineMeasures, measureTopline } from '../back';
import { type MeasuredVisit } from './measured-visit';

/** What the traced topline of a visit measures, from its front station to the last rib or, where that wasn't found, to its end; null untraced. */
export function toplineOfVisit({ topline, landmarks, sections }: MeasuredVisit): ToplineMeasures | null {
  const { consensus } = topline;
  if (consensus === null) return null;
  const lastRibMm = landmarks.lastRib.atMm ?? consensus.points.at(-1)!.xMm;
  return measureTopline(consensus, { frontMm: sections.front.takenAtMm, lastRibMm });
}
