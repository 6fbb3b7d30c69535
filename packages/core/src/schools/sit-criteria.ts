import { type Need } from './needs';

/** Everything that is judged of a saddle settled on a back; the same list for every school. */
export const SIT_CRITERION_IDS = [
  'sits',
  'withersOver',
  'withersBeside',
  'pointBehindScapula',
  'panelBehindScapula',
  'barBehindForward',
  'channelWidth',
  'ligamentClear',
  'treeBeforeRib',
  'panelBeforeRib',
  'frontEven',
  'middleShare',
  'bridgeGap',
  'seatLevel',
  'roll',
  'nearShare',
  'edgeShare',
  'insideMuscle',
  'seatOverLow',
  'meanPressure',
  'peakPressure',
  'driftAlong',
  'driftAcross',
  'strapLean',
  'pointStrapUsed',
  'padThickness',
] as const;
export type SitCriterionId = (typeof SIT_CRITERION_IDS)[number];

export type SitUnit = 'mm' | 'deg' | 'share' | 'kPa' | 'index' | 'yesNo';

export interface SitCriterion {
  readonly unit: SitUnit;
  /** What must have been measured on the horse; without it the number can't be given. */
  readonly need: Need | null;
}

export const SIT_CRITERIA: Readonly<Record<SitCriterionId, SitCriterion>> = {
  sits: { unit: 'yesNo', need: null },
  withersOver: { unit: 'mm', need: null },
  withersBeside: { unit: 'mm', need: null },
  pointBehindScapula: { unit: 'mm', need: 'scapulaAtRest' },
  panelBehindScapula: { unit: 'mm', need: 'scapulaAtRest' },
  barBehindForward: { unit: 'mm', need: 'scapulaTravel' },
  channelWidth: { unit: 'mm', need: null },
  ligamentClear: { unit: 'mm', need: 'spineLigament' },
  treeBeforeRib: { unit: 'mm', need: 'lastRib' },
  panelBeforeRib: { unit: 'mm', need: 'lastRib' },
  frontEven: { unit: 'mm', need: 'frontSection' },
  middleShare: { unit: 'share', need: null },
  bridgeGap: { unit: 'mm', need: null },
  seatLevel: { unit: 'deg', need: null },
  roll: { unit: 'deg', need: null },
  nearShare: { unit: 'share', need: null },
  edgeShare: { unit: 'share', need: null },
  insideMuscle: { unit: 'mm', need: 'longMuscle' },
  seatOverLow: { unit: 'mm', need: null },
  meanPressure: { unit: 'kPa', need: null },
  peakPressure: { unit: 'kPa', need: null },
  driftAlong: { unit: 'index', need: 'girthGroove' },
  driftAcross: { unit: 'index', need: null },
  strapLean: { unit: 'deg', need: 'girthGroove' },
  pointStrapUsed: { unit: 'yesNo', need: null },
  padThickness: { unit: 'mm', need: null },
};
