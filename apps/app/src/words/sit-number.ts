import { lengthWords } from './person-unit';
import { type CriterionId, type RetiredCriterionId, type Unit } from '@fulcra/core';

export const signed = (value: number, decimals: number): string =>
  `${value > 0 ? '+' : value < 0 ? '−' : ''}${Math.abs(value).toFixed(decimals)}`;
/** Units in which the sign means a direction and is always written. */
const SIGNED: ReadonlySet<CriterionId | RetiredCriterionId> = new Set([
  'seatLevel',
  'roll',
  'driftAlong',
  'driftAcross',
  'strapLean',
  'frontEven',
  'seatOverLow',
]);

export function sitNumber(id: CriterionId | RetiredCriterionId, unit: Unit, value: number): string {
  const write = (v: number, decimals: number): string =>
    SIGNED.has(id) ? signed(Number(v.toFixed(decimals)), decimals) : `${v < 0 ? '−' : ''}${Math.abs(v).toFixed(decimals)}`;
  switch (unit) {
    case 'mm':
      return `${lengthWords(write(value, Math.abs(value) < 10 ? 1 : 0))}`;
    case 'deg':
      return `${write(value, 1)}°`;
    case 'share':
      return `${Math.round(100 * value)} %`;
    case 'kPa':
      return `${value.toFixed(1)} kPa`;
    case 'index':
      return write(value, 2);
    case 'times':
      return `${value.toFixed(2)} ×`;
    case 'nm':
      return `${value.toFixed(0)} Nm`;
    case 'nmPerDeg':
      return `${value.toFixed(1)} Nm/°`;
    case 'yesNo':
      return value > 0 ? 'yes' : 'no';
  }
}
