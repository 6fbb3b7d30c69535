import { type BackSurface } from '../../../back/surface';
import { type ContactLaw } from '../contact-problem';
import { type PanelCells, type SaddleForce } from '../panel-cells';
import { type SettleJob } from '../settle';
import { type Springs } from '../springs';

type Height = (xMm: number, yMm: number) => number;

/** A back as a height over the plane, on a grid so fine that its edges don't matter. */
export function surfaceOf(height: Height, halfMm = 320, stepMm = 8): BackSurface {
  const count = Math.round((2 * halfMm) / stepMm) + 1;
  const heights = new Float64Array(count * count);
  for (let i = 0; i < count; i++)
    for (let j = 0; j < count; j++) heights[i * count + j] = height(-halfMm + i * stepMm, -halfMm + j * stepMm);
  return { x0Mm: -halfMm, y0Mm: -halfMm, stepMm, countX: count, countY: count, heights } as unknown as BackSurface;
}

export interface PanelNumbers {
  readonly lengthMm: number;
  readonly acrossMm: number;
  readonly stepMm?: number;
  readonly underside?: Height;
  readonly stiffnessKPaPerMm?: number;
}

/** The cells of a plate about the origin; NaN of its underside is no cell. */
export function panelOf(
  back: Height,
  { lengthMm, acrossMm, stepMm = 5, underside = () => 0, stiffnessKPaPerMm = 2 }: PanelNumbers,
): PanelCells {
  const [countX, countY] = [Math.round(lengthMm / stepMm), Math.round(acrossMm / stepMm)];
  const cells: { at: number; x: number; y: number; z: number; overlap: number; nz: number }[] = [];
  for (let i = 0; i < countX; i++)
    for (let j = 0; j < countY; j++) {
      const [x, y] = [-lengthMm / 2 + (i + 0.5) * stepMm, -acrossMm / 2 + (j + 0.5) * stepMm];
      const z = underside(x, y);
      if (Number.isNaN(z)) continue;
      const [sx, sy] = [(back(x + 1, y) - back(x - 1, y)) / 2, (back(x, y + 1) - back(x, y - 1)) / 2];
      cells.push({ at: i * countY + j, x, y, z, overlap: back(x, y) - z, nz: 1 / Math.hypot(1, sx, sy) });
    }
  const pick = (of: (c: (typeof cells)[number]) => number): Float64Array => Float64Array.from(cells, of);
  const none = new Float64Array(cells.length);
  return {
    count: cells.length,
    gridAt: Int32Array.from(cells, (c) => c.at),
    x: pick((c) => c.x),
    y: pick((c) => c.y),
    z: pick((c) => c.z),
    areaMm2: pick((c) => (stepMm * stepMm) / c.nz),
    stiffnessKPaPerMm: pick(() => stiffnessKPaPerMm),
    overlapMm: pick((c) => c.overlap),
    normalZ: pick((c) => c.nz),
    reliefMm: none,
    bendZ: pick((c) => c.x ** 2 / (2 * lengthMm)),
    openY: none,
    openZ: none,
  };
}

export const down = (downN: number, xMm = 0, yMm = 0, zMm = 0): SaddleForce => ({ xMm, yMm, zMm, forceX: 0, forceY: 0, forceZ: -downN });

export const SLICK: ContactLaw = { hardeningMm: Infinity, shearShare: 0.35, friction: 0 };
export const HELD: ContactLaw = { hardeningMm: 25, shearShare: 0.35, friction: 0.35 };
export const lawOf = (springs: Springs, friction = 0.35): ContactLaw => ({ hardeningMm: springs.hardeningMm, shearShare: 0.35, friction });

/** A plate on a back under loads. */
export const jobOf = (back: Height, panel: PanelNumbers, loads: readonly SaddleForce[], more: Partial<SettleJob> = {}): SettleJob => ({
  panel: panelOf(back, panel),
  surface: surfaceOf(back),
  loads,
  law: SLICK,
  tree: null,
  stays: { levelMm: 20, turnDeg: 8 },
  locked: ['surge', 'sway', 'yaw'],
  ...more,
});
