import { type Polyline, pointAtLengthMm, runningLengthsMm } from '../geometry';
import { type Outcome, done, problem, refused } from '../problems';
import { type NearOff, SIDES } from '../units';
import { type Lengthwise, heightAtMm } from './lengthwise';
import { type Section, sideOutward } from './section';
import { tangentsAlong, stepsBetween } from './surface-steps';
import { type Ribbons, type SampledSide, ribbonsAt } from './surface-ribbons';

export interface StationSection {
  /** Distance behind the resting scapula's rear edge, mm. */
  readonly xMm: number;
  readonly section: Section;
}

export interface BackInput {
  readonly stations: readonly StationSection[];
  /** Null while it isn't traced: the spine is then taken as level, and the surface says so. */
  readonly topline: Lengthwise | null;
}

/** The back as heights over a level grid: z = H(x, y), mm; rows run along the back, NaN where nothing was traced. */
export interface BackSurface {
  readonly x0Mm: number;
  readonly y0Mm: number;
  readonly stepMm: number;
  readonly countX: number;
  readonly countY: number;
  /** countX rows of countY heights. */
  readonly heights: Float64Array;
  /** The same rows as points around the horse, evenly along the skin: what a mesh is drawn from. */
  readonly ribbons: Ribbons;
  /** Per row: how far off the surface may be between stations, mm (see `rowUncertainty`). */
  readonly uncertaintyMm: Float64Array;
  /** Per row: 1 where the nearest stations are too far apart, or the row lies beyond the first or last of them. */
  readonly sparse: Uint8Array;
  readonly hasTopline: boolean;
  readonly stationsMm: readonly number[];
}

/** Defaults of the surface. */
export const SURFACE = {
  leastStations: 2,
  gridMm: 5,
  /** Spacing along the skin. */
  skinMm: 6,
  /** Beyond the first and the last station the section is carried on this far, along the topline, and called sparse. */
  beyondMm: 60,
  /** Stations further apart than this leave a sparse place between them. */
  sparseGapMm: 160,
  /** A single tracing repeats to about this, mm; no row is surer. */
  tracingErrorMm: 1.5,
} as const;

/**
 * The back surface from sections hung on the topline and joined along the back.
 * At equal running length from the spine, each side's y and z run from station to station along shape-preserving cubics,
 * so that between two stations no place leaves what its two stations hold. A side counts as far as its shortest station reaches.
 */
export function backSurface({ stations, topline }: BackInput, gridMm: number = SURFACE.gridMm): Outcome<BackSurface> {
  const sorted = [...stations].sort((a, b) => a.xMm - b.xMm);
  if (sorted.length < SURFACE.leastStations) {
    return refused(problem('SURFACE_TOO_FEW_STATIONS', { count: sorted.length, least: SURFACE.leastStations }));
  }
  const twin = sorted.findIndex((s, i) => i > 0 && s.xMm - sorted[i - 1]!.xMm < 5);
  if (twin > 0) return refused(problem('SURFACE_STATIONS_COINCIDE', { atMm: sorted[twin]!.xMm }));
  const xs = sorted.map((s) => s.xMm);
  const rows = stepsBetween(xs[0]! - SURFACE.beyondMm, xs.at(-1)! + SURFACE.beyondMm, gridMm);
  const spine = rows.map((x) => (topline === null ? 0 : heightAtMm(topline, x)));
  const sides = { near: sampledSides(sorted, 'near'), off: sampledSides(sorted, 'off') };
  const ribbons = ribbonsAt(rows, spine, xs, sides);
  return done({ ...gridOf(ribbons, gridMm), ribbons, ...trust(rows, sorted), hasTopline: topline !== null, stationsMm: xs });
}

function sampledSides(stations: readonly StationSection[], side: NearOff): SampledSide {
  const lines = stations.map((s) => sideOutward(s.section, side));
  const lengths = lines.map(runningLengthsMm);
  const reach = Math.min(...lengths.map((l) => l.at(-1)!));
  const count = Math.max(2, Math.floor(reach / SURFACE.skinMm) + 1);
  const step = reach / (count - 1);
  const sampled = lines.map((line, i) => along(line, lengths[i]!, step, count));
  const xs = stations.map((s) => s.xMm);
  const y = sampled.map((s) => s.y);
  const z = sampled.map((s) => s.z);
  return { count, y, z, dy: tangentsAlong(xs, y), dz: tangentsAlong(xs, z) };
}

function along(line: Polyline, lengths: readonly number[], step: number, count: number): { y: Float64Array; z: Float64Array } {
  const y = new Float64Array(count);
  const z = new Float64Array(count);
  for (let j = 0; j < count; j++) {
    const p = pointAtLengthMm(line, lengths, j * step);
    y[j] = p.yMm;
    z[j] = p.zMm;
  }
  return { y, z };
}

/** Rows of heights over a level grid, by straight lines between neighbouring points of the ribbon. */
function gridOf(ribbons: Ribbons, stepMm: number) {
  const widest = Math.max(...SIDES.map((side) => ribbons[side].widestMm));
  const half = Math.floor(widest / stepMm);
  const countY = 2 * half + 1;
  const countX = ribbons.xMm.length;
  const heights = new Float64Array(countX * countY).fill(Number.NaN);
  for (let row = 0; row < countX; row++) {
    for (const side of SIDES) fillSide(heights, row * countY + half, side === 'off' ? 1 : -1, half, stepMm, ribbons, side, row);
  }
  return { x0Mm: ribbons.xMm[0]!, y0Mm: -half * stepMm, stepMm, countX, countY, heights };
}

function fillSide(
  heights: Float64Array,
  spineIndex: number,
  direction: 1 | -1,
  half: number,
  stepMm: number,
  ribbons: Ribbons,
  side: NearOff,
  row: number,
): void {
  const { y, z, count } = ribbons[side];
  const start = row * count;
  let j = 0;
  for (let i = 0; i <= half; i++) {
    const at = i * stepMm;
    // a hair past the last point is still on it, on both sides alike
    while (j + 1 < count && y[start + j + 1]! < at - 1e-9) j++;
    if (j + 1 >= count) return;
    const [a, b] = [y[start + j]!, y[start + j + 1]!];
    if (b <= a) return;
    heights[spineIndex + direction * i] = z[start + j]! + ((at - a) / (b - a)) * (z[start + j + 1]! - z[start + j]!);
  }
}

/** How sure each row is: at a station as sure as a tracing; between, worse by what the neighbours leave to guess. */
function trust(rows: readonly number[], stations: readonly StationSection[]) {
  const uncertaintyMm = new Float64Array(rows.length);
  const sparse = new Uint8Array(rows.length);
  const first = stations[0]!.xMm;
  const last = stations.at(-1)!.xMm;
  rows.forEach((x, i) => {
    const after = stations.findIndex((s) => s.xMm >= x);
    const [a, b] = [stations[Math.max(0, after - 1)]!, stations[after < 0 ? stations.length - 1 : after]!];
    const outside = Math.max(first - x, x - last, 0);
    const gap = b.xMm - a.xMm;
    const nearest = outside > 0 ? outside : Math.min(x - a.xMm, b.xMm - x);
    sparse[i] = outside > 0 || (gap > SURFACE.sparseGapMm && nearest > SURFACE.sparseGapMm / 4) ? 1 : 0;
    uncertaintyMm[i] = rowUncertainty(nearest, outside > 0);
  });
  return { uncertaintyMm, sparse };
}

/** Least radius a back is believed to bend with between two stations, mm (default): a chord over it misses by c^2 / 8 R. */
const LEAST_RADIUS_MM = 900;

/** Tracing error and the sagitta a back may hide between here and the nearest station, mm. */
const rowUncertainty = (nearestMm: number, outside: boolean): number =>
  Math.hypot(SURFACE.tracingErrorMm, ((outside ? 4 : 1) * (2 * nearestMm) ** 2) / (8 * LEAST_RADIUS_MM));

/** Height at a place, mm, straight between grid points; NaN off the surface. */
export function surfaceHeightMm(surface: BackSurface, xMm: number, yMm: number): number {
  const u = (xMm - surface.x0Mm) / surface.stepMm;
  const v = (yMm - surface.y0Mm) / surface.stepMm;
  if (!(u >= 0 && v >= 0 && u <= surface.countX - 1 && v <= surface.countY - 1)) return Number.NaN;
  const [i, j] = [Math.min(Math.floor(u), surface.countX - 2), Math.min(Math.floor(v), surface.countY - 2)];
  const [s, t] = [u - i, v - j];
  const at = (di: number, dj: number): number => surface.heights[(i + di) * surface.countY + j + dj]!;
  return (1 - s) * ((1 - t) * at(0, 0) + t * at(0, 1)) + s * ((1 - t) * at(1, 0) + t * at(1, 1));
}

/** Slopes dz/dx and dz/dy at a place, from the heights a grid step around it. */
export function surfaceSlope(surface: BackSurface, xMm: number, yMm: number): { readonly alongX: number; readonly acrossY: number } {
  const h = surface.stepMm;
  const z = (dx: number, dy: number): number => surfaceHeightMm(surface, xMm + dx, yMm + dy);
  return { alongX: (z(h, 0) - z(-h, 0)) / (2 * h), acrossY: (z(0, h) - z(0, -h)) / (2 * h) };
}
