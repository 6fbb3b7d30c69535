import { type FactBodies, type Outcome, type Barrel, type TracedHalf, barrelFrom, barrelFromTracing } from '@fulcra/core';
import { z } from 'zod';
import { type DraftSpec } from '../platform/draft';

/** A barrel as it is being measured. */
export interface BarrelTyped {
  readonly way: 'tape' | 'tracing';
  readonly circumferenceMm: number | null;
  readonly breadthMm: number | null;
  readonly widestBelowMm: number | null;
  readonly depthMm: number | null;
  readonly places: readonly TracedHalf[];
}
const mm = z.number().nullable();
export const BARREL_DRAFT: DraftSpec<BarrelTyped> = {
  version: 1,
  schema: z.object({
    way: z.enum(['tape', 'tracing']),
    circumferenceMm: mm,
    breadthMm: mm,
    widestBelowMm: mm,
    depthMm: mm,
    places: z.array(z.object({ belowMm: z.number(), outMm: z.number() })),
  }),
};

export const barrelTyped = (kept: FactBodies['barrel'] | null): BarrelTyped => ({
  way: kept?.traced == null ? 'tape' : 'tracing',
  circumferenceMm: kept?.circumferenceMm ?? null,
  breadthMm: kept?.breadthMm ?? null,
  widestBelowMm: kept?.widestBelowMm ?? null,
  depthMm: kept?.depthMm ?? null,
  places: kept?.traced ?? [],
});

/** Once round what was traced of one half: both halves alike, closed over the middle. */
function roundOf(places: readonly TracedHalf[]): number {
  const all = [{ belowMm: 0, outMm: 0 }, ...places, { belowMm: places.at(-1)!.belowMm, outMm: 0 }];
  return 2 * all.slice(1).reduce((sum, p, i) => sum + Math.hypot(p.belowMm - all[i]!.belowMm, p.outMm - all[i]!.outMm), 0);
}

/** @returns the barrel as it can be drawn, with what would be kept; null while a number is missing */
export function readBarrel(typed: BarrelTyped): { readonly made: Outcome<Barrel>; readonly body: FactBodies['barrel'] } | null {
  const { way, circumferenceMm, breadthMm, widestBelowMm, depthMm, places } = typed;
  if (way === 'tracing') {
    if (places.length === 0) return null;
    const widest = places.reduce((best, p) => (p.outMm > best.outMm ? p : best));
    const measures = {
      circumferenceMm: roundOf(places),
      breadthMm: 2 * widest.outMm,
      widestBelowMm: widest.belowMm,
      depthMm: places.at(-1)!.belowMm,
    };
    return { made: barrelFromTracing(places), body: { ...measures, traced: places } };
  }
  if (circumferenceMm === null || breadthMm === null || widestBelowMm === null) return null;
  const measures = { circumferenceMm, breadthMm, widestBelowMm, depthMm };
  return { made: barrelFrom(measures), body: { ...measures, traced: null } };
}
