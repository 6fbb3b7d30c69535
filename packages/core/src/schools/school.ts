import { type EngineSettings, ENGINE_DEFAULTS } from './engine';
import { type CriterionId, type Rules } from './criteria';
import { type MeasuringErrors, MEASURING_ERRORS } from './measuring-errors';

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
  /** How far a front comes down under saddle and rider where only its section is known, mm; half of the interval of nine in ten (of inner sittings). */
  readonly sinkMm: number;
  readonly sinkHalfMm: number;
}

/** From which number on a link of a chain of faults is told, where that is sooner than its criterion misses (defaults). */
export interface ChainThresholds {
  readonly pitchDeg: number;
  readonly leanDeg: number;
  readonly slopeN: number;
  readonly rollDeg: number;
  readonly across: number;
  readonly along: number;
  /** Of all straps together, along the back. */
  readonly pullN: number;
  /** Of the load on the rear third, 0 to 1. */
  readonly rearShare: number;
  /** Withers come up since the saddle was fitted, mm. */
  readonly withersUpMm: number;
}

/** Which end of what is wanted a number is missed at. */
export type MissedTo = 'low' | 'high' | 'either';

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
  readonly errors: MeasuringErrors;
  /** Numbers that count more at this visit, because of what was complained of, and the end at which they would explain it. */
  readonly weighed?: Readonly<Partial<Record<CriterionId, MissedTo>>>;
}

export const SCHOOL_IDS = ['static-close', 'shoulder-line', 'room-to-move', 'panel-first', 'western'] as const;
export type BuiltInSchoolId = (typeof SCHOOL_IDS)[number];
/** A practice's own, copied from a built-in one and edited. */
export type OwnSchoolId = `own-${string}`;
export type SchoolId = BuiltInSchoolId | OwnSchoolId;
export const isOwnSchool = (id: SchoolId): id is OwnSchoolId => id.startsWith('own-');

/** What most schools share about the front. All defaults of the trade. */
export const FRONT_DEFAULTS = {
  follows: 'frontSection',
  widthsOver: 0,
  bandDeg: 2,
  widthStepDeg: 5,
  padMm: 0,
  sinkMm: 15,
  sinkHalfMm: 6,
} as const;

/** What all schools share besides their rules. */
export const SHARED = {
  chains: { pitchDeg: 0.8, leanDeg: 6, slopeN: 30, rollDeg: 1, across: 0.05, along: 0.15, pullN: 20, rearShare: 0.42, withersUpMm: 3 },
  engine: ENGINE_DEFAULTS,
  errors: MEASURING_ERRORS,
} as const satisfies Pick<School, 'chains' | 'engine' | 'errors'>;
