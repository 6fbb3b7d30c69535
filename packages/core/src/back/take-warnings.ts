import { type PointYZ, type Polyline, alignRigidly } from '../geometry';
import { type Lengthwise, heightAtMm, reachesMm } from './lengthwise';
import { type Section, mirroredSection } from './section';

/** When a take looks as if it was taken wrong (defaults). A warning asks; it never throws a take away. */
export const WARNING_LIMITS = {
  /** A mirrored take must fit better by this much, mm RMS, before a swap is suspected. */
  swapGainMm: 1.5,
  tiltDeg: 1.5,
  /** Share by which a take may be larger or smaller than the others. */
  scale: 0.06,
  offCentreMm: 6,
  /** The profile taken with the head up stands at least about as high as the topline; this much lower is a head that was down. */
  headDownMm: 12,
} as const;

export type TakeWarning =
  | { readonly code: 'SWAPPED'; readonly rmsMm: number; readonly mirroredRmsMm: number }
  | { readonly code: 'TILTED'; readonly turnDeg: number }
  | { readonly code: 'SCALE'; readonly ratio: number }
  | { readonly code: 'OFF_CENTRE'; readonly offMm: number }
  | { readonly code: 'HEAD_DOWN'; readonly lowerByMm: number };

/**
 * What looks wrong with one take held against what is known of the same horse at the same place.
 * @param known the consensus of the other takes, or of the visit before; null when there is nothing to hold it against
 * @param highestOffSpineMm how far the highest point of the raw take lies from its spine mark, + to the off side; null for widths
 */
export function sectionWarnings(section: Section, known: Section | null, highestOffSpineMm: number | null): TakeWarning[] {
  const offCentre: TakeWarning[] =
    highestOffSpineMm !== null && Math.abs(highestOffSpineMm) > WARNING_LIMITS.offCentreMm
      ? [{ code: 'OFF_CENTRE', offMm: highestOffSpineMm }]
      : [];
  return known === null ? offCentre : [...offCentre, ...againstKnown(section, known)];
}

const WIDEST_TURN_DEG = 10;
/** A turn counts against a fit as this many mm per degree, so that a swap isn't explained away as a tilt. */
const MM_PER_DEG = 1;

function againstKnown(section: Section, known: Section): TakeWarning[] {
  const as = alignRigidly(section.points, known.points, WIDEST_TURN_DEG);
  const mirrored = alignRigidly(mirroredSection(section).points, known.points, WIDEST_TURN_DEG);
  const cost = ({ rmsMm, turnDeg }: typeof as): number => rmsMm + MM_PER_DEG * Math.abs(turnDeg);
  if (cost(as) - cost(mirrored) > WARNING_LIMITS.swapGainMm) return [{ code: 'SWAPPED', rmsMm: as.rmsMm, mirroredRmsMm: mirrored.rmsMm }];
  const { ratio, rmsMm } = bestScale(section, known);
  if (as.rmsMm > LEAST_MISFIT_MM && rmsMm < as.rmsMm / 2 && Math.abs(ratio - 1) > WARNING_LIMITS.scale) return [{ code: 'SCALE', ratio }];
  return Math.abs(as.turnDeg) > WARNING_LIMITS.tiltDeg ? [{ code: 'TILTED', turnDeg: as.turnDeg }] : [];
}

/** Below this a take fits as it is, mm RMS. */
const LEAST_MISFIT_MM = 0.8;
const SCALES = Array.from({ length: 41 }, (_, i) => 0.6 + 0.02 * i);

/** The size, as a share of the known section, at which the take fits it best. */
function bestScale(section: Section, known: Section): { readonly ratio: number; readonly rmsMm: number } {
  const fits = SCALES.map((ratio) => {
    const scaled: Polyline = section.points.map((p): PointYZ => ({ yMm: p.yMm / ratio, zMm: p.zMm / ratio }));
    return { ratio, rmsMm: alignRigidly(scaled, known.points, WIDEST_TURN_DEG).rmsMm };
  });
  return fits.reduce((best, fit) => (fit.rmsMm < best.rmsMm ? fit : best));
}

/** The withers' profile with the head up against the topline: how much lower it rises over the place behind the withers. */
export function profileWarnings(profile: Lengthwise, topline: Lengthwise | null): TakeWarning[] {
  if (topline === null) return [];
  const from = Math.max(reachesMm(profile)[0], reachesMm(topline)[0]);
  const to = Math.min(reachesMm(profile)[1], reachesMm(topline)[1]);
  if (to - from < 100) return [];
  const rise = (line: Lengthwise): number =>
    Math.max(...line.points.filter((p) => p.xMm >= from && p.xMm <= to).map((p) => p.zMm)) - heightAtMm(line, to);
  const lowerByMm = rise(topline) - rise(profile);
  return lowerByMm > WARNING_LIMITS.headDownMm ? [{ code: 'HEAD_DOWN', lowerByMm }] : [];
}
