import { type FeltSpot, type Feeling, PASS_IDS, type PassId, type Reaction } from './places';

export const sameSpot = (a: FeltSpot, b: FeltSpot): boolean => a.place === b.place && a.side === b.side;

/** Where a spot stands: the strongest reaction so far, and the pass that may come next. */
export interface SpotState {
  readonly last: PassId | null;
  readonly reaction: Reaction;
  /** Null when all passes are done or the last one had a reaction. */
  readonly next: PassId | null;
}

/** The next pass unlocks only after the last had no reaction. */
export function spotState(spot: FeltSpot, feelings: readonly Feeling[]): SpotState {
  const here = feelings.filter((f) => f.spots.some((s) => sameSpot(s, spot)));
  const reacted = here.filter((f) => f.reaction !== 'none').at(-1);
  const done = PASS_IDS.filter((pass) => here.some((f) => f.pass === pass));
  const last = done.at(-1) ?? null;
  if (reacted !== undefined) return { last: reacted.pass, reaction: reacted.reaction, next: null };
  const next = PASS_IDS[last === null ? 0 : PASS_IDS.indexOf(last) + 1] ?? null;
  return { last, reaction: 'none', next };
}

/** Passes that may still be tried anywhere while a finding holds the visit: the light hand alone, whatever place it is. */
export const PASSES_WHILE_HELD: readonly PassId[] = ['light'];

/** The next pass at a place, none that a hold forbids. */
export function nextPassUnder(spot: FeltSpot, feelings: readonly Feeling[], held: boolean): PassId | null {
  const { next } = spotState(spot, feelings);
  return next === null || (held && !PASSES_WHILE_HELD.includes(next)) ? null : next;
}
