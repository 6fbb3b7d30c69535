import { RAIL_PHRASES } from '../words/rail-phrases';

/** Where one can be. A place is added when it is built: a row here, and its words where they say what is true there now. */
export const PLACES = [
  { id: 'yard', path: '/', covers: ['/horses', '/visits'] },
  { id: 'calendar', path: '/calendar', covers: ['/letters', '/prepare'] },
  { id: 'owners', path: '/owners', covers: [] },
  { id: 'stock', path: '/saddles', covers: [] },
  { id: 'tack', path: '/tack', covers: [] },
  { id: 'orders', path: '/orders', covers: [] },
  { id: 'riders', path: '/riders', covers: [] },
  { id: 'leathers', path: '/leathers', covers: [] },
  { id: 'people', path: '/people', covers: [] },
  { id: 'practice', path: '/practice', covers: ['/schools', '/bin'] },
] as const satisfies readonly { readonly id: string; readonly path: string; readonly covers: readonly string[] }[];
export type PlaceId = (typeof PLACES)[number]['id'];

export const placeName = (id: PlaceId): string => RAIL_PHRASES.names[id];

const isUnder = (pathname: string, path: string): boolean => pathname === path || pathname.startsWith(`${path}/`);

/** The place an address belongs to; the yard where it belongs to none. */
export const placeAt = (pathname: string): PlaceId =>
  PLACES.find(({ path, covers }) => (path !== '/' && isUnder(pathname, path)) || covers.some((c) => isUnder(pathname, c)))?.id ?? 'yard';
