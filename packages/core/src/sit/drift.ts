import { N_PER_KPA_MM2 } from './contact/contact-problem';
import { type CellsAtRest } from './contact/step';
import { type PanelCells } from './contact/panel-cells';
import { type StrapPull } from './girth';

/** What tries to take the saddle along and across, and how much of the holding there is it uses. */
export interface Drift {
  /** Holding used over holding there is, fore and aft: - toward the head, + toward the tail. 1 is approached, not reached. */
  readonly along: number;
  /** The same sideways: - toward the near side, + toward the off. */
  readonly across: number;
  /** What the back's own pressing does along and across, what the straps do along, N. */
  readonly slopeAlongN: number;
  readonly strapsAlongN: number;
  readonly acrossN: number;
  /** What friction can hold at most along the back, N. */
  readonly holdsN: number;
}

type Cells = Pick<CellsAtRest, 'nx' | 'ny' | 'pressureKPa' | 'shearX' | 'shearY'>;

/**
 * Per direction e: - sum A t . Pe / sum A mu p |Pe|, P into the skin. What the back's slope presses along by itself stands beside
 * it. @returns nothing used and nothing there where friction is off
 */
export function driftOf(panel: Pick<PanelCells, 'count' | 'areaMm2'>, c: Cells, pulls: readonly StrapPull[], friction: number): Drift {
  let [usedX, usedY, thereX, thereY, slopeX, slopeY] = [0, 0, 0, 0, 0, 0];
  for (let i = 0; i < panel.count; i++) {
    const p = c.pressureKPa[i]!;
    if (!(p > 0)) continue;
    const area = panel.areaMm2[i]! * N_PER_KPA_MM2;
    const [nx, ny] = [c.nx[i]!, c.ny[i]!];
    // shear lies in the skin, so t . Pe is t . e
    usedX -= area * c.shearX[i]!;
    usedY -= area * c.shearY[i]!;
    thereX += area * friction * p * Math.sqrt(Math.max(0, 1 - nx * nx));
    thereY += area * friction * p * Math.sqrt(Math.max(0, 1 - ny * ny));
    slopeX += area * p * nx;
    slopeY += area * p * ny;
  }
  const share = (used: number, there: number): number => (there > 0 ? used / there : 0);
  return {
    along: share(usedX, thereX),
    across: share(usedY, thereY),
    slopeAlongN: slopeX,
    strapsAlongN: pulls.reduce((sum, s) => sum + s.alongN, 0),
    acrossN: slopeY,
    holdsN: thereX,
  };
}
