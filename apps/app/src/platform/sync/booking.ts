import { MOST_FAILURES, SET_ASIDE, type Outcome, countsAgainst } from './outcome';
import { type Waiting } from './waiting';

export type Stop = Extract<Outcome, { kind: 'later' }>;

/** What becomes of a batch that was sent. */
export interface Booking {
  /** The server has these, in order. */
  readonly taken: readonly Waiting[];
  /** Kept on, with what is now known of them: refused, set aside, or failed once more. */
  readonly changed: readonly Waiting[];
  /** The trouble that stops sending for now; null where it goes on. */
  readonly stop: Stop | null;
}

/**
 * Books what became of a batch. Fewer answers than entries leave the rest as they were; none at all is not understood;
 * more than were asked for are not looked at.
 */
export function booked(batch: readonly Waiting[], outcomes: readonly Outcome[]): Booking {
  const pairs = outcomes.slice(0, batch.length).map((outcome, i) => ({ entry: batch[i]!, outcome }));
  const stops = pairs.flatMap(({ outcome }) => (outcome.kind === 'later' ? [outcome] : []));
  return {
    taken: pairs.filter((p) => p.outcome.kind === 'taken').map((p) => p.entry),
    changed: pairs.flatMap(({ entry, outcome }) => changedBy(entry, outcome) ?? []),
    stop: stops[0] ?? (pairs.length === 0 ? { kind: 'later', trouble: 'notUnderstood' } : null),
  };
}

function changedBy(entry: Waiting, outcome: Outcome): Waiting | null {
  if (outcome.kind === 'refused') return { ...entry, refused: outcome.refusal };
  if (!countsAgainst(outcome)) return null;
  const failures = (entry.failures ?? 0) + 1;
  return failures >= MOST_FAILURES ? { ...entry, failures, refused: SET_ASIDE } : { ...entry, failures };
}
