import { type PaperScale } from './paper-scale';

/** A window of the plane along the spine, true to scale both ways, head to the left; height zero in the middle. */
export function longScale(widthPx: number, heightPx: number, [fromMm, toMm]: readonly [number, number]): PaperScale {
  const pxPerMm = widthPx / (toMm - fromMm);
  const topMm = heightPx / pxPerMm / 2;
  return {
    widthPx,
    heightPx,
    pxPerMm,
    leftMm: fromMm,
    topMm,
    x: (xMm) => (xMm - fromMm) * pxPerMm,
    y: (zMm) => (topMm - zMm) * pxPerMm,
    toMm: (xPx, yPx) => ({ yMm: fromMm + xPx / pxPerMm, zMm: topMm - yPx / pxPerMm }),
  };
}
