import { type Landmarks, type Lengthwise, heightAtMm, reachesMm } from '@fulcra/core';

/** Where things stand along the drawn back, as shares of its width; heights as shares of its height. */
export interface BacklineLayout {
  readonly share: (xMm: number) => number;
  readonly height: (share: number) => number;
  readonly toMm: (share: number) => number;
  /** True to the traced topline; false for the back of no horse in particular. */
  readonly traced: boolean;
  readonly scapula: { readonly restMm: number; readonly forwardMm: number | null };
}

const AHEAD_MM = 130;
const BEHIND_LAST_RIB_MM = 130;
const USUAL_LAST_RIB_MM = 400;

/** Height of the plain back, 0 to 1: withers, dip and loin of no horse in particular. */
const plainHeight = (xMm: number): number =>
  0.5 +
  0.38 * Math.exp(-(((xMm + 10) / 95) ** 2)) -
  0.16 * Math.exp(-(((xMm - 230) / 130) ** 2)) +
  0.12 * Math.exp(-(((xMm - 560) / 150) ** 2));

/** Head to the left, tail to the right, the same scale along the back on every screen of a visit. */
export function backlineLayout(topline: Lengthwise | null, landmarks: Landmarks): BacklineLayout {
  const lastRib = landmarks.lastRib.atMm ?? USUAL_LAST_RIB_MM;
  const [from, to] = [-AHEAD_MM, lastRib + BEHIND_LAST_RIB_MM];
  const share = (xMm: number): number => (xMm - from) / (to - from);
  const toMm = (s: number): number => from + s * (to - from);
  const rests = [landmarks.scapula.near.restMm, landmarks.scapula.off.restMm].flatMap((r) => r ?? []);
  const forwards = [landmarks.scapula.near.forwardMm, landmarks.scapula.off.forwardMm].flatMap((f) => f ?? []);
  const mean = (list: readonly number[]): number => list.reduce((s, v) => s + v, 0) / list.length;
  return {
    share,
    toMm,
    height: topline === null ? (s) => plainHeight(toMm(s)) : tracedHeight(topline, toMm, from, to),
    traced: topline !== null,
    scapula: { restMm: rests.length === 0 ? 0 : mean(rests), forwardMm: forwards.length === 0 ? null : mean(forwards) },
  };
}

/** The traced heights, stretched to fill the strip: three times as steep as true, so that a dip can be seen. */
function tracedHeight(topline: Lengthwise, toMm: (share: number) => number, from: number, to: number): (share: number) => number {
  const [a, b] = reachesMm(topline);
  const inside = topline.points.filter((p) => p.xMm >= Math.max(a, from) && p.xMm <= Math.min(b, to)).map((p) => p.zMm);
  const [low, high] = [Math.min(...inside), Math.max(...inside)];
  const span = Math.max(40, high - low);
  return (s) => 0.2 + (0.75 * (heightAtMm(topline, toMm(s)) - low)) / span;
}
