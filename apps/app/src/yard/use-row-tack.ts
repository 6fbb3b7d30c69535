import { type HorseSummary } from '@fulcra/contract';
import { tackInUse } from '@fulcra/core';
import { useCallback, useMemo } from 'react';
import { useTackThings } from '../tack';
import { type RowTack } from './horse-row';

const NOTHING: RowTack = { held: [], lapsed: [] };

/** How what each horse is ridden in stands, as far as this device knows its tack. */
export function useRowTack(): (summary: HorseSummary) => RowTack {
  const { things } = useTackThings();
  const notable = useMemo(() => (things ?? []).filter((t) => t.standing.state === 'unsafe' || t.standing.state === 'lapsed'), [things]);
  const beside = useMemo(() => (things ?? []).filter((t) => t.kind !== 'saddle'), [things]);
  return useCallback(
    ({ inUse, horse }) => {
      // few things are notable, and most horses go in none of them
      if (notable.length === 0) return NOTHING;
      const ridden = tackInUse(inUse, horse.riderIds, beside);
      const of = (state: 'unsafe' | 'lapsed') => notable.filter((t) => t.standing.state === state && ridden.has(t.id)).map((t) => t.name);
      const [held, lapsed] = [of('unsafe'), of('lapsed')];
      return held.length + lapsed.length === 0 ? NOTHING : { held, lapsed };
    },
    [notable, beside],
  );
}
