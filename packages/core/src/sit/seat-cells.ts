import { type BackSurface } from '../back/surface';
import { READ, readSurface } from '../back/surface-read';
import { type Underside } from '../saddle/underside';

/** Cells of the underside, side to side and front to rear, mm: for a picture, for a stride, where hundreds of settings are tried, and where only what refuses is counted. */
export const CELL_MM = { picture: 5, stride: 8, search: 8, confidence: 12 } as const;

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
export function backCells(
  surface: BackSurface,
  placeMm: number,
  under: Pick<Underside, 'fromMm' | 'toMm' | 'halfWidthMm'>,
  cellMm: number,
): BackCells {
  const countX = Math.ceil((under.toMm - under.fromMm) / cellMm);
  const half = Math.ceil(under.halfWidthMm / cellMm);
  const countY = 2 * half;
  const count = countX * countY;
  const make = (): Float64Array => new Float64Array(count);
  const cells = { x: make(), y: make(), heightMm: make(), normalZ: make(), slopeX: make(), slopeY: make() };
  for (let i = 0; i < countX; i++) {
    for (let j = 0; j < countY; j++) {
      const at = i * countY + j;
      cells.x[at] = placeMm + under.fromMm + (i + 0.5) * cellMm;
      cells.y[at] = (j - half + 0.5) * cellMm;
      sample(surface, cells, at);
    }
  }
  return { ...cells, countX, countY, stepMm: cellMm, placeMm, fromMm: under.fromMm };
}

type Filled = Pick<BackCells, 'x' | 'y' | 'heightMm' | 'normalZ' | 'slopeX' | 'slopeY'>;

function sample(s: BackSurface, cells: Filled, at: number): void {
  readSurface(s, cells.x[at]!, cells.y[at]!);
  cells.heightMm[at] = READ[0]!;
  cells.slopeX[at] = READ[1]!;
  cells.slopeY[at] = READ[2]!;
  const steep = Math.sqrt(1 + READ[1]! * READ[1]! + READ[2]! * READ[2]!);
  cells.normalZ[at] = Number.isFinite(steep) ? 1 / steep : 1;
}
