import { type EngineSettings, ENGINE_DEFAULTS } from './engine';
import { type Rules } from './criteria';

/** Which line of the horse the front angle follows. */
export const FRONT_FOLLOWS = ['frontSection', 'shoulderLine', 'barsAlongShoulder'] as const;
export type FrontFollows = (typeof FRONT_FOLLOWS)[number];

export interface FrontRule {
  /** Where behind the scapula the front section is taken, mm. */
  readonly stationMm: number;
  readonly follows: FrontFollows;
  /** Widths the tree goes over the even one, to be lifted again with shims. */
  readonly widthsOver: number;
  /** Included angle that counts as the same, plus and minus, degrees. */
  readonly bandDeg: number;
  /** One width up or down where the saddle's own steps aren't known, degrees of included angle. */
  readonly widthStepDeg: number;
  /** Pad the school counts under the front, mm. */
  readonly padMm: number;
}

/** From which number on a link of a chain of faults is told, where that is sooner than its criterion misses (defaults). */
export interface ChainThresholds {
  readonly pitchDeg: number;
  readonly leanDeg: number;
  readonly slopeN: number;
  readonly rollDeg: number;
  readonly across: number;
}

/** A named rule set that anyone can read, choose, copy and edit. */
export interface School {
  readonly id: SchoolId;
  /** Counted up whenever a number of it changes; what was judged keeps the version it was judged by. */
  readonly version: number;
  readonly name: string;
  readonly front: FrontRule;
  readonly rules: Rules;
  readonly chains: ChainThresholds;
  readonly engine: EngineSettings;
}

export const SCHOOL_IDS = ['static-close', 'shoulder-line', 'room-to-move', 'panel-first', 'western'] as const;
export type SchoolId = (typeof SCHOOL_IDS)[number];

/** What most schools share about the front. All defaults of the trade. */
export const FRONT_DEFAULTS = { follows: 'frontSection', widthsOver: 0, bandDeg: 2, widthStepDeg: 5, padMm: 0 } as const;

/** What all schools share besides their rules. */
export const SHARED = {
  chains: { pitchDeg: 0.8, leanDeg: 6, slopeN: 30, rollDeg: 1, across: 0.1 },
  engine: ENGINE_DEFAULTS,
} as const satisfies Pick<School, 'chains' | 'engine'>;
