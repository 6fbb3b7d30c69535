import { type PaperScale, windowOn } from './paper-scale';

/** A window of the plane along the spine, true to scale both ways, head to the left; height zero in the middle. */
export function longScale(widthPx: number, heightPx: number, [fromMm, toMm]: readonly [number, number]): PaperScale {
  const pxPerMm = widthPx / (toMm - fromMm);
  return windowOn(widthPx, heightPx, pxPerMm, fromMm, heightPx / pxPerMm / 2);
}
