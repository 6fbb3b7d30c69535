import { type TackCheck } from '../care';

/** What an owner said, as far as it may tell of a fall. */
interface ToldWord {
  readonly id: string;
  readonly body: { readonly kind: string; readonly what?: readonly string[] };
  /** Who of the practice accepted it. */
  readonly takenUp: unknown;
}

/** Owner's words that a fall of a saddle was noted from. */
export const fallWordsOf = (checks: readonly Pick<TackCheck, 'withdrawn' | 'fall'>[]): ReadonlySet<string> =>
  new Set(checks.flatMap((c) => (c.withdrawn ? [] : (c.fall?.wordId ?? []))));

/**
 * An owner told of a fall while nobody knew what the horse was ridden in, and nobody of the practice accepted that word.
 * @param words of one horse
 * @param noted words that a fall of a saddle was noted from: that holds the saddle
 */
export const fellInNothingKnown = (words: readonly ToldWord[], noted: ReadonlySet<string>): boolean =>
  words.some(({ id, body, takenUp }) => body.kind === 'changed' && body.what?.includes('fell') && takenUp === null && !noted.has(id));
