import { type Girth, type Leather, type Saddle, type TackCheckKept } from '@fulcra/contract';
import {
  type HeldItem,
  type TackAround,
  type TackItem,
  type TackKind,
  type TackNow,
  type TackStanding,
  type TackState,
  tackStanding,
} from '@fulcra/core';
import { useMemo } from 'react';
import { dayNow } from '../platform/clock';
import { useGirths, useLeathers, usePracticeSettings, useSaddles, useTackChecks } from '../platform/use-views';

/** One thing that is walked round. */
export interface TackThing {
  readonly kind: TackKind;
  readonly id: string;
  readonly name: string;
  readonly item: TackItem;
  readonly newOn: string | null;
  readonly saddleId: string | null;
  /** Whose own it is; null where nobody's. */
  readonly riderId: string | null;
  readonly checks: readonly TackCheckKept[];
  readonly standing: TackStanding;
  /** Held leathers and girths that belong to this saddle: nobody rides in it with them. */
  readonly heldBeside: readonly Pick<TackThing, 'id' | 'name' | 'standing'>[];
  /** How it is shown wherever it appears: unsafe too while something that goes with it is. */
  readonly shown: TackState;
}

interface Kept {
  readonly saddles: readonly Saddle[];
  readonly leathers: readonly Leather[];
  readonly girths: readonly Girth[];
}

/** Everything of a practice that is walked round, with how it stands. */
export function tackThings({ saddles, leathers, girths }: Kept, checks: readonly TackCheckKept[], now: TackNow): TackThing[] {
  const of = new Map<string, TackCheckKept[]>();
  for (const c of checks) of.set(c.itemId, [...(of.get(c.itemId) ?? []), c]);
  const thing = (
    item: TackItem,
    { id, name }: { id: string; name: string },
    newOn: string | null,
    { saddleId, riderId }: Pick<TackThing, 'saddleId' | 'riderId'>,
  ): TackThing => {
    const own = of.get(id) ?? [];
    const standing = tackStanding(item, own, now);
    return { kind: item.kind, id, name, item, newOn, saddleId, riderId, checks: own, standing, heldBeside: [], shown: standing.state };
  };
  const all = [
    ...saddles.map((s) => thing({ kind: 'saddle', build: s.kind }, s, null, NOBODYS)),
    ...leathers.map((l) => thing({ kind: 'leather', build: 'english' }, l, l.newOn, l)),
    ...girths.map((g) =>
      thing({ kind: 'girth', build: 'english', elastic: g.elastic !== 'none' }, g, g.newOn, { ...NOBODYS, saddleId: g.saddleId }),
    ),
  ];
  return all.map((t) => withBeside(t, all));
}

const NOBODYS = { saddleId: null, riderId: null } as const;

function withBeside(thing: TackThing, all: readonly TackThing[]): TackThing {
  const heldBeside = all.filter((t) => t.saddleId === thing.id && t.standing.state === 'unsafe');
  return heldBeside.length === 0 ? thing : { ...thing, heldBeside, shown: 'unsafe' };
}

/** Null until it is known what there is. */
export function useTackThings(): { readonly things: TackThing[] | null; readonly problem: string | null } {
  const [saddles, leathers, girths, checks] = [useSaddles(), useLeathers(), useGirths(), useTackChecks()];
  const { tackDays } = usePracticeSettings();
  const today = dayNow();
  const loading = [saddles, leathers, girths, checks].some((view) => view.loading);
  const things = useMemo(
    () =>
      loading || saddles.data === null
        ? null
        : tackThings({ saddles: saddles.data, leathers: leathers.data ?? [], girths: girths.data ?? [] }, checks.data ?? [], {
            today,
            days: tackDays,
          }),
    [loading, saddles.data, leathers.data, girths.data, checks.data, today, tackDays],
  );
  return { things, problem: saddles.problem };
}

/** One thing by kind and id; null while it isn't known. */
export function useTackThing(id: string): TackThing | null {
  return useTackThings().things?.find((t) => t.id === id) ?? null;
}

/** What is held and what goes on with which saddle, as a visit's result asks for it. */
export function useTackAround(): TackAround {
  const { things } = useTackThings();
  return useMemo(() => ({ held: (things ?? []).flatMap(heldOf), beside: (things ?? []).filter((t) => t.kind !== 'saddle') }), [things]);
}

/** What was found on it is the graver word; a fall holds where nothing was. */
function heldOf({ id, name, standing: { holds } }: TackThing): HeldItem[] {
  return holds.length === 0 ? [] : [{ id, name, why: holds.every((h) => h.fell) ? 'fall' : 'unsafe' }];
}

/** Ids of everything that is held, saddles with something held beside them too. */
export function useHeldTack(): ReadonlySet<string> {
  const { things } = useTackThings();
  return useMemo(() => new Set((things ?? []).filter((t) => t.shown === 'unsafe').map((t) => t.id)), [things]);
}
