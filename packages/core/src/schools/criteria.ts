import { type Need } from './needs';

export type Unit = 'mm' | 'deg' | 'share' | 'kPa' | 'index' | 'yesNo' | 'times' | 'nm' | 'nmPerDeg';

export interface Criterion {
  readonly unit: Unit;
  /** What must have been measured on the horse; without it the number can't be given. */
  readonly needs: readonly Need[];
  /** `front`: the front section alone answers it, before a saddle lies on the back. `ridden`: only strides and pushes answer it. */
  readonly from: 'front' | 'sitting' | 'ridden';
}

/**
 * Everything that is judged, once: the front alone, a settled saddle, the chains of faults and every sentence read this list and a
 * school's rules for it. To add one, see docs/add-a-rule.md.
 */
export const CRITERIA = {
  sits: { unit: 'yesNo', needs: [], from: 'sitting' },
  withersOver: { unit: 'mm', needs: ['frontSection'], from: 'front' },
  withersBeside: { unit: 'mm', needs: ['frontSection'], from: 'front' },
  pointBehindScapula: { unit: 'mm', needs: ['scapulaAtRest'], from: 'sitting' },
  panelBehindScapula: { unit: 'mm', needs: ['scapulaAtRest'], from: 'sitting' },
  barBehindForward: { unit: 'mm', needs: ['scapulaTravel'], from: 'sitting' },
  channelWidth: { unit: 'mm', needs: [], from: 'sitting' },
  ligamentClear: { unit: 'mm', needs: ['spineLigament'], from: 'sitting' },
  treeBeforeRib: { unit: 'mm', needs: ['lastRib'], from: 'sitting' },
  panelBeforeRib: { unit: 'mm', needs: ['lastRib'], from: 'sitting' },
  frontEven: { unit: 'mm', needs: ['frontSection'], from: 'front' },
  middleShare: { unit: 'share', needs: ['topline'], from: 'sitting' },
  bridgeGap: { unit: 'mm', needs: ['topline'], from: 'sitting' },
  seatLevel: { unit: 'deg', needs: ['topline'], from: 'sitting' },
  roll: { unit: 'deg', needs: [], from: 'sitting' },
  nearShare: { unit: 'share', needs: [], from: 'sitting' },
  edgeShare: { unit: 'share', needs: [], from: 'sitting' },
  loadOnMuscle: { unit: 'share', needs: ['longMuscle'], from: 'sitting' },
  seatOverLow: { unit: 'mm', needs: ['lowPoint'], from: 'sitting' },
  loadOnArea: { unit: 'kPa', needs: [], from: 'sitting' },
  peakRatio: { unit: 'times', needs: ['topline'], from: 'sitting' },
  driftAlong: { unit: 'index', needs: ['girthGroove', 'topline'], from: 'sitting' },
  driftAcross: { unit: 'index', needs: [], from: 'sitting' },
  strapLean: { unit: 'deg', needs: ['girthGroove'], from: 'sitting' },
  pointStrapUsed: { unit: 'yesNo', needs: [], from: 'sitting' },
  padThickness: { unit: 'mm', needs: [], from: 'sitting' },
  rollShape: { unit: 'nmPerDeg', needs: [], from: 'ridden' },
  rollPush: { unit: 'nmPerDeg', needs: [], from: 'ridden' },
  rollLetsGo: { unit: 'nm', needs: [], from: 'ridden' },
  yawPush: { unit: 'nmPerDeg', needs: [], from: 'ridden' },
  creepWalk: { unit: 'mm', needs: ['topline'], from: 'ridden' },
  creepTrot: { unit: 'mm', needs: ['topline'], from: 'ridden' },
  creepCanter: { unit: 'mm', needs: ['topline'], from: 'ridden' },
  peakRatioRidden: { unit: 'times', needs: ['topline'], from: 'ridden' },
  withersRidden: { unit: 'mm', needs: ['frontSection'], from: 'ridden' },
} as const satisfies Readonly<Record<string, Criterion>>;
export type CriterionId = keyof typeof CRITERIA;
export const CRITERION_IDS = Object.keys(CRITERIA) as unknown as readonly [CriterionId, ...CriterionId[]];

/** Criteria of earlier releases: they stand in what was kept then, and are judged no more. */
export const RETIRED_CRITERIA = { meanPressure: 'kPa', peakPressure: 'kPa', insideMuscle: 'mm' } as const satisfies Readonly<
  Record<string, Unit>
>;
export type RetiredCriterionId = keyof typeof RETIRED_CRITERIA;
export const RETIRED_CRITERION_IDS = Object.keys(RETIRED_CRITERIA) as unknown as readonly [RetiredCriterionId, ...RetiredCriterionId[]];
export const isRetired = (id: CriterionId | RetiredCriterionId): id is RetiredCriterionId => Object.hasOwn(RETIRED_CRITERIA, id);

/** What a number may be. Null at an end that isn't limited. `scale` is how far outside it is a look-out before it is bad. */
export interface Wanted {
  readonly least: number | null;
  readonly most: number | null;
  readonly scale: number;
}

export interface Rule extends Wanted {
  /** What it counts for in the score when it is missed by one scale. */
  readonly weight: number;
  /** Below `least` or above `most` it refuses the saddle, whatever else is right. */
  readonly hardStop: 'never' | 'least' | 'most';
}
/** A rule that has a floor, a ceiling, or both: what reads it may count on that. */
export type Floor = Rule & { readonly least: number };
export type Ceiling = Rule & { readonly most: number };
export type Band = Floor & Ceiling;

/** A school's rules. A criterion it has no opinion on is left out; the ones that the front and the chains turn on stand in every school. */
export interface Rules extends Readonly<Partial<Record<CriterionId, Rule>>> {
  readonly withersOver: Floor;
  readonly withersBeside: Floor;
  readonly frontEven: Band;
  readonly middleShare: Band;
  readonly bridgeGap: Ceiling;
  readonly peakRatio: Ceiling;
  readonly driftAlong: Band;
}
