import { type ErrorReply } from '@fulcra/contract';
import { SET_ASIDE_WORDS } from '../../words/saving-words';
import { type Refusal } from './waiting';

/** Why what waits can't be sent just now. */
export type Trouble = 'noSignal' | 'signedOut' | 'sessionStale' | 'busy' | 'serverFails' | 'notUnderstood' | 'deviceFails';

/** What became of one entry that was sent. */
export type Outcome =
  | { readonly kind: 'taken' }
  /** A person has to look at it; everything else goes on. */
  | { readonly kind: 'refused'; readonly refusal: Refusal }
  /** Nothing is wrong with it: it is sent again by itself. */
  | { readonly kind: 'later'; readonly trouble: Trouble; readonly afterMs?: number | undefined };

/** An answer that says no. */
export interface Said {
  readonly status: number;
  readonly error: Pick<ErrorReply['error'], 'code' | 'message' | 'remedy'> & Partial<ErrorReply['error']>;
  readonly retryAfterMs?: number | undefined;
}

/** Codes that only mean that pieces of a picture are out of step: it is asked how much is held, and goes on from there. */
const GOES_ON: readonly string[] = ['PHOTO_BROKEN', 'PHOTO_PIECE_OUT_OF_PLACE'];

/** What an answer that says no means for the entry; every status has its place here. */
export function outcomeOf({ status, error, retryAfterMs }: Said): Outcome {
  if (status === 401) return { kind: 'later', trouble: 'signedOut' };
  if (status === 403) return { kind: 'later', trouble: 'sessionStale' };
  if (status === 408 || status === 429) return { kind: 'later', trouble: 'busy', afterMs: retryAfterMs };
  if (status === 503) return { kind: 'later', trouble: 'noSignal', afterMs: retryAfterMs };
  if (status >= 500) return { kind: 'later', trouble: 'serverFails' };
  if (GOES_ON.includes(error.code)) return { kind: 'later', trouble: 'serverFails' };
  return {
    kind: 'refused',
    refusal: {
      message: error.message,
      remedy: error.remedy,
      ...(error.problems && { problems: error.problems }),
      ...(error.fields && { fields: error.fields.map((f) => f.path) }),
      ...(error.clash && { clash: error.clash }),
    },
  };
}

/** Failures that lie with one entry: after so many it is put before a person, and what stands behind it goes on. */
export const MOST_FAILURES = 3;
const COUNTED: readonly Trouble[] = ['serverFails', 'notUnderstood'];
export const countsAgainst = (outcome: Outcome): boolean => outcome.kind === 'later' && COUNTED.includes(outcome.trouble);

export const SET_ASIDE: Refusal = {
  message: SET_ASIDE_WORDS.failing(MOST_FAILURES),
  remedy: SET_ASIDE_WORDS.failingRemedy,
};
