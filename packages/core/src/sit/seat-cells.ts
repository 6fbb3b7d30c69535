import { type BackSurface } from '../back/surface';
import { READ, readSurface } from '../back/surface-read';
import { type Underside } from '../saddle/underside';

/** Cells of the underside, side to side and front to rear, mm: for a picture, for a stride, where hundreds of settings are tried, and where only what refuses is counted. */
export const CELL_MM = { picture: 5, stride: 8, search: 12, confidence: 12 } as const;

/**
 * The cells of one saddle's panels in one place, and the back there: the same for every setting with these edges. A cell that the
 * panel's edge goes through is as large as what lies inside, and stands in the middle of that: so no number depends on where the
 * grid happens to lie.
 */
export interface BackCells {
  readonly countX: number;
  readonly countY: number;
  readonly stepMm: number;
  /** Horse's own frame. */
  readonly x: Float64Array;
  readonly y: Float64Array;
  /** Of each cell inside the panel, level; 0 where there is none. */
  readonly share: Float64Array;
  readonly heightMm: Float64Array;
  readonly normalZ: Float64Array;
  readonly placeMm: number;
  readonly fromMm: number;
  readonly toMm: number;
}

/** Middle of a row of cells, from the front of the tree; the last row may be a part of one. */
export const rowMiddleMm = ({ fromMm, toMm, stepMm }: Pick<BackCells, 'fromMm' | 'toMm' | 'stepMm'>, row: number): number =>
  (fromMm + row * stepMm + Math.min(fromMm + (row + 1) * stepMm, toMm)) / 2;

type Outline = Pick<Underside, 'fromMm' | 'toMm' | 'halfWidthMm' | 'edgesAt' | 'beginsAt'>;

/** A sliver of a panel counts for nothing. */
const LEAST_SHARE = 1e-6;

export function backCells(surface: BackSurface, placeMm: number, under: Outline, cellMm: number): BackCells {
  const countX = Math.ceil((under.toMm - under.fromMm) / cellMm - LEAST_SHARE);
  const half = Math.ceil(under.halfWidthMm / cellMm - LEAST_SHARE);
  const countY = 2 * half;
  const count = countX * countY;
  const make = (): Float64Array => new Float64Array(count);
  const cells = { x: make(), y: make(), share: make(), heightMm: make(), normalZ: make() };
  for (let i = 0; i < countX; i++) {
    const from = under.fromMm + i * cellMm;
    const to = Math.min(from + cellMm, under.toMm);
    const edges = under.edgesAt((from + to) / 2);
    for (let j = 0; j < half; j++) {
      const off = cellIn(under, edges, from, to, j * cellMm, cellMm);
      setCell(cells, i * countY + half + j, placeMm, off, 1);
      setCell(cells, i * countY + half - 1 - j, placeMm, off, -1);
    }
  }
  for (let at = 0; at < count; at++) sample(surface, cells, at);
  return { ...cells, countX, countY, stepMm: cellMm, placeMm, fromMm: under.fromMm, toMm: under.toMm };
}

/** What of a square, counted outward from the spine, lies inside the panel: its share, and the middle of that. */
function cellIn(
  { beginsAt }: Outline,
  { innerMm, outerMm }: ReturnType<Outline['edgesAt']>,
  fromMm: number,
  toMm: number,
  outMm: number,
  cellMm: number,
): { readonly share: number; readonly u: number; readonly out: number } {
  const inner = Math.max(outMm, innerMm);
  const outer = Math.min(outMm + cellMm, outerMm);
  const across = (inner + outer) / 2;
  const begins = Math.max(fromMm, beginsAt((across - innerMm) / (outerMm - innerMm)));
  const inside = Math.max(0, outer - inner) * Math.max(0, toMm - begins);
  if (inside <= LEAST_SHARE * cellMm * cellMm) return { share: 0, u: (fromMm + toMm) / 2, out: outMm + cellMm / 2 };
  return { share: inside / (cellMm * cellMm), u: (begins + toMm) / 2, out: across };
}

type Filled = Pick<BackCells, 'x' | 'y' | 'share' | 'heightMm' | 'normalZ'>;

function setCell(cells: Filled, at: number, placeMm: number, { share, u, out }: ReturnType<typeof cellIn>, side: 1 | -1): void {
  cells.x[at] = placeMm + u;
  cells.y[at] = side * out;
  cells.share[at] = share;
}

function sample(s: BackSurface, cells: Filled, at: number): void {
  readSurface(s, cells.x[at]!, cells.y[at]!);
  cells.heightMm[at] = READ[0]!;
  const steep = Math.sqrt(1 + READ[1]! * READ[1]! + READ[2]! * READ[2]!);
  cells.normalZ[at] = Number.isFinite(steep) ? 1 / steep : 1;
}
