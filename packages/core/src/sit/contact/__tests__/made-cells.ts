import { type CellsHeld, type ContactLaw, type PointForce } from '../contact-problem';

type Three = readonly [number, number, number];

export interface MadeCell {
  readonly at: Three;
  readonly normal: Three;
  readonly squeezeMm?: number;
  readonly areaMm2: number;
  readonly k?: number;
}

const unit = ([x, y, z]: Three): Three => {
  const l = Math.hypot(x, y, z);
  return [x / l, y / l, z / l];
};

export function cellsOf(cells: readonly MadeCell[]): CellsHeld {
  const normals = cells.map((c) => unit(c.normal));
  const pick = (of: (c: MadeCell, i: number) => number): Float64Array => Float64Array.from(cells, of);
  return {
    x: pick((c) => c.at[0]),
    y: pick((c) => c.at[1]),
    z: pick((c) => c.at[2]),
    normalX: pick((_, i) => normals[i]![0]),
    normalY: pick((_, i) => normals[i]![1]),
    normalZ: pick((_, i) => normals[i]![2]),
    squeezeMm: pick((c) => c.squeezeMm ?? 0),
    areaMm2: pick((c) => c.areaMm2),
    stiffnessKPaPerMm: pick((c) => c.k ?? 2),
  };
}

/** A plane patch a along x and b along the skin across, its normal tilted; centred at a point. */
export function patch(a: number, b: number, normal: Three, centre: Three = [0, 0, 0], step = 10): MadeCell[] {
  const n = unit(normal);
  const e1 = unit([n[2], 0, -n[0]]);
  const e2: Three = [n[1] * e1[2] - n[2] * e1[1], n[2] * e1[0] - n[0] * e1[2], n[0] * e1[1] - n[1] * e1[0]];
  const out: MadeCell[] = [];
  for (let i = 0; i < a / step; i++)
    for (let j = 0; j < b / step; j++) {
      const [s, t] = [(i + 0.5) * step - a / 2, (j + 0.5) * step - b / 2];
      const at: Three = [centre[0] + s * e1[0] + t * e2[0], centre[1] + s * e1[1] + t * e2[1], centre[2] + s * e1[2] + t * e2[2]];
      out.push({ at, normal: n, areaMm2: step * step });
    }
  return out;
}

export const LAW: ContactLaw = { hardeningMm: Infinity, shearShare: 0.35, friction: 0.35 };
export const weight = (downN: number, x = 0, y = 0, z = 0): PointForce => ({ x, y, z, forceX: 0, forceY: 0, forceZ: -downN });
