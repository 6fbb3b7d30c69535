import { type Girth, type Leather, type Saddle, type TackCheckKept } from '@fulcra/contract';
import { type TackAround, type TackKind, type TackNow, type TackOnRecord, type TackState, heldOf, tackOnRecord } from '@fulcra/core';
import { useMemo } from 'react';
import { dayNow } from '../platform/clock';
import { useGirths, useLeathers, usePracticeSettings, useSaddles, useTackChecks } from '../platform/use-views';

/** One thing that is walked round. */
export interface TackThing extends TackOnRecord<TackCheckKept> {
  readonly kind: TackKind;
  readonly newOn: string | null;
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
export function tackThings(kept: Kept, checks: readonly TackCheckKept[], now: TackNow): TackThing[] {
  const newOn = new Map([...kept.leathers, ...kept.girths].map((t) => [t.id, t.newOn]));
  const all = tackOnRecord(kept, checks, now).map((t): TackThing => ({
    ...t,
    kind: t.item.kind,
    newOn: newOn.get(t.id) ?? null,
    heldBeside: [],
    shown: t.standing.state,
  }));
  return all.map((t) => withBeside(t, all));
}

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

/** Ids of everything that is held, saddles with something held beside them too. */
export function useHeldTack(): ReadonlySet<string> {
  const { things } = useTackThings();
  return useMemo(() => new Set((things ?? []).filter((t) => t.shown === 'unsafe').map((t) => t.id)), [things]);
}
