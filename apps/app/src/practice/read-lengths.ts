import { STOCK_LENGTH_LIMITS } from '@fulcra/contract';

/** Lengths as they are typed, shortest first, each once; null where one of them is none. */
export function readLengths(text: string): number[] | null {
  const parts = text.split(/[\s,;]+/).filter((part) => part !== '');
  const read = parts.map(Number);
  if (read.length === 0 || read.length > STOCK_LENGTH_LIMITS.mostOfThem) return null;
  if (!read.every((mm) => mm >= STOCK_LENGTH_LIMITS.leastMm && mm <= STOCK_LENGTH_LIMITS.mostMm)) return null;
  return [...new Set(read)].sort((a, b) => a - b);
}
