import { lengthWords } from './person-unit';
import { type LengthUnit, type TakeWarning, type UnitSlip } from '@fulcra/core';
import { mmWords } from './measure-words';

/** What looks wrong with a take, and what to check. */
export function warningWords(warning: TakeWarning): string {
  switch (warning.code) {
    case 'SWAPPED':
      return `Near and off look swapped: turned round it ${betterWords(warning.rmsMm - warning.mirroredRmsMm)}. Which leg of the curve was on the near side?`;
    case 'TILTED':
      return `It leans by ${Math.abs(warning.turnDeg).toFixed(1)}° to the ${warning.turnDeg > 0 ? 'near' : 'off'} side. Was the curve held straight down, and did the horse stand square?`;
    case 'SCALE':
      return `It is ${Math.round(warning.ratio * 100)} % of the size of what is known. Is its 100 mm bar really 100 mm?`;
    case 'OFF_CENTRE':
      return `Its highest place lies ${lengthWords(Math.abs(warning.offMm).toFixed(0))} to the ${warning.offMm > 0 ? 'off' : 'near'} of the spine mark. Was the curve centred on the spine?`;
    case 'HEAD_DOWN':
      return `The withers rise ${lengthWords(warning.lowerByMm.toFixed(0))} less than on the topline. Was the head up?`;
  }
}

export const UNIT_NAMES: Readonly<Record<LengthUnit, string>> = { mm: 'millimetres', cm: 'centimetres', in: 'inches' };

/** Why a width isn't believed, and what it may have been meant as. */
export function slipWords({ meant, depthMm, widthMm, leastMm, mostMm }: UnitSlip): string {
  const outside = widthMm < leastMm || widthMm > mostMm;
  const said = outside
    ? `${widthMm < 10 ? lengthWords(widthMm.toFixed(1)) : mmWords(widthMm)} from the spine, ${mmWords(depthMm)} down: horses have ${Math.ceil(leastMm)} to ${mmWords(Math.floor(mostMm))} there (default).`
    : 'These widths are not this horse’s: what is known of it is of quite another size.';
  return meant === null ? `${said} Measure once more.` : `${said} Did you mean ${UNIT_NAMES[meant]}?`;
}

/** Turned round it may lie no nearer and yet stand straight, where as it is it would have to lean. */
const betterWords = (byMm: number): string => (byMm >= 0.05 ? `fits ${lengthWords(byMm.toFixed(1))} better` : 'fits without a lean');
