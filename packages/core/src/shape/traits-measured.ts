import {
  type Landmarks,
  type Lengthwise,
  type Section,
  type SectionMeasures,
  type SectionStation,
  measureSection,
  measureToLastRib,
} from '../back';
import { type Trait, type TraitId, type TraitValue } from './traits';

/** What is measured of a back so far; anything may be missing. */
export interface MeasuredBack {
  readonly sections: Readonly<Partial<Record<SectionStation, Section>>>;
  readonly topline: Lengthwise | null;
  readonly landmarks: Landmarks;
  /** Where the front section was taken, mm behind the scapula. */
  readonly frontMm: number;
}

/** Between which measures a class begins: defaults, each to be argued with. */
export const TRAIT_LIMITS = {
  /** Withers over the low point, mm. */
  flatWithersBelowMm: 25,
  highWithersAboveMm: 75,
  /** Depth under the chord front to last rib, mm. */
  flatBackBelowMm: 10,
  deepDipAboveMm: 44,
  roachedBelowMm: -4,
  /** Last traced croup over the withers, mm. */
  levelWithinMm: 20,
  /** Scapula to last rib, mm. */
  shortBackBelowMm: 370,
  longBackAboveMm: 460,
  /** Off minus near angle or width that counts as uneven. */
  unevenDeg: 2,
  /** The base of the withers narrower than the front at 120 mm by this much: a hollow behind the shoulder. */
  hollowMm: 3,
  /** Included angle at the last rib over that in front. */
  wideningDeg: 22,
  /** Spine and ligament, edge to edge, mm. */
  bareSpineBelowMm: 44,
  broadSpineAboveMm: 70,
} as const;

/** Every trait that the tracings and landmarks tell by themselves. */
export function traitsMeasured(back: MeasuredBack): Trait[] {
  return [...fromTopline(back), ...fromSections(back), ...fromLandmarks(back)];
}

const measured = (trait: TraitId, value: TraitValue, measure: string, number: number, unit: 'mm' | 'deg' | 'percent' = 'mm'): Trait => ({
  trait,
  value,
  source: { from: 'measured', measure, value: number, unit },
});

function fromTopline({ topline, landmarks, frontMm }: MeasuredBack): Trait[] {
  if (topline === null) return [];
  const m = measureToLastRib(topline, frontMm, landmarks);
  if (m === null) return [];
  const L = TRAIT_LIMITS;
  const withers = m.witherOverLowMm < L.flatWithersBelowMm ? 'flat' : m.witherOverLowMm > L.highWithersAboveMm ? 'high' : 'ordinary';
  const back =
    m.dipMm < L.roachedBelowMm ? 'roached' : m.dipMm < L.flatBackBelowMm ? 'flat' : m.dipMm > L.deepDipAboveMm ? 'deepDip' : 'gentleDip';
  const croup = m.croupOverWitherMm;
  const slope = croup === null ? null : croup > L.levelWithinMm ? 'downhill' : croup < -L.levelWithinMm ? 'uphill' : 'level';
  return [
    measured('withers', withers, 'witherOverLow', m.witherOverLowMm),
    measured('back', back, 'dip', m.dipMm),
    ...(slope === null ? [] : [measured('slope', slope, 'croupOverWither', croup!)]),
  ];
}

function fromSections({ sections }: MeasuredBack): Trait[] {
  const front = sections.front === undefined ? null : measureSection(sections.front);
  const base = sections.base === undefined ? null : measureSection(sections.base);
  const rear = sections.lastRib ?? sections.low;
  return [
    ...(front === null ? [] : shoulderSize(front)),
    ...(front === null || base === null ? [] : hollow(front, base)),
    ...(front === null || rear === undefined ? [] : widening(front, measureSection(rear))),
    ...(base === null && rear === undefined ? [] : muscle(base ?? measureSection(rear!))),
  ];
}

function shoulderSize(front: SectionMeasures): Trait[] {
  const by = front.offMinusNear.angleDeg;
  if (by === null) return [];
  const value = by > TRAIT_LIMITS.unevenDeg ? 'biggerOff' : by < -TRAIT_LIMITS.unevenDeg ? 'biggerNear' : 'even';
  return [measured('shoulderSize', value, 'offMinusNearAtFront', by, 'deg')];
}

/** A side that is steeper or narrower than the other has less muscle under the panel. */
function muscle(section: SectionMeasures): Trait[] {
  const by = section.offMinusNear.angleDeg;
  if (by === null) return [];
  const value = by > TRAIT_LIMITS.unevenDeg ? 'weakNear' : by < -TRAIT_LIMITS.unevenDeg ? 'weakOff' : 'even';
  return [measured('muscle', value, 'offMinusNearBehind', by, 'deg')];
}

function hollow(front: SectionMeasures, base: SectionMeasures): Trait[] {
  const loss = (side: 'near' | 'off'): number => (front[side].halfWidthsMm[1] ?? 0) - (base[side].halfWidthsMm[1] ?? 0);
  const known = [front.near, front.off, base.near, base.off].every((s) => s.halfWidthsMm[1] !== null);
  if (!known) return [];
  const [near, off] = [loss('near') > TRAIT_LIMITS.hollowMm, loss('off') > TRAIT_LIMITS.hollowMm];
  return [
    measured('hollow', near && off ? 'both' : near ? 'near' : off ? 'off' : 'none', 'narrowerAtBase', Math.max(loss('near'), loss('off'))),
  ];
}

function widening(front: SectionMeasures, rear: SectionMeasures): Trait[] {
  if (front.includedAngleDeg === null || rear.includedAngleDeg === null) return [];
  const by = rear.includedAngleDeg - front.includedAngleDeg;
  const value = by > TRAIT_LIMITS.wideningDeg ? 'towardRear' : by < -TRAIT_LIMITS.unevenDeg ? 'towardFront' : 'even';
  return [measured('widening', value, 'rearMinusFront', by, 'deg')];
}

function fromLandmarks({ landmarks, frontMm }: MeasuredBack): Trait[] {
  const L = TRAIT_LIMITS;
  const length = landmarks.lastRib.atMm;
  const spine = landmarks.edges.find((e) => e.station === 'low' && e.pose === 'relaxed')?.spineMm ?? null;
  const groove = landmarks.places.girthGroove;
  return [
    ...(length === null
      ? []
      : [measured('length', length < L.shortBackBelowMm ? 'short' : length > L.longBackAboveMm ? 'long' : 'medium', 'backLength', length)]),
    ...(spine === null
      ? []
      : [measured('spine', spine < L.bareSpineBelowMm ? 'bare' : spine > L.broadSpineAboveMm ? 'broad' : 'ordinary', 'spineEdges', spine)]),
    ...(groove === undefined ? [] : [measured('groove', grooveClass(groove - frontMm), 'grooveBehindFront', groove - frontMm)]),
  ];
}

/** Straps of a saddle set behind the scapula hang about this far behind its front section (default); a groove much ahead of that pulls. */
const STRAPS_BEHIND_FRONT_MM = 90;
const GROOVE_IN_LINE_MM = 35;
const grooveClass = (behindFrontMm: number): TraitValue => {
  const by = behindFrontMm - STRAPS_BEHIND_FRONT_MM;
  return by < -GROOVE_IN_LINE_MM ? 'forward' : by > GROOVE_IN_LINE_MM ? 'back' : 'inLine';
};

/** One trait each: a person's choice stands over a measure, and both are told where they differ. */
export function traitsTogether(
  measuredTraits: readonly Trait[],
  chosen: readonly Trait[],
): { readonly traits: Trait[]; readonly differ: readonly TraitId[] } {
  const latest = new Map([...measuredTraits, ...chosen].map((t) => [t.trait, t]));
  const differ = measuredTraits.filter((m) => latest.get(m.trait)!.value !== m.value).map((m) => m.trait);
  return { traits: [...latest.values()], differ };
}
