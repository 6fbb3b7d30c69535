import { type ScaleLinear, scaleLinear } from 'd3-scale';

/** A plane drawn true to scale: as many pixels to a millimetre across as up. */
export interface TrueScale {
  readonly pxPerMm: number;
  readonly x: ScaleLinear<number, number>;
  readonly y: ScaleLinear<number, number>;
}

/**
 * @param leftMm what stands at the left edge
 * @param topMm what stands at the top edge; heights grow upward, pixels downward
 */
export function trueScale(pxPerMm: number, leftMm: number, topMm: number): TrueScale {
  return {
    pxPerMm,
    x: scaleLinear([leftMm, leftMm + 1 / pxPerMm], [0, 1]),
    y: scaleLinear([topMm, topMm - 1 / pxPerMm], [0, 1]),
  };
}
