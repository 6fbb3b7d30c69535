import { type Rider, type RiderMeasuresTaken } from '@fulcra/contract';
import {
  type NewestLengths,
  type OddLength,
  type Outcome,
  type RiderBody,
  type RiderMeasure,
  type RiderMeasuresMm,
  measuredTwice,
  newestFirst,
  newestLengths,
  oddLengths,
  riderBody,
} from '@fulcra/core';
import { useMemo } from 'react';
import { useRiderMeasures, useRiders } from '../platform/use-views';

export interface KnownRider {
  readonly rider: Rider;
  /** All measurings of this rider, the newest first. */
  readonly days: readonly RiderMeasuresTaken[];
  readonly newest: NewestLengths;
  readonly measured: RiderMeasuresMm;
  /** Measured twice with one answer. */
  readonly twice: ReadonlySet<RiderMeasure>;
  /** Lengths that hardly go together: asked about wherever the leg is drawn. */
  readonly odd: readonly OddLength[];
  readonly body: Outcome<RiderBody>;
}

const lengthsOnly = (newest: NewestLengths): RiderMeasuresMm =>
  Object.fromEntries(Object.entries(newest).map(([measure, { mm }]) => [measure as RiderMeasure, mm]));

export function knownRider(rider: Rider, taken: readonly RiderMeasuresTaken[]): KnownRider {
  const days = taken.filter((t) => t.riderId === rider.id);
  const newest = newestLengths(days, rider.heightMm);
  const measured = lengthsOnly(newest);
  const twice = measuredTwice(days);
  const odd = oddLengths(measured, twice);
  return { rider, days: newestFirst(days), newest, measured, twice, odd, body: riderBody(measured, twice) };
}

/** Every rider with what is known of them; null while they aren't there. */
export function useKnownRiders(): { readonly riders: KnownRider[] | null; readonly problem: string | null } {
  const riders = useRiders();
  const taken = useRiderMeasures().data;
  const list = useMemo(() => riders.data?.map((r) => knownRider(r, taken ?? [])) ?? null, [riders.data, taken]);
  return { riders: list, problem: riders.problem };
}
