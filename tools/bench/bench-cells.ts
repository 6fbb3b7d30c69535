import { type BackSurface, type PanelCells, type SaddleForce, type SettleJob, ENGINE_DEFAULTS, inSeries } from '@fulcra/core';

const STEP_MM = 4.9;
const back = (x: number, y: number): number => -(Math.hypot(y, 30) - 30) * 0.9 + 15 * (x / 200) ** 2 - 0.02 * x;
const underside = (x: number, y: number): number => 12 * (x / 200) ** 2 - 0.85 * (Math.hypot(y, 30) - 30);

function surface(halfMm = 320, stepMm = 5): BackSurface {
  const count = Math.round((2 * halfMm) / stepMm) + 1;
  const heights = Float64Array.from({ length: count * count }, (_, at) =>
    back(-halfMm + Math.floor(at / count) * stepMm, -halfMm + (at % count) * stepMm),
  );
  return { x0Mm: -halfMm, y0Mm: -halfMm, stepMm, countX: count, countY: count, heights } as unknown as BackSurface;
}

/** A saddle-like underside on a back-like back: 4018 places of a grid, those under the panels as cells. */
function panel(): PanelCells {
  const [countX, countY] = [82, 49];
  const cells = Array.from({ length: countX * countY }, (_, at) => {
    const [x, y] = [-200 + (Math.floor(at / countY) + 0.5) * STEP_MM, -120 + ((at % countY) + 0.5) * STEP_MM];
    const nz = 1 / Math.hypot(1, (back(x + 1, y) - back(x - 1, y)) / 2, (back(x, y + 1) - back(x, y - 1)) / 2);
    return { at, x, y, z: underside(x, y), overlap: back(x, y) - underside(x, y), nz };
  });
  const pick = (of: (c: (typeof cells)[number]) => number): Float64Array => Float64Array.from(cells, of);
  const none = new Float64Array(cells.length);
  const layers = [ENGINE_DEFAULTS.stiffnessKPaPerMm.wool, ENGINE_DEFAULTS.stiffnessKPaPerMm.tissue];
  const { stiffnessKPaPerMm } = inSeries(layers, ENGINE_DEFAULTS.hardeningMm);
  return {
    count: cells.length,
    gridAt: Int32Array.from(cells, (c) => c.at),
    x: pick((c) => c.x),
    y: pick((c) => c.y),
    z: pick((c) => c.z),
    areaMm2: pick((c) => (STEP_MM * STEP_MM) / c.nz),
    stiffnessKPaPerMm: pick(() => stiffnessKPaPerMm),
    overlapMm: pick((c) => c.overlap),
    normalZ: pick((c) => c.nz),
    reliefMm: none,
    bendZ: none,
    openY: none,
    openZ: none,
  };
}

const load = (downN: number): SaddleForce => ({ xMm: 20, yMm: 3, zMm: 30, forceX: 0, forceY: 0, forceZ: -downN });
const { hardeningMm, shearShare, friction, stays } = ENGINE_DEFAULTS;
const fixed = { panel: panel(), surface: surface(), law: { hardeningMm, shearShare, friction }, tree: null, stays };

/** 4018 cells under so much weight. */
export const benchJob = (downN: number): SettleJob => ({ ...fixed, loads: [load(downN)] });
