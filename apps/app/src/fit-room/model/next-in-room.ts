import { type SitVerdict, type TriedOnVisit } from '@fulcra/core';
import isEqual from 'fast-deep-equal';
import { type RoomState } from './room-state';

/** What the room proposes next, in the order of remedies: adjust this saddle, then another of stock, before one is made. */
export type NextInRoom =
  { readonly do: 'wait' | 'findBest' | 'otherSaddle' | 'keep' | 'papers' } | { readonly do: 'choose'; readonly tried: TriedOnVisit };

export interface RoomStanding {
  readonly verdict: Pick<SitVerdict, 'stops'> | null;
  readonly now: RoomState;
  readonly tried: readonly TriedOnVisit[];
  readonly chosenId: string | null;
  /** Saddles whose best setting was looked for. */
  readonly searched: readonly string[];
}

/** The next right thing with what lies on the horse now; the fitter may do any other. */
export function nextInRoom({ verdict, now, tried, chosenId, searched }: RoomStanding): NextInRoom {
  if (verdict === null) return { do: 'wait' };
  const kept = tried.find((t) => isSetting(t, now));
  if (kept !== undefined)
    return kept.id === chosenId ? { do: 'papers' } : verdict.stops.length > 0 ? onward() : { do: 'choose', tried: kept };
  return verdict.stops.length > 0 ? onward() : { do: 'keep' };

  function onward(): NextInRoom {
    return { do: searched.includes(now.saddleId) ? 'otherSaddle' : 'findBest' };
  }
}

/** Whether what was kept is what lies on the horse now. */
const isSetting = (t: TriedOnVisit, now: RoomState): boolean =>
  t.saddleId === now.saddleId && t.pose === now.pose && isEqual(t.setup, now.setup) && isEqual(t.rider, now.rider);
