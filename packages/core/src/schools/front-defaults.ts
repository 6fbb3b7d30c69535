import { MM_PER_FINGER } from '../units';
import { type FrontRule } from './school';

/** What most schools share about the front. All defaults of the trade, editable per school. */
export const FRONT_DEFAULTS = {
  widthsOver: 0,
  bandDeg: 2,
  evenToleranceMm: 4,
  widthStepDeg: 5,
} as const satisfies Partial<FrontRule>;

/** Room beside the withers, default: a little over one finger. */
export const BESIDE_WITHERS_MM = 20;

export const fingers = (count: number): number => count * MM_PER_FINGER;
