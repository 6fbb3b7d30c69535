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
  if (kept !== undefined && kept.id === chosenId) return { do: 'papers' };
  if (verdict.stops.length > 0) return { do: searched.includes(now.saddleId) ? 'otherSaddle' : 'findBest' };
  return kept === undefined ? { do: 'keep' } : { do: 'choose', tried: kept };
}

/** Whether what was kept is what lies on the horse now. */
const isSetting = (t: TriedOnVisit, now: RoomState): boolean =>
  t.saddleId === now.saddleId && t.pose === now.pose && isEqual(t.setup, now.setup) && isEqual(t.rider, now.rider);
