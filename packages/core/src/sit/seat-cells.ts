import { type BackSurface } from '../back/surface';
import { type Underside } from '../saddle/underside';
import { type ContactCells } from './contact/contact-cells';

/** Cells of the underside, side to side and front to rear, mm. */
export const CELL_MM = 5;

/** Heights and slopes of a back at the cells of one saddle in one place: the same for every setting of it. */
export interface BackCells {
  readonly countX: number;
  readonly countY: number;
  readonly stepMm: number;
  /** Horse's own frame. */
  readonly x: Float64Array;
  readonly y: Float64Array;
  readonly heightMm: Float64Array;
  readonly normalZ: Float64Array;
  /** dz/dx and dz/dy. */
  readonly slopeX: Float64Array;
  readonly slopeY: Float64Array;
  readonly placeMm: number;
  readonly fromMm: number;
}

/** A little more of the back than the saddle covers, so that settings that differ by a few mm share it. */
export function backCells(surface: BackSurface, placeMm: number, under: Pick<Underside, 'fromMm' | 'toMm' | 'halfWidthMm'>): BackCells {
  const countX = Math.ceil((under.toMm - under.fromMm) / CELL_MM);
  const half = Math.ceil(under.halfWidthMm / CELL_MM);
  const countY = 2 * half;
  const count = countX * countY;
  const make = (): Float64Array => new Float64Array(count);
  const cells = { x: make(), y: make(), heightMm: make(), normalZ: make(), slopeX: make(), slopeY: make() };
  for (let i = 0; i < countX; i++) {
    for (let j = 0; j < countY; j++) {
      const at = i * countY + j;
      cells.x[at] = placeMm + under.fromMm + (i + 0.5) * CELL_MM;
      cells.y[at] = (j - half + 0.5) * CELL_MM;
      sample(surface, cells, at);
    }
  }
  return { ...cells, countX, countY, stepMm: CELL_MM, placeMm, fromMm: under.fromMm };
}

type Filled = Pick<BackCells, 'x' | 'y' | 'heightMm' | 'normalZ' | 'slopeX' | 'slopeY'>;

/** Height and slopes of one cell from the four grid points round it (bilinear), so that slope and height agree. */
function sample(s: BackSurface, cells: Filled, at: number): void {
  const u = (cells.x[at]! - s.x0Mm) / s.stepMm;
  const v = (cells.y[at]! - s.y0Mm) / s.stepMm;
  const inside = u >= 0 && v >= 0 && u <= s.countX - 1 && v <= s.countY - 1;
  const i = Math.min(Math.floor(u), s.countX - 2);
  const j = Math.min(Math.floor(v), s.countY - 2);
  if (!inside || i < 0 || j < 0) {
    cells.heightMm[at] = cells.slopeX[at] = cells.slopeY[at] = Number.NaN;
    cells.normalZ[at] = 1;
    return;
  }
  const row = i * s.countY + j;
  const a = s.heights[row]!;
  const b = s.heights[row + 1]!;
  const c = s.heights[row + s.countY]!;
  const d = s.heights[row + s.countY + 1]!;
  const p = u - i;
  const q = v - j;
  const slopeX = ((1 - q) * (c - a) + q * (d - b)) / s.stepMm;
  const slopeY = ((1 - p) * (b - a) + p * (d - c)) / s.stepMm;
  cells.heightMm[at] = (1 - p) * ((1 - q) * a + q * b) + p * ((1 - q) * c + q * d);
  cells.slopeX[at] = slopeX;
  cells.slopeY[at] = slopeY;
  const steep = Math.sqrt(1 + slopeX * slopeX + slopeY * slopeY);
  cells.normalZ[at] = Number.isFinite(steep) ? 1 / steep : 1;
}

export interface SeatCells {
  readonly cells: ContactCells;
  /** Cells of panel, and those of them under which no back was measured. */
  readonly panelCells: number;
  readonly offTheBack: number;
}

/** Heights of an underside at the cells of a back, mm; NaN where there is no panel. The same for every pose of the back. */
export function panelHeights({ countX, countY, x, y, placeMm }: BackCells, under: Underside): Float64Array {
  const heights = new Float64Array(countX * countY).fill(Number.NaN);
  for (let i = 0; i < countX; i++) {
    const u = x[i * countY]! - placeMm;
    if (u > under.toMm || u < under.fromMm) continue;
    const row = under.rowAt(u);
    for (let at = i * countY; at < (i + 1) * countY; at++) heights[at] = under.heightIn(row, u, y[at]!);
  }
  return heights;
}

/** Lays an underside over the sampled back, level and with the middle of its crown line at the height of the spine's zero. */
export function seatCells(back: BackCells, heights: Float64Array): SeatCells {
  const { countX, countY, x, y, normalZ, stepMm, heightMm } = back;
  const overlapMm = new Float64Array(countX * countY);
  let [panelCells, offTheBack] = [0, 0];
  for (let at = 0; at < overlapMm.length; at++) {
    const g = heights[at]!;
    const z = heightMm[at]!;
    overlapMm[at] = z - g;
    if (g !== g) continue;
    panelCells++;
    if (z !== z) offTheBack++;
  }
  return { cells: { countX, countY, stepMm, x, y, overlapMm, normalZ }, panelCells, offTheBack };
}
