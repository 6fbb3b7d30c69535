import { type Saddle } from '@fulcra/contract';
import {
  type RankedBySitting,
  type RiderBody,
  type RiderLoad,
  type StockRanking,
  type SuitsRow,
  type SuitsWord,
  type Foot,
  bandMiddle,
  hangError,
  legOf,
  legOnHorse,
  plumbOf,
  plumbParts,
  suitsOverall,
  type KneeBand,
} from '@fulcra/core';
import { type MeasuredHorse, groundUnder, saddleThere } from './leg-ground';
import { suitsRows } from './suits-rows';

/** What one saddle is to the rider. */
export interface SuitsOneRider {
  readonly word: SuitsWord;
  readonly rows: readonly SuitsRow[];
  /** Null where the leg can't be hung on it. */
  readonly hangMm: number | null;
}

export function suitsOne(
  horse: MeasuredHorse | null,
  saddle: Saddle,
  body: RiderBody,
  foot: Foot,
  band: KneeBand,
  load: RiderLoad,
): SuitsOneRider {
  const { ground } = groundUnder(saddleThere(horse, saddle, load), body);
  const place = legOnHorse(legOf(body, foot), ground, bandMiddle(band));
  if (!place.ok) return { word: 'misses', rows: [], hangMm: null };
  const error = hangError(body, foot, ground, bandMiddle(band));
  const heel = plumbParts(plumbOf(place.value, body.heelToAnkle.mm), place.value, ground.saddle.pitchDeg, saddle.seat.flapReachMm);
  const rows = suitsRows(body, saddle.seat, place.value, heel, error);
  return { word: suitsOverall(rows), rows, hangMm: place.value.hangMm };
}

export interface SuitsBoth {
  readonly saddle: Saddle;
  readonly rider: SuitsOneRider;
  /** On the horse: its place and how it does there; 'refused' where it can't be laid on, null before it was ranked. */
  readonly horse: { readonly place: number; readonly entry: RankedBySitting } | 'refused' | null;
}

const RIDER_ORDER: Readonly<Record<SuitsWord, number>> = { suits: 0, nearly: 1, unknown: 2, misses: 3 };
const LAST = Number.MAX_SAFE_INTEGER;

/** What stops one of the two is not outvoted by the other: first those that neither refuses, then by the rider's word, then the horse's place. */
export function suitsBoth(
  saddles: readonly Saddle[],
  riderOf: (saddle: Saddle) => SuitsOneRider,
  ranking: StockRanking | null,
  held: ReadonlySet<string>,
): SuitsBoth[] {
  const all = saddles.map((saddle): SuitsBoth => ({ saddle, rider: riderOf(saddle), horse: onHorse(saddle.id, ranking) }));
  const refused = ({ saddle, rider, horse }: SuitsBoth): number =>
    held.has(saddle.id) || rider.word === 'misses' || horse === 'refused' || (horse !== null && horse.entry.best.stops.length > 0) ? 1 : 0;
  const placeOf = ({ horse }: SuitsBoth): number => (horse === null || horse === 'refused' ? LAST : horse.place);
  return all.sort((a, b) => refused(a) - refused(b) || RIDER_ORDER[a.rider.word] - RIDER_ORDER[b.rider.word] || placeOf(a) - placeOf(b));
}

function onHorse(id: string, ranking: StockRanking | null): SuitsBoth['horse'] {
  if (ranking === null) return null;
  const place = ranking.ranked.findIndex((r) => r.id === id);
  return place < 0 ? 'refused' : { place: place + 1, entry: ranking.ranked[place]! };
}
