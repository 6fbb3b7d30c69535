import { type Saddle } from '@fulcra/contract';
import { type HeldItem, type TackNow, type TackOnRecord, fallWordsOf, heldOf, tackOnRecord } from '@fulcra/core';
import { type Collections } from '../stores/collections';

export interface PracticeTack {
  readonly things: ReadonlyMap<string, TackOnRecord>;
  /** Leathers and girths. */
  readonly beside: readonly TackOnRecord[];
  readonly held: readonly HeldItem[];
}

/** All tack of a practice as it stands on a day, read from where it is kept. */
export async function tackOfPractice(
  stores: Pick<Collections, 'saddle' | 'leather' | 'girth' | 'tackCheck'>,
  practiceId: string,
  now: TackNow,
): Promise<PracticeTack & { readonly saddles: readonly Saddle[]; readonly fallWords: ReadonlySet<string> }> {
  const saddles = await stores.saddle.list(practiceId);
  const kept = { saddles, leathers: await stores.leather.list(practiceId), girths: await stores.girth.list(practiceId) };
  const checks = await stores.tackCheck.list(practiceId);
  const all = tackOnRecord(kept, checks, now);
  const things = new Map(all.map((t) => [t.id, t]));
  return {
    things,
    beside: all.filter((t) => t.item.kind !== 'saddle'),
    held: all.flatMap(heldOf),
    saddles,
    fallWords: fallWordsOf(checks),
  };
}
