import { type TackCheck, type TackHold, type TackItem, type TackNow, type TackStanding, tackStanding } from '../care';
import { type HeldItem } from './ride-result';
import { type BesideTack } from './tack-in-use';

/** A saddle, a pair of leathers or a girth, with all that was found on it and how it stands. */
export interface TackOnRecord<C extends TackCheck = TackCheck> extends BesideTack {
  readonly name: string;
  readonly item: TackItem;
  /** Whose own it is; null where nobody's. */
  readonly riderId: string | null;
  readonly checks: readonly C[];
  readonly standing: TackStanding;
}

interface Named {
  readonly id: string;
  readonly name: string;
}

/** As much of a practice's things as their standing hangs on. */
export interface PracticeThings {
  readonly saddles: readonly (Named & { readonly kind: TackItem['build'] })[];
  readonly leathers: readonly (Named & { readonly saddleId: string | null; readonly riderId: string | null })[];
  readonly girths: readonly (Named & { readonly saddleId: string | null; readonly elastic: string })[];
}

/** All tack of a practice as it stands on a day: saddles, then leathers, then girths. */
export function tackOnRecord<C extends TackCheck>(
  { saddles, leathers, girths }: PracticeThings,
  checks: readonly C[],
  now: TackNow,
): TackOnRecord<C>[] {
  const of = new Map<string, C[]>();
  for (const check of checks) of.set(check.itemId, [...(of.get(check.itemId) ?? []), check]);
  const thing = (item: TackItem, { id, name }: Named, saddleId: string | null, riderId: string | null): TackOnRecord<C> => {
    const own = of.get(id) ?? [];
    return { id, name, item, saddleId, riderId, checks: own, standing: tackStanding(item, own, now) };
  };
  return [
    ...saddles.map((s) => thing({ kind: 'saddle', build: s.kind }, s, null, null)),
    ...leathers.map((l) => thing({ kind: 'leather', build: 'english' }, l, l.saddleId, l.riderId)),
    ...girths.map((g) => thing({ kind: 'girth', build: 'english', elastic: g.elastic !== 'none' }, g, g.saddleId, null)),
  ];
}

/** Why something is held. What was found on it is the graver word; a fall holds where nothing was. */
export const whyHeld = (holds: readonly Pick<TackHold, 'fell'>[]): HeldItem['why'] => (holds.every((h) => h.fell) ? 'fall' : 'unsafe');

/** It, where something holds it. */
export const heldOf = ({ id, name, standing: { holds } }: Pick<TackOnRecord, 'id' | 'name' | 'standing'>): HeldItem[] =>
  holds.length === 0 ? [] : [{ id, name, why: whyHeld(holds) }];
