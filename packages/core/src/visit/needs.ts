import { WHOLE_SECTIONS } from '../back';
import { type Need } from '../schools';
import { type MeasuredVisit } from './measured-visit';

/** What of the schools' needs this visit has measured, whether or not a verdict reads it yet. */
export function measuredNeeds({
  sections,
  topline,
  landmarks,
}: Pick<MeasuredVisit, 'sections' | 'topline' | 'landmarks'>): ReadonlySet<Need> {
  const { near, off } = landmarks.scapula;
  const have: readonly (readonly [Need, boolean])[] = [
    ['frontSection', sections.front.consensus !== null],
    ['scapulaAtRest', near.restMm !== null && off.restMm !== null],
    ['scapulaTravel', near.travelMm !== null && off.travelMm !== null],
    ['wholeBack', WHOLE_SECTIONS.every((s) => sections[s].consensus !== null) && topline.consensus !== null],
    ['lastRib', landmarks.lastRib.atMm !== null],
    ['spineLigament', landmarks.edges.some((e) => e.spineMm !== null)],
    ['girthGroove', landmarks.places.girthGroove !== undefined],
    ['longMuscle', landmarks.edges.some((e) => e.muscleMm !== null)],
    ['topline', topline.consensus !== null],
    ['lowPoint', landmarks.places.lowPoint !== undefined],
  ];
  return new Set(have.flatMap(([need, there]) => (there ? [need] : [])));
}
