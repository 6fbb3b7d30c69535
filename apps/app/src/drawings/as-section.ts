import { type Section } from '@fulcra/core';

/** Points that were kept as the core's section again: the apex is the place at (0, 0). */
export function asSection(points: readonly { readonly yMm: number; readonly zMm: number }[]): Section {
  const apexIndex = points.findIndex((p) => p.yMm === 0 && p.zMm === 0);
  return { points: [...points], apexIndex: Math.max(0, apexIndex), coarse: false };
}
