import { ORDER_STATES } from '@fulcra/core';
import { dayNow } from '../platform/clock';
import { useDue, useOrders, useOwnerWords, useSaddles, useYard } from '../platform/use-views';
import { useHeldTack } from '../tack';
import { RAIL_PHRASES } from '../words/rail-phrases';
import { type PlaceId } from './places';

type States = Readonly<Partial<Record<PlaceId, string>>>;

/** What is true at each place just now, as far as this device knows; nothing is said where it isn't known. */
export function usePlaceStates(): States {
  const yard = useYard('', 'name');
  const due = useDue('rarely').data;
  const words = useOwnerWords().data;
  const saddles = useSaddles().data;
  const orders = useOrders().data;
  const held = useHeldTack();
  const today = dayNow();
  const said: Readonly<Partial<Record<PlaceId, string | null>>> = {
    yard: yard.data === null ? null : RAIL_PHRASES.yardNow(yard.total, yard.data.filter((h) => h.openVisitId !== null).length),
    calendar: due === null ? null : RAIL_PHRASES.dueNow(due.filter((d) => d.atOnce || d.on <= today).length),
    owners: words === null ? null : RAIL_PHRASES.ownersNow(words.filter((w) => w.takenUp === null).length),
    stock: saddles === null ? null : RAIL_PHRASES.stockNow(saddles.length),
    tack: RAIL_PHRASES.tackNow(held.size),
    orders: orders === null ? null : RAIL_PHRASES.ordersNow(orders.filter((o) => o.state !== LAST_STATE).length),
  };
  return Object.fromEntries(Object.entries(said).filter(([, words_]) => words_ !== null));
}

const LAST_STATE = ORDER_STATES.at(-1);
