/** A place on the earth, degrees. */
export interface Place {
  readonly lat: number;
  readonly lon: number;
}

const EARTH_KM = 6371;
const RAD = Math.PI / 180;

/** Great-circle distance, km (haversine). */
export function kmBetween(a: Place, b: Place): number {
  const dLat = (b.lat - a.lat) * RAD;
  const dLon = (b.lon - a.lon) * RAD;
  const h = Math.sin(dLat / 2) ** 2 + Math.cos(a.lat * RAD) * Math.cos(b.lat * RAD) * Math.sin(dLon / 2) ** 2;
  return 2 * EARTH_KM * Math.asin(Math.min(1, Math.sqrt(h)));
}

/** Up to so many stops every order is tried; more are begun with the nearest and untangled. */
const ALL_ORDERS_UP_TO = 7;

/**
 * The order of a day's yards with the least way from one to the next, as the crow flies; one begins at the first given where `from` is null.
 * Stops without a place keep their order at the end.
 * @returns indices into `stops`
 */
export function dayRoute(stops: readonly (Place | null)[], from: Place | null = null): number[] {
  const placed = stops.flatMap((p, i) => (p === null ? [] : [i]));
  const rest = stops.flatMap((p, i) => (p === null ? [i] : []));
  const way = (order: readonly number[]): number =>
    lengthKm(
      order.map((i) => stops[i]!),
      from,
    );
  if (placed.length <= ALL_ORDERS_UP_TO) return [...best(ordersOf(placed), way), ...rest];
  return [...untangled(nearestFirst(placed, stops, from), way), ...rest];
}

export function lengthKm(places: readonly Place[], from: Place | null): number {
  const all = from === null ? places : [from, ...places];
  return all.slice(1).reduce((sum, p, i) => sum + kmBetween(all[i]!, p), 0);
}

const best = (orders: readonly number[][], way: (o: readonly number[]) => number): number[] =>
  orders.reduce((b, o) => (way(o) < way(b) - 1e-9 ? o : b), orders[0] ?? []);

function ordersOf(list: readonly number[]): number[][] {
  if (list.length <= 1) return [[...list]];
  return list.flatMap((first, i) => ordersOf([...list.slice(0, i), ...list.slice(i + 1)]).map((o) => [first, ...o]));
}

function nearestFirst(placed: readonly number[], stops: readonly (Place | null)[], from: Place | null): number[] {
  const left = new Set(placed);
  const order: number[] = [];
  let here = from ?? stops[placed[0]!]!;
  while (left.size > 0) {
    const next = [...left].reduce((a, b) => (kmBetween(here, stops[b]!) < kmBetween(here, stops[a]!) ? b : a));
    order.push(next);
    left.delete(next);
    here = stops[next]!;
  }
  return order;
}

/** Turns every stretch round that makes the way shorter until none does (2-opt). */
function untangled(start: readonly number[], way: (o: readonly number[]) => number): number[] {
  let order = [...start];
  for (let better = true; better;) {
    better = false;
    for (let i = 0; i < order.length - 1; i++)
      for (let j = i + 1; j < order.length; j++) {
        const turned = [...order.slice(0, i), ...order.slice(i, j + 1).reverse(), ...order.slice(j + 1)];
        if (way(turned) < way(order) - 1e-9) [order, better] = [turned, true];
      }
  }
  return order;
}
