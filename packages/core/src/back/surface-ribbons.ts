import { type NearOff } from '../units';
import { hermiteAt } from './surface-steps';

/** y and z of one side at equal running lengths, station after station, with their slopes along the back. */
export interface SampledSide {
  readonly count: number;
  readonly y: readonly Float64Array[];
  readonly z: readonly Float64Array[];
  readonly dy: readonly Float64Array[];
  readonly dz: readonly Float64Array[];
}

/** One side of every row: `count` points per row from the spine outward; y grows away from the spine on both sides. */
export interface RibbonSide {
  readonly count: number;
  readonly y: Float64Array;
  readonly z: Float64Array;
  readonly widestMm: number;
}

/** The surface as rows of points across the horse. */
export type Ribbons = { readonly xMm: readonly number[] } & Readonly<Record<NearOff, RibbonSide>>;

export function ribbonsAt(
  rows: readonly number[],
  spine: readonly number[],
  stationsMm: readonly number[],
  sides: Readonly<Record<NearOff, SampledSide>>,
): Ribbons {
  return { xMm: rows, near: ribbon(rows, spine, stationsMm, sides.near), off: ribbon(rows, spine, stationsMm, sides.off) };
}

function ribbon(rows: readonly number[], spine: readonly number[], stationsMm: readonly number[], side: SampledSide): RibbonSide {
  const { count } = side;
  const y = new Float64Array(rows.length * count);
  const z = new Float64Array(rows.length * count);
  let widestMm = 0;
  rows.forEach((x, row) => {
    const { k, f0, f1, d0, d1 } = hermiteAt(stationsMm, x);
    const [y0, y1, dy0, dy1] = [side.y[k]!, side.y[k + 1]!, side.dy[k]!, side.dy[k + 1]!];
    const [z0, z1, dz0, dz1] = [side.z[k]!, side.z[k + 1]!, side.dz[k]!, side.dz[k + 1]!];
    const lift = spine[row]!;
    const start = row * count;
    for (let j = 0; j < count; j++) {
      const across = f0 * y0[j]! + f1 * y1[j]! + d0 * dy0[j]! + d1 * dy1[j]!;
      y[start + j] = across;
      z[start + j] = lift + f0 * z0[j]! + f1 * z1[j]! + d0 * dz0[j]! + d1 * dz1[j]!;
      if (across > widestMm) widestMm = across;
    }
  });
  return { count, y, z, widestMm };
}
