import { type Girth, type Leather, type Saddle, type TackCheckKept } from '@fulcra/contract';
import { type BesideTack, type HeldItem, type TackItem, type TackNow, type TackStanding, tackStanding } from '@fulcra/core';
import { type Collections } from '../stores/collections';

/** A saddle, a pair of leathers or a girth, with how it stands. */
export interface TackThing extends BesideTack {
  readonly name: string;
  readonly item: TackItem;
  readonly standing: TackStanding;
}

export interface PracticeTack {
  readonly things: ReadonlyMap<string, TackThing>;
  /** Leathers and girths. */
  readonly beside: readonly TackThing[];
  readonly held: readonly HeldItem[];
}

interface Kept {
  readonly saddles: readonly Pick<Saddle, 'id' | 'name' | 'kind'>[];
  readonly leathers: readonly Pick<Leather, 'id' | 'name' | 'saddleId' | 'riderId'>[];
  readonly girths: readonly Pick<Girth, 'id' | 'name' | 'saddleId' | 'elastic'>[];
}

/** All tack of a practice as it stands on a day. */
function tackAsItStands({ saddles, leathers, girths }: Kept, checks: readonly TackCheckKept[], now: TackNow): PracticeTack {
  const of = new Map<string, TackCheckKept[]>();
  for (const check of checks) of.set(check.itemId, [...(of.get(check.itemId) ?? []), check]);
  const thing = (
    item: TackItem,
    { id, name }: { readonly id: string; readonly name: string },
    belongs: Omit<BesideTack, 'id'>,
  ): TackThing => ({
    ...{ id, name, item, ...belongs },
    standing: tackStanding(item, of.get(id) ?? [], now),
  });
  const beside = [
    ...leathers.map((l) => thing({ kind: 'leather', build: 'english' }, l, { saddleId: l.saddleId, riderId: l.riderId })),
    ...girths.map((g) => thing({ kind: 'girth', build: 'english', elastic: g.elastic !== 'none' }, g, { saddleId: g.saddleId })),
  ];
  const all = [...saddles.map((s) => thing({ kind: 'saddle', build: s.kind }, s, { saddleId: null })), ...beside];
  return { things: new Map(all.map((t) => [t.id, t])), beside, held: all.flatMap(heldOf) };
}

/** What was found on it is the graver word; a fall holds where nothing was. */
function heldOf({ id, name, standing: { holds } }: TackThing): HeldItem[] {
  return holds.length === 0 ? [] : [{ id, name, why: holds.every((h) => h.fell) ? 'fall' : 'unsafe' }];
}

/** Owner's words that a fall of a saddle was noted from. */
export const fallWordsOf = (checks: readonly TackCheckKept[]): ReadonlySet<string> =>
  new Set(checks.flatMap((c) => (c.withdrawn ? [] : (c.fall?.wordId ?? []))));

/** The same, read from where it is kept. */
export async function tackOfPractice(
  stores: Pick<Collections, 'saddle' | 'leather' | 'girth' | 'tackCheck'>,
  practiceId: string,
  now: TackNow,
): Promise<PracticeTack & { readonly saddles: readonly Saddle[]; readonly fallWords: ReadonlySet<string> }> {
  const saddles = await stores.saddle.list(practiceId);
  const kept = { saddles, leathers: await stores.leather.list(practiceId), girths: await stores.girth.list(practiceId) };
  const checks = await stores.tackCheck.list(practiceId);
  return { ...tackAsItStands(kept, checks, now), saddles, fallWords: fallWordsOf(checks) };
}
