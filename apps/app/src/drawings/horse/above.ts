import { type FeltSpot, type NearOff } from '@fulcra/core';
import { hump, ramp } from './form';
import { type OutlinePoint } from './outline';

/**
 * The horse from above, in the same units as from the side: withers 100 high, along from the point of the shoulder toward the tail,
 * out from the spine; the head hangs, so that it is short from here. One half; the other is its mirror.
 */
export const HALF_FROM_ABOVE: readonly OutlinePoint[] = [
  [-27, 1.6],
  [-26.4, 3],
  [-23.5, 3.2],
  [-20.6, 4.4],
  [-18.8, 4.4, 'c'],
  [-23, 6, 'c'],
  [-17.2, 6],
  [-15.4, 5],
  [-12.4, 4.8],
  [-9, 5.6],
  [-5, 7.4],
  [-1.5, 10.6],
  [1.5, 13.6],
  [6, 15.6],
  [12, 16.2],
  [19, 15.4],
  [25, 14.6],
  [32, 16.2],
  [41, 18.8],
  [51, 20],
  [60, 19.4],
  [67, 17.2],
  [71.5, 15.8],
  [75, 16.6],
  [77, 17.4],
  [81, 17],
  [87, 17.4],
  [92, 16.6],
  [96.5, 13.6],
  [100, 8.6],
  [101.4, 4.4],
  [100, 2.4, 'c'],
];
/** How one horse differs from the plain one, seen from above; hundredths of its height at the withers. */
export interface AboveForm {
  /** A shoulder that stands out. */
  readonly shoulderNear: number;
  readonly shoulderOff: number;
  /** A hollow behind it. */
  readonly hollowNear: number;
  readonly hollowOff: number;
  /** Wider toward the rear, narrower in front of it by half as much. */
  readonly rear: number;
}
export const PLAIN_ABOVE: AboveForm = { shoulderNear: 0, shoulderOff: 0, hollowNear: 0, hollowOff: 0, rear: 0 };

/** Where a point of one half of the plain horse lies on this one. What lies near the spine stays. */
export function formedAbove(
  [along, out]: readonly [number, number, 'c'?],
  side: NearOff,
  form: AboveForm,
): readonly [along: number, out: number] {
  const [shoulder, hollow] = side === 'near' ? [form.shoulderNear, form.hollowNear] : [form.shoulderOff, form.hollowOff];
  const outside = ramp(out, 3, 12);
  const more =
    shoulder * hump(along, 11, 9) -
    hollow * hump(along, 29, 7) +
    form.rear * (1.5 * ramp(along, 30, 58) * (1 - ramp(along, 88, 101)) - 0.5 * ramp(along, 0, 12));
  return [along, out + outside * more];
}

/** The tail behind it, half of it. */
export const HALF_TAIL: readonly OutlinePoint[] = [
  [95, 2.2, 'c'],
  [101, 2.8],
  [106, 3.4],
  [111, 2.4, 'c'],
];
/** Chalked on one half: the blade's edge, the point of the hip, the last rib, the muscle of the croup. */
export const CHALKED_FROM_ABOVE: readonly (readonly OutlinePoint[])[] = [
  [
    [22, 3],
    [18, 9.5],
    [9, 14.6],
  ],
  [
    [73.5, 13],
    [77, 14.6],
    [80.5, 13.2],
  ],
  [
    [61, 3],
    [62.4, 10],
    [66, 16],
  ],
  [
    [84, 2],
    [92, 8.6],
    [99, 8],
  ],
];
/** The girth from below: behind the elbows, from side to side. */
export const GIRTH_FROM_BELOW = { along: 21, halfOut: 15.2 } as const;

/** Where a hand feels, along and out from the spine. */
export const FELT_FROM_ABOVE: Readonly<Partial<Record<FeltSpot['place'], readonly [along: number, out: number]>>> = {
  behindScapula: [26, 12.4],
  witherBase: [37.2, 7.4],
  longMuscleFront: [48.6, 10.4],
  longMuscleMiddle: [60, 10.8],
  underRear: [71.4, 9.4],
  loin: [82.8, 8.4],
};
/** The same from below, where the girth passes behind the elbows and the sternum lies between them. */
export const FELT_FROM_BELOW: Readonly<Partial<Record<FeltSpot['place'], readonly [along: number, out: number]>>> = {
  girth: [21, 12.2],
  sternum: [8, 7],
};

/** A window onto it: how far along it reaches, and how far out. */
export interface PlanBox {
  readonly from: number;
  readonly to: number;
  readonly out: number;
}
export const BACK_FROM_ABOVE: PlanBox = { from: -28, to: 112, out: 23 };
export const CHEST_FROM_BELOW: PlanBox = { from: -8, to: 36, out: 23 };

/** Where a place lies on the drawing: head at the top, near on the left seen from above and from below alike. */
export const onPlan = (box: PlanBox, along: number, out: number, side: NearOff): readonly [x: number, y: number] => [
  box.out + (side === 'near' ? -out : out),
  along - box.from,
];
export const planSize = ({ from, to, out }: PlanBox): { readonly width: number; readonly height: number } => ({
  width: 2 * out,
  height: to - from,
});
