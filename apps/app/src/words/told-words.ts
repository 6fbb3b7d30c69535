import { type ToldMeasures, type ToldNumber, GAUGE_DEPTHS_MM } from '@fulcra/core';
import { FRONT_PHRASES } from './front-phrases';

/** What a section measures, each number with how far it may be off in nine of ten. */
export function toldWords({ includedAngleDeg, near, off, offMinusNear }: ToldMeasures): string[] {
  const width = (told: ToldNumber): string => FRONT_PHRASES.toldWidth(told.value.toFixed(0), told.half.toFixed(1));
  return [
    ...(includedAngleDeg === null ? [] : [FRONT_PHRASES.toldAngle(includedAngleDeg.value.toFixed(1), includedAngleDeg.half.toFixed(1))]),
    ...GAUGE_DEPTHS_MM.flatMap((depth, i) => {
      const [n, o] = [near[i], off[i]];
      return n == null || o == null ? [] : [FRONT_PHRASES.toldWidths(depth, width(n), width(o))];
    }),
    ...(offMinusNear.angleDeg === null ? [] : [differenceWords(offMinusNear.angleDeg)]),
  ];
}

/** A difference that the hand may have made by itself is none. */
function differenceWords({ value, half }: ToldNumber): string {
  const side = Math.abs(value) <= half ? '' : value > 0 ? 'off' : 'near';
  return FRONT_PHRASES.toldDifference(Math.abs(value).toFixed(1), half.toFixed(1), side);
}
