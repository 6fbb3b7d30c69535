import { type Landmarks } from './landmarks-resolved';
import { type Lengthwise, heightAtMm, reachesMm } from './lengthwise';

/** Places along the spine that the topline is read between, mm from the zero mark. */
export interface ToplinePlaces {
  readonly frontMm: number;
  readonly lastRibMm: number;
}

export interface ToplineMeasures {
  /** Largest distance under the chord from the front station to the last rib, mm, and where; negative where the back is roached. */
  readonly dipMm: number;
  readonly dipAtMm: number;
  /** Height of the front station over the last rib, mm; + runs downhill to the tail. */
  readonly dropMm: number;
  /** Highest place ahead of the middle over the lowest place between front and last rib, mm. */
  readonly witherOverLowMm: number;
  /** Height of the last traced place over the highest of the withers, mm; null unless the line runs 200 mm past the last rib. */
  readonly croupOverWitherMm: number | null;
  /** Front station to last rib, along the curve and straight, mm. */
  readonly alongMm: number;
  readonly straightMm: number;
  /** Smallest radius between front and last rib, mm; how much curve a tree needs. Null when as good as straight. */
  readonly leastRadiusMm: number | null;
}

const STEP_MM = 5;
/** Within so much of its highest a topline is as good as level there, mm. */
const FLAT_TOP_MM = 1;
/** The croup stands well behind the last rib (default). */
const CROUP_BEHIND_LAST_RIB_MM = 200;
/** Radius is read over this much of the line (default): shorter is noise, longer is the whole back. */
const RADIUS_OVER_MM = 80;
const STRAIGHT_MM = 20_000;

/** Reads the topline from the front station to the last rib or, where that wasn't found, to the end of the tracing. */
export const measureToLastRib = (line: Lengthwise, frontMm: number, { lastRib }: Pick<Landmarks, 'lastRib'>): ToplineMeasures | null =>
  measureTopline(line, { frontMm, lastRibMm: lastRib.atMm ?? line.points.at(-1)!.xMm });

/** Reads the topline; null when it doesn't reach from the front station to the last rib. */
export function measureTopline(line: Lengthwise, { frontMm, lastRibMm }: ToplinePlaces): ToplineMeasures | null {
  const [from, to] = reachesMm(line);
  if (frontMm < from || lastRibMm > to || lastRibMm - frontMm < 100) return null;
  const z = (x: number): number => heightAtMm(line, x);
  const stops = stopsBetween(frontMm, lastRibMm);
  const heights = stops.map(z);
  const drop = z(frontMm) - z(lastRibMm);
  const straight = Math.hypot(lastRibMm - frontMm, drop);
  const under = stops.map(
    (x, i) => (z(frontMm) - (drop * (x - frontMm)) / (lastRibMm - frontMm) - heights[i]!) * ((lastRibMm - frontMm) / straight),
  );
  const deepest = under.reduce((best, u, i) => (Math.abs(u) > Math.abs(under[best]!) ? i : best), 0);
  const wither = Math.max(...stopsBetween(from, (frontMm + lastRibMm) / 2).map(z));
  return {
    dipMm: under[deepest]!,
    dipAtMm: stops[deepest]!,
    dropMm: drop,
    witherOverLowMm: wither - Math.min(...heights),
    croupOverWitherMm: to < lastRibMm + CROUP_BEHIND_LAST_RIB_MM ? null : z(to) - wither,
    alongMm: stops.slice(1).reduce((sum, x, i) => sum + Math.hypot(x - stops[i]!, z(x) - heights[i]!), 0),
    straightMm: straight,
    leastRadiusMm: leastRadius(z, frontMm, lastRibMm),
  };
}

/** Where the withers are highest on a topline, mm from the zero mark; the mean of a flat top. Undefined where it rises to its end. */
export function topOfWithersMm(line: Lengthwise): number | undefined {
  const [from, to] = reachesMm(line);
  const stops = stopsBetween(from, (from + to) / 2);
  const heights = stops.map((x) => heightAtMm(line, x));
  const most = Math.max(...heights);
  const top = stops.filter((_, i) => heights[i]! > most - FLAT_TOP_MM);
  const middle = top.reduce((s, x) => s + x, 0) / top.length;
  return top[0] === stops[0] || top.at(-1) === stops.at(-1) ? undefined : middle;
}

const stopsBetween = (from: number, to: number): number[] => {
  const count = Math.max(1, Math.ceil((to - from) / STEP_MM));
  return Array.from({ length: count + 1 }, (_, i) => from + ((to - from) * i) / count);
};

/** From the sagitta over a fixed length: R = c^2 / 8 s. */
function leastRadius(z: (x: number) => number, from: number, to: number): number | null {
  const half = RADIUS_OVER_MM / 2;
  const sagittas = stopsBetween(from + half, to - half).map((x) => Math.abs((z(x - half) + z(x + half)) / 2 - z(x)));
  const radius = RADIUS_OVER_MM ** 2 / (8 * Math.max(...sagittas));
  return radius > STRAIGHT_MM ? null : radius;
}
