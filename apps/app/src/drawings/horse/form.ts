import { type OutlinePoint } from './outline';

/** How one horse differs from the plain one, in hundredths of its height at the withers; nought everywhere is the plain one. */
export interface HorseForm {
  /** Higher or flatter withers. */
  readonly withers: number;
  /** Deeper under the saddle, + down. */
  readonly dip: number;
  /** Higher croup. */
  readonly croup: number;
  /** Longer from the withers to the croup. */
  readonly length: number;
  /** A shoulder that stands out in front. */
  readonly shoulder: number;
  /** More belly, + down. */
  readonly belly: number;
  /** Longer legs under the same trunk. */
  readonly legs: number;
  /** Longer ears. */
  readonly ears: number;
}
export const PLAIN: HorseForm = { withers: 0, dip: 0, croup: 0, length: 0, shoulder: 0, belly: 0, legs: 0, ears: 0 };

/** 1 at a place, less the further from it. */
export const hump = (x: number, at: number, wide: number): number => Math.exp(-(((x - at) / wide) ** 2));
/** 0 before `from`, 1 behind `to`, smooth between. */
export const ramp = (x: number, from: number, to: number): number => {
  const t = Math.min(1, Math.max(0, (x - from) / (to - from)));
  return t * t * (3 - 2 * t);
};

/** Where a point of the plain horse lies on this one. Everything drawn on a horse goes through here, so that it stays where it belongs. */
export function formed([x, y]: OutlinePoint | readonly [number, number], form: HorseForm): readonly [x: number, y: number] {
  // how much a place belongs to the topline, to the belly, to the legs
  const up = ramp(y, 66, 90);
  const under = ramp(-y, -66, -54) * ramp(y, 46, 53);
  const leg = 1 - ramp(y, 0, 56);
  const lift =
    up * (form.withers * hump(x, 24, 9) - form.dip * hump(x, 47, 15) + form.croup * ramp(x, 54, 76)) -
    form.belly * under * hump(x, 46, 26) +
    (y > 125 && x < -14 ? form.ears * ramp(y, 126, 132.6) : 0);
  const alongX = form.length * ramp(x, 30, 66) - form.shoulder * hump(x, -4, 9) * hump(y, 76, 14);
  // legs are lengthened under the trunk, which rises on them
  const raised = form.legs * (1 - leg) + form.legs * leg * ramp(y, 0, 56);
  return [x + alongX, y + lift + raised];
}
