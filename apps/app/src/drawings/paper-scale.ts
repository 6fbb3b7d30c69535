import { type PointYZ } from '@fulcra/core';
import { pathOf } from './path-of';
import { trueScale } from './true-scale';

/** A window of the section plane on the screen: true to scale both ways. */
export interface PaperScale {
  readonly widthPx: number;
  readonly heightPx: number;
  readonly pxPerMm: number;
  readonly leftMm: number;
  readonly topMm: number;
  readonly x: (yMm: number) => number;
  readonly y: (zMm: number) => number;
  readonly toMm: (xPx: number, yPx: number) => PointYZ;
}

export interface Reach {
  readonly halfWidthMm: number;
  readonly aboveMm: number;
  readonly belowMm: number;
}

/** The spine in the middle; as large as both the width and the height allow. */
export function paperScale(widthPx: number, heightPx: number, reach: Reach): PaperScale {
  const pxPerMm = Math.min(widthPx / (2 * reach.halfWidthMm), heightPx / (reach.aboveMm + reach.belowMm));
  const leftMm = -widthPx / pxPerMm / 2;
  const spare = heightPx / pxPerMm - reach.aboveMm - reach.belowMm;
  const topMm = reach.aboveMm + spare / 2;
  return windowOn(widthPx, heightPx, pxPerMm, leftMm, topMm);
}

export function windowOn(widthPx: number, heightPx: number, pxPerMm: number, leftMm: number, topMm: number): PaperScale {
  const { x, y } = trueScale(pxPerMm, leftMm, topMm);
  return { widthPx, heightPx, pxPerMm, leftMm, topMm, x, y, toMm: (xPx, yPx) => ({ yMm: x.invert(xPx), zMm: y.invert(yPx) }) };
}

export const pathThrough = (points: readonly PointYZ[], scale: PaperScale): string =>
  pathOf(points.map((p) => [scale.x(p.yMm), scale.y(p.zMm)]));

/** What a drawing must show: every given point and a rim. */
export function reachOf(points: readonly PointYZ[], rimMm = 18): Reach {
  const ys = points.map((p) => Math.abs(p.yMm));
  const zs = points.map((p) => p.zMm);
  return {
    halfWidthMm: Math.max(120, ...ys) + rimMm,
    aboveMm: Math.max(20, ...zs) + rimMm,
    belowMm: -Math.min(-100, ...zs) + rimMm,
  };
}
