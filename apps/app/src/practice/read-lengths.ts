import { STOCK_LENGTH_LIMITS } from '@fulcra/contract';
import { readLength } from '../words/typed-length';

/** Lengths typed in this person's unit, mm; null where one can't be read, lies outside of what there is, or there are too many. */
export function readLengths(text: string): number[] | null {
  const parts = text.split(/[\s,;]+/).filter((part) => part !== '');
  const read = parts.map((part) => readLength(part)!);
  if (read.length === 0 || read.length > STOCK_LENGTH_LIMITS.mostOfThem) return null;
  if (!read.every((mm) => mm >= STOCK_LENGTH_LIMITS.leastMm && mm <= STOCK_LENGTH_LIMITS.mostMm)) return null;
  return [...new Set(read)].sort((a, b) => a - b);
}
