import { type BackSurface } from '../../back/surface';
import { READ, readSurface } from '../../back/surface-read';
import { type Motion } from './rigid';
import { type PanelCells } from './panel-cells';

/** Where the cells are and what of the back is there; one entry per cell. */
export interface SampledCells {
  readonly x: Float64Array;
  readonly y: Float64Array;
  readonly z: Float64Array;
  readonly nx: Float64Array;
  readonly ny: Float64Array;
  readonly nz: Float64Array;
  readonly squeezeMm: Float64Array;
}

/** Looked up once: an export of another file is looked up on every use, and these are used for every cell. */
const [read, readAt] = [READ, readSurface];

export const roomForSamples = (count: number): SampledCells => {
  const make = (): Float64Array => new Float64Array(count);
  return { x: make(), y: make(), z: make(), nx: make(), ny: make(), nz: make(), squeezeMm: make() };
};

/** What stands for the squeeze of a cell that has no back under it, mm: far off. */
export const OFF_THE_BACK_MM = -1e6;

/** A motion of the saddle, and how far its tree has given, radians. */
export interface Placing extends Motion {
  readonly bent: number;
  readonly opened: number;
}

/** Puts the cells where a true turn and the tree's giving take them, and reads the back there. */
export function sampleAt(panel: PanelCells, surface: BackSurface, { r, t, bent, opened }: Placing, into: SampledCells): void {
  const r0 = r[0]!;
  const r1 = r[1]!;
  const r2 = r[2]!;
  const r3 = r[3]!;
  const r4 = r[4]!;
  const r5 = r[5]!;
  const r6 = r[6]!;
  const r7 = r[7]!;
  const r8 = r[8]!;
  const t0 = t[0]!;
  const t1 = t[1]!;
  const t2 = t[2]!;
  const gives = bent !== 0 || opened !== 0;
  for (let i = 0; i < panel.count; i++) {
    const px = panel.x[i]!;
    let py = panel.y[i]!;
    let pz = panel.z[i]!;
    if (gives) {
      py += opened * panel.openY[i]!;
      pz += bent * panel.bendZ[i]! + opened * panel.openZ[i]!;
    }
    into.x[i] = r0 * px + r1 * py + r2 * pz + t0;
    into.y[i] = r3 * px + r4 * py + r5 * pz + t1;
    into.z[i] = r6 * px + r7 * py + r8 * pz + t2;
  }
  readBack(panel, surface, into);
}

function readBack({ count, overlapMm }: PanelCells, surface: BackSurface, { x, y, z, nx, ny, nz, squeezeMm }: SampledCells): void {
  for (let i = 0; i < count; i++) {
    const known = overlapMm[i]! === overlapMm[i]!;
    if (known) readOnOrBeyond(surface, x[i]!, y[i]!);
    const height = read[0]!;
    if (!known || height !== height) {
      nx[i] = 0;
      ny[i] = 0;
      nz[i] = 1;
      squeezeMm[i] = OFF_THE_BACK_MM;
      continue;
    }
    const slopeX = read[1]!;
    const slopeY = read[2]!;
    const up = 1 / Math.sqrt(1 + slopeX * slopeX + slopeY * slopeY);
    nx[i] = -slopeX * up;
    ny[i] = -slopeY * up;
    nz[i] = up;
    squeezeMm[i] = (height - z[i]!) * up;
  }
}

/** Steps toward the middle of the back in which its edge is looked for, mm. */
const INWARD_MM = [2, 5, 10, 20] as const;

/**
 * A cell that lay on the back as it was put stays on it: past the edge of what was measured the back is carried on straight.
 * (Otherwise a cell at the edge would be there or not by a hair's breadth.)
 */
function readOnOrBeyond(surface: BackSurface, x: number, y: number): void {
  readAt(surface, x, y);
  if (read[0]! === read[0]!) return;
  const lastX = surface.x0Mm + (surface.countX - 1) * surface.stepMm;
  for (const inward of INWARD_MM) {
    const nearX = Math.min(Math.max(x, surface.x0Mm + inward), lastX - inward);
    const nearY = y - Math.sign(y) * inward;
    readAt(surface, nearX, nearY);
    const height = read[0]!;
    if (height !== height) continue;
    read[0] = height + read[1]! * (x - nearX) + read[2]! * (y - nearY);
    return;
  }
}
