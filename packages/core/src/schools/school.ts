import { type Need } from './needs';
import { type SitRules } from './sit-rules';

/** Which line of the horse the front angle follows. */
export type FrontFollows = 'frontSection' | 'shoulderLine' | 'barsAlongShoulder';

export interface FrontRule {
  /** Where behind the scapula the front section is taken, mm. */
  readonly stationMm: number;
  readonly follows: FrontFollows;
  /** Widths the tree goes over the even one, to be lifted again with shims. */
  readonly widthsOver: number;
  /** Included angle that counts as the same, plus and minus, degrees. */
  readonly bandDeg: number;
  /** |gap at the tip - gap at the top| that counts as even, mm. */
  readonly evenToleranceMm: number;
  /** One width up or down where the saddle's own steps aren't known, degrees of included angle. */
  readonly widthStepDeg: number;
}

export interface WithersRule {
  readonly leastMm: number;
  /** Null where only a floor is asked. */
  readonly mostMm: number | null;
  /** Least room beside the withers, mm. */
  readonly besideLeastMm: number;
}

/** A rule that is carried as data; its words live with the interface. */
export interface Criterion {
  readonly id: CriterionId;
  readonly needs: readonly Need[];
  /** The number the rule turns on, mm; null where it isn't one. */
  readonly valueMm: number | null;
  /** A hard stop is never outvoted by good points. */
  readonly hardStop: boolean;
}

export const CRITERION_IDS = [
  'frontAngle',
  'withersClearance',
  'treePointBehindScapula',
  'stirrupBarBehindScapula',
  'middleContact',
  'rearEnd',
  'channelWidth',
  'pointStrap',
] as const;
export type CriterionId = (typeof CRITERION_IDS)[number];

export type MiddleContact = 'even' | 'slightBridgeAllowed';
export type RearEnd = 'panelByLastRib' | 'treeByLastRib' | 'barsByLastRib';
export type PointStrap = 'onlyToStopDrift' | 'avoid' | 'freeChoice' | 'rigging';
export type PadUse = 'thinOnly' | 'shimsAreTheMethod' | 'correctionOnly' | 'felt';

/** A named rule set that anyone can read, choose, copy and edit. */
export interface School {
  readonly id: SchoolId;
  readonly version: number;
  readonly name: string;
  readonly front: FrontRule;
  readonly withers: WithersRule;
  readonly middleContact: MiddleContact;
  readonly rearEnd: RearEnd;
  readonly pointStrap: PointStrap;
  readonly pads: PadUse;
  /** Pad the school counts under the front, mm. */
  readonly padMm: number;
  readonly criteria: readonly Criterion[];
  /** What is wanted of a saddle settled on the whole back. */
  readonly sit: SitRules;
}

export const SCHOOL_IDS = ['static-close', 'shoulder-line', 'room-to-move', 'panel-first', 'western'] as const;
export type SchoolId = (typeof SCHOOL_IDS)[number];
