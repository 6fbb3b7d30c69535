import { N_PER_KPA_MM2 } from './contact-problem';
import { type CellsAtRest } from './step';
import { addToThirds } from './thirds';

/** What a pressure map says in numbers. Levels it is judged by stand with the schools, not here. */
export interface ContactMeasures {
  /** Held up by pressure and by what clings along the skin, N. */
  readonly carriedN: number;
  /** Along the skin: of the cells that touch, and of the whole panel. */
  readonly areaCm2: number;
  readonly footprintCm2: number;
  readonly meanKPa: number;
  readonly p95KPa: number;
  /** Greatest mean over any disc of PEAK_OVER_MM2 along the skin, and where its middle is. */
  readonly peakKPa: number;
  readonly peakAtMm: { readonly x: number; readonly y: number } | null;
  /** Shares of the pressing: front, middle and rear third of the panel's length, and each side. */
  readonly thirds: readonly [front: number, middle: number, rear: number];
  readonly near: number;
  readonly off: number;
  readonly centreMm: { readonly x: number; readonly y: number } | null;
}

/** Area over which a peak is read, mm2 (default). */
export const PEAK_OVER_MM2 = 800;
const PEAK_RADIUS_MM = Math.sqrt(PEAK_OVER_MM2 / Math.PI);

/** Cells on a level grid: what finds the neighbours of one. */
export interface CellGrid {
  readonly count: number;
  readonly countX: number;
  readonly countY: number;
  /** From place to place, level, mm. */
  readonly stepMm: number;
  readonly gridAt: ArrayLike<number>;
  readonly areaMm2: ArrayLike<number>;
  /** Of each cell what is there: one that an edge goes through is so much narrower; absent for all of it. */
  readonly share?: ArrayLike<number>;
  /** From front to rear, in rows from the grid's first; absent for from the first to the last with a cell. */
  readonly rows?: number;
}

type Pressed = Pick<CellsAtRest, 'x' | 'y' | 'z' | 'nz' | 'pressureKPa' | 'shearZ'>;

export function measureContact(grid: CellGrid, cells: Pressed): ContactMeasures {
  const { x, y, pressureKPa } = cells;
  const touching = new Float64Array(grid.count);
  const thirds: [number, number, number] = [0, 0, 0];
  const [from, rows] = rowsOf(grid);
  let [count, sum, near, sumX, sumY, area, all, carried] = [0, 0, 0, 0, 0, 0, 0, 0];
  for (let i = 0; i < grid.count; i++) {
    const a = grid.areaMm2[i]!;
    all += a;
    const p = pressureKPa[i]!;
    if (!(p > 0)) continue;
    touching[count++] = p;
    const heft = p * a;
    area += a;
    sum += heft;
    carried += a * (p * cells.nz[i]! + cells.shearZ[i]!);
    if (y[i]! < 0) near += heft;
    else if (y[i]! === 0) near += heft / 2;
    sumX += heft * x[i]!;
    sumY += heft * y[i]!;
    const row = Math.floor(grid.gridAt[i]! / grid.countY) - from;
    addToThirds(thirds, row / rows, Math.min(1, (row + 1) / rows), heft);
  }
  const share = (part: number): number => (sum > 0 ? part / sum : 0);
  const peak = peakOf(grid, cells);
  return {
    carriedN: carried * N_PER_KPA_MM2,
    areaCm2: area / 100,
    footprintCm2: all / 100,
    meanKPa: area > 0 ? sum / area : 0,
    p95KPa: count === 0 ? 0 : inOrderAt(touching, count, Math.min(count - 1, Math.floor(0.95 * count))),
    peakKPa: peak.kPa,
    peakAtMm: peak.at < 0 ? null : { x: x[peak.at]!, y: y[peak.at]! },
    thirds: [share(thirds[0]), share(thirds[1]), share(thirds[2])],
    near: share(near),
    off: sum > 0 ? 1 - share(near) : 0,
    centreMm: sum > 0 ? { x: sumX / sum, y: sumY / sum } : null,
  };
}

/** The first row, and how many there are to the last. */
function rowsOf({ count, countY, gridAt, rows }: CellGrid): [from: number, rows: number] {
  if (rows !== undefined) return [0, rows];
  if (count === 0) return [0, 1];
  const from = Math.floor(gridAt[0]! / countY);
  return [from, Math.floor(gridAt[count - 1]! / countY) - from + 1];
}

/**
 * Greatest mean over a disc along the skin, and the cell in its middle. A cell on the disc's edge counts for the part of it inside;
 * where the disc hangs over the panel's edge, what lies outside presses with nothing.
 */
export function peakOf(grid: CellGrid, cells: Pick<Pressed, 'x' | 'y' | 'z' | 'pressureKPa'>): { kPa: number; at: number } {
  const cellAt = cellsByPlace(grid);
  const step = grid.stepMm;
  const reach = Math.ceil((PEAK_RADIUS_MM + step * Math.SQRT1_2) / step);
  const hardest = hardestRound(grid, cells.pressureKPa, reach);
  let [most, at] = [0, -1];
  for (const i of byPressure(grid.count, cells.pressureKPa)) {
    // no mean is more than the greatest in it
    if (hardest[grid.gridAt[i]!]! <= most) continue;
    const mean = discMean(grid, cells, cellAt, i, 0, 0, 0);
    if (mean > most) [most, at] = [mean, i];
  }
  return at < 0 ? { kPa: 0, at } : { kPa: refined(grid, cells, cellAt, at, most), at };
}

/** Cells by the place of the grid, counted from one; 0 for none. */
type CellAt = Int32Array;
type Spots = Pick<Pressed, 'x' | 'y' | 'z' | 'pressureKPa'>;

/** The disc may stand between the cells' middles: it is moved as long as that finds more, by less and less of a cell. */
const MOVES = [1 / 2, 1 / 4] as const;
const MOST_MOVES = 4;

function refined(grid: CellGrid, cells: Spots, cellAt: CellAt, at: number, most: number): number {
  const [row, col] = [Math.floor(grid.gridAt[at]! / grid.countY), grid.gridAt[at]! % grid.countY];
  const neighbour = (r: number, c: number): number =>
    r < 0 || c < 0 || r >= grid.countX || c >= grid.countY ? -1 : cellAt[r * grid.countY + c]! - 1;
  const slope = (of: Float64Array, before: number, after: number): number => {
    const [a, b] = [before < 0 ? at : before, after < 0 ? at : after];
    return a === b ? 0 : (cells.z[b]! - cells.z[a]!) / (of[b]! - of[a]!);
  };
  const along = slope(cells.x, neighbour(row - 1, col), neighbour(row + 1, col));
  const across = slope(cells.y, neighbour(row, col - 1), neighbour(row, col + 1));
  let [best, x, y] = [most, 0, 0];
  for (const share of MOVES) {
    const by = share * grid.stepMm;
    for (let moves = 0; moves < MOST_MOVES; moves++) {
      let [found, nextX, nextY] = [best, x, y];
      for (const [dx, dy] of AROUND) {
        const [ox, oy] = [x + dx * by, y + dy * by];
        const mean = discMean(grid, cells, cellAt, at, ox, oy, along * ox + across * oy);
        if (mean > found) [found, nextX, nextY] = [mean, ox, oy];
      }
      if (found <= best) break;
      [best, x, y] = [found, nextX, nextY];
    }
  }
  return best;
}
const AROUND = [
  [1, 0],
  [-1, 0],
  [0, 1],
  [0, -1],
] as const;

/** Mean over one disc about a place beside the middle of a cell: sums of what presses inside it. */
function discMean(
  { countX, countY, stepMm, gridAt, areaMm2, share }: CellGrid,
  { x, y, z, pressureKPa }: Spots,
  cellAt: CellAt,
  i: number,
  offX: number,
  offY: number,
  offZ: number,
): number {
  const row = Math.floor(gridAt[i]! / countY);
  const col = gridAt[i]! % countY;
  const reach = Math.ceil((PEAK_RADIUS_MM + Math.max(Math.abs(offX), Math.abs(offY)) + stepMm * Math.SQRT1_2) / stepMm);
  const diagonal = stepMm * Math.SQRT1_2;
  const whole = (PEAK_RADIUS_MM - diagonal) ** 2;
  const none = (PEAK_RADIUS_MM + diagonal) ** 2;
  const [px, py, pz] = [x[i]! + offX, y[i]! + offY, z[i]! + offZ];
  let sum = 0;
  let area = 0;
  for (let r = Math.max(0, row - reach); r <= Math.min(countX - 1, row + reach); r++) {
    for (let c = Math.max(0, col - reach); c <= Math.min(countY - 1, col + reach); c++) {
      const j = cellAt[r * countY + c]! - 1;
      if (j < 0) continue;
      const dx = x[j]! - px;
      const dy = y[j]! - py;
      const dz = z[j]! - pz;
      const level = dx * dx + dy * dy;
      const off = level + dz * dz;
      if (off >= none) continue;
      const inside =
        off <= whole
          ? 1
          : insideDisc(
              dx,
              dy,
              stepMm,
              share === undefined ? 1 : share[j]!,
              off > 0 ? PEAK_RADIUS_MM * Math.sqrt(level / off) : PEAK_RADIUS_MM,
            );
      area += inside * areaMm2[j]!;
      sum += inside * areaMm2[j]! * pressureKPa[j]!;
    }
  }
  return sum / Math.max(area, PEAK_OVER_MM2);
}

/** Places of a cell at which its chord of a disc is taken, by Gauss's rule for four, and what each counts for. */
const CHORDS = [0.069431844202974, 0.330009478207572, 0.669990521792428, 0.930568155797026] as const;
const COUNT = [0.173927422568727, 0.326072577431273, 0.326072577431273, 0.173927422568727] as const;

/** What part of a square cell whose middle lies at dx, dy from it a disc covers. */
function insideDisc(dx: number, dy: number, step: number, share: number, radius: number): number {
  const out = (share * step) / 2;
  let covered = 0;
  for (let k = 0; k < 4; k++) {
    const at = dx + (CHORDS[k]! - 0.5) * step;
    const square = radius * radius - at * at;
    if (square <= 0) continue;
    const half = Math.sqrt(square);
    const chord = Math.min(dy + out, half) - Math.max(dy - out, -half);
    if (chord > 0) covered += COUNT[k]! * chord;
  }
  return covered / (2 * out);
}

/** Per place of the grid the greatest pressure within so many places round it. */
function hardestRound({ count, countX, countY, gridAt }: CellGrid, pressureKPa: ArrayLike<number>, reach: number): Float64Array {
  const own = new Float64Array(countX * countY);
  for (let i = 0; i < count; i++) own[gridAt[i]!] = pressureKPa[i]!;
  const across = new Float64Array(countX * countY);
  for (let r = 0; r < countX; r++)
    for (let c = 0; c < countY; c++) across[r * countY + c] = greatestIn(own, r * countY, c, countY, 1, reach);
  const all = new Float64Array(countX * countY);
  for (let r = 0; r < countX; r++) for (let c = 0; c < countY; c++) all[r * countY + c] = greatestIn(across, c, r, countX, countY, reach);
  return all;
}

function greatestIn(from: Float64Array, start: number, middle: number, count: number, step: number, reach: number): number {
  let most = 0;
  const last = Math.min(count - 1, middle + reach);
  for (let k = Math.max(0, middle - reach); k <= last; k++) {
    const v = from[start + k * step]!;
    if (v > most) most = v;
  }
  return most;
}

/** Cells that press, the hardest few first: a good peak early lets most others be passed over. */
function byPressure(count: number, pressureKPa: ArrayLike<number>): number[] {
  let most = 0;
  for (let i = 0; i < count; i++) if (pressureKPa[i]! > most) most = pressureKPa[i]!;
  const hard: number[] = [];
  const rest: number[] = [];
  for (let i = 0; i < count; i++) if (pressureKPa[i]! > 0) (pressureKPa[i]! > 0.8 * most ? hard : rest).push(i);
  return hard.concat(rest);
}

let places = new Int32Array(0);
/** Per place of the grid the cell there, counted from one; 0 for none. */
function cellsByPlace({ count, countX, countY, gridAt }: CellGrid): Int32Array {
  const size = countX * countY;
  if (places.length < size) places = new Int32Array(size);
  else places.fill(0, 0, size);
  for (let i = 0; i < count; i++) places[gridAt[i]!] = i + 1;
  return places;
}

/**
 * The value that would stand at a place if the first `count` were sorted; moves them about.
 * Source: C. A. R. Hoare, "Algorithm 65: Find", Communications of the ACM 4 (1961).
 */
function inOrderAt(values: Float64Array, count: number, place: number): number {
  let low = 0;
  let high = count - 1;
  while (low < high) {
    const pivot = values[place]!;
    let i = low;
    let j = high;
    while (i <= j) {
      while (values[i]! < pivot) i++;
      while (values[j]! > pivot) j--;
      if (i > j) break;
      const moved = values[i]!;
      values[i++] = values[j]!;
      values[j--] = moved;
    }
    if (j < place) low = i;
    if (place < i) high = j;
  }
  return values[place]!;
}
