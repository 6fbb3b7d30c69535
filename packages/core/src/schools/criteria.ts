import { type Need } from './needs';

export type Unit = 'mm' | 'deg' | 'share' | 'kPa' | 'index' | 'yesNo';

export interface Criterion {
  readonly unit: Unit;
  /** What must have been measured on the horse; without it the number can't be given. */
  readonly needs: readonly Need[];
  /** `front`: the front section alone answers it, before a saddle lies on the back. */
  readonly from: 'front' | 'sitting';
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
  middleShare: { unit: 'share', needs: [], from: 'sitting' },
  bridgeGap: { unit: 'mm', needs: [], from: 'sitting' },
  seatLevel: { unit: 'deg', needs: [], from: 'sitting' },
  roll: { unit: 'deg', needs: [], from: 'sitting' },
  nearShare: { unit: 'share', needs: [], from: 'sitting' },
  edgeShare: { unit: 'share', needs: [], from: 'sitting' },
  insideMuscle: { unit: 'mm', needs: ['longMuscle'], from: 'sitting' },
  seatOverLow: { unit: 'mm', needs: [], from: 'sitting' },
  meanPressure: { unit: 'kPa', needs: [], from: 'sitting' },
  peakPressure: { unit: 'kPa', needs: [], from: 'sitting' },
  driftAlong: { unit: 'index', needs: ['girthGroove'], from: 'sitting' },
  driftAcross: { unit: 'index', needs: [], from: 'sitting' },
  strapLean: { unit: 'deg', needs: ['girthGroove'], from: 'sitting' },
  pointStrapUsed: { unit: 'yesNo', needs: [], from: 'sitting' },
  padThickness: { unit: 'mm', needs: [], from: 'sitting' },
} as const satisfies Readonly<Record<string, Criterion>>;
export type CriterionId = keyof typeof CRITERIA;
export const CRITERION_IDS = Object.keys(CRITERIA) as unknown as readonly [CriterionId, ...CriterionId[]];

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
  readonly peakPressure: Ceiling;
  readonly meanPressure: Ceiling;
  readonly driftAlong: Band;
}
