import { type NearOff } from '@fulcra/core';
import { hump, ramp } from './form';
import { type OutlinePoint } from './outline';

/**
 * The horse from behind and a step above, in the same units as from the side: withers 100 high, out from the spine, up from the ground. One
 * half of each layer, the furthest first; the other half is its mirror. From a step, withers and back stand above the croup.
 */
export const BEHIND_LAYERS = {
  neck: [
    [0, 122],
    [2.4, 121.6],
    [3, 127.4],
    [4.6, 131, 'c'],
    [5.4, 126],
    [5, 120.6],
    [5.6, 115],
    [7.4, 109],
    [0, 104, 'c'],
  ],
  foreLeg: [
    [2.4, 52, 'c'],
    [9.6, 52],
    [9.2, 40],
    [8.2, 33],
    [7.6, 22],
    [8, 17],
    [9.2, 9, 'c'],
    [3.2, 9, 'c'],
    [4.2, 17],
    [3.8, 22],
    [3.4, 33],
    [2.6, 42],
  ],
  back: [
    [0, 110],
    [2.2, 109],
    [5, 107.2],
    [9, 105.4],
    [13, 101.6],
    [16.6, 95],
    [19.2, 86],
    [20, 76],
    [19, 65],
    [15, 56],
    [8, 51.4],
    [0, 50],
  ],
  hindLeg: [
    [0.6, 66, 'c'],
    [16.4, 66],
    [15.2, 58.4],
    [13, 51],
    [11.6, 46],
    [11.6, 41.6],
    [10.2, 37],
    [9.4, 29],
    [9.3, 19.6],
    [10, 14.8],
    [9.4, 11],
    [10.4, 6],
    [11.8, 0, 'c'],
    [3.6, 0, 'c'],
    [5, 6],
    [5.8, 11],
    [5.4, 14.8],
    [5.9, 19.6],
    [5.6, 29],
    [5.4, 36.4],
    [5, 41.6],
    [4.2, 48],
    [2.6, 55],
  ],
  quarters: [
    [0, 99.4],
    [4, 99],
    [8.4, 97.2],
    [12.4, 94],
    [15.4, 89.4],
    [17.2, 83],
    [17.6, 76],
    [16.9, 69],
    [14.4, 62],
    [8.4, 59],
    [0, 61],
  ],
  tail: [
    [0, 94.6],
    [1.9, 93],
    [2.9, 82],
    [3.1, 64],
    [2.2, 46],
    [0, 33, 'c'],
  ],
} as const satisfies Readonly<Record<string, readonly OutlinePoint[]>>;
export type BehindLayer = keyof typeof BEHIND_LAYERS;

/** Named places of one half. */
export const ANATOMY_BEHIND = {
  withers: ['back', 0, 110],
  longMuscle: ['back', 9, 105.4],
  widestBarrel: ['back', 20, 76],
  croup: ['quarters', 0, 99.4],
  pointOfHip: ['quarters', 12.4, 94],
  buttock: ['quarters', 17.6, 76],
  hock: ['hindLeg', 11.6, 43],
  hoof: ['hindLeg', 7.6, 0],
} as const satisfies Readonly<Record<string, readonly [BehindLayer, number, number]>>;

/** How one horse differs from the plain one, seen from behind; hundredths of its height at the withers. */
export interface BehindForm {
  /** Muscle beside the spine, + more. */
  readonly near: number;
  readonly off: number;
  /** A spine that stands out, + barer. */
  readonly spine: number;
  /** Rounder ribs. */
  readonly ribs: number;
  /** How far the near hind stands ahead of the off one. */
  readonly stance: number;
}
export const PLAIN_BEHIND: BehindForm = { near: 0, off: 0, spine: 0, ribs: 0, stance: 0 };

/** Half of the width of the plain horse, which a pelvis tilts over. */
const HALF_OUT = 17.6;

/** Where a point of one half of the plain horse lies on this one, + toward the off side. */
export function formedBehind(
  layer: BehindLayer,
  [out, y]: readonly [number, number],
  side: NearOff,
  form: BehindForm,
): readonly [number, number] {
  const sign = side === 'near' ? -1 : 1;
  const upper = ramp(y, 88, 98);
  const muscle = layer === 'back' || layer === 'quarters' ? form[side] * upper * hump(out, 9, 6.5) * (layer === 'back' ? 1 : 0.55) : 0;
  const spine = layer === 'back' ? form.spine * upper * hump(out, 0, 3.2) : 0;
  const ribs = layer === 'back' ? form.ribs * hump(y, 76, 17) : 0;
  const ahead = layer === 'hindLeg' && side === 'near' ? form.stance * (1 - ramp(y, 0, 55)) : 0;
  const tilt = layer === 'quarters' || layer === 'tail' ? (-form.stance * 0.3 * sign * out) / HALF_OUT : 0;
  return [sign * (out + ribs), y + muscle + spine + ahead - tilt];
}
