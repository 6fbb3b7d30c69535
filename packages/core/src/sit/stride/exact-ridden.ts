import { type BackSurface } from '../../back/surface';
import { type CellsHeld, type ContactLaw, type PointForce } from '../contact/contact-problem';
import { type CellGrid, peakOf } from '../contact/contact-measures';
import { type PanelCells, type SaddleForce } from '../contact/panel-cells';
import { restOf } from '../contact/rest';
import { AS_PUT, motionOf } from '../contact/rigid';
import { OFF_THE_BACK_MM, roomForSamples, sampleAt } from '../contact/sampling';

/** The panel made to the resting back: cells on the skin, clear only by what its design leaves clear. */
export interface ExactPanel {
  readonly grid: CellGrid;
  readonly cells: CellsHeld;
  readonly law: ContactLaw;
  /** From where the load comes down at halt to the middle of what bears: an exact fit is also balanced. */
  readonly shift: { readonly x: number; readonly y: number };
}

export function exactPanel(
  grid: CellGrid,
  panel: PanelCells,
  surface: BackSurface,
  law: ContactLaw,
  atHalt: readonly SaddleForce[],
): ExactPanel {
  const at = roomForSamples(panel.count);
  sampleAt(panel, surface, { ...motionOf(AS_PUT), bent: 0, opened: 0 }, at);
  const used = (i: number): boolean => at.squeezeMm[i]! > OFF_THE_BACK_MM;
  const z = Float64Array.from(panel.z, (v, i) => (used(i) ? v + panel.overlapMm[i]! : v));
  const squeezeMm = Float64Array.from(panel.reliefMm, (r, i) => (used(i) ? -r : OFF_THE_BACK_MM));
  const cells = { x: panel.x, y: panel.y, z, normalX: at.nx, normalY: at.ny, normalZ: at.nz, squeezeMm, areaMm2: panel.areaMm2 };
  const whole = { ...cells, stiffnessKPaPerMm: panel.stiffnessKPaPerMm };
  return { grid, cells: whole, law, shift: shiftToMiddle(whole, atHalt) };
}

function shiftToMiddle({ x, y, areaMm2, normalZ, squeezeMm }: CellsHeld, loads: readonly SaddleForce[]): ExactPanel['shift'] {
  let [area, sumX, sumY] = [0, 0, 0];
  for (let i = 0; i < x.length; i++) {
    if (squeezeMm[i]! < -1) continue;
    const level = areaMm2[i]! * normalZ[i]!;
    area += level;
    sumX += level * x[i]!;
    sumY += level * y[i]!;
  }
  const down = loads.reduce((s, l) => s + l.forceZ, 0);
  const mean = (of: (l: SaddleForce) => number): number => (down === 0 ? 0 : loads.reduce((s, l) => s + l.forceZ * of(l), 0) / down);
  return area === 0 ? { x: 0, y: 0 } : { x: sumX / area - mean((l) => l.xMm), y: sumY / area - mean((l) => l.yMm) };
}

/** Greatest mean over a disc that this rider's exact fit reads at an instant: same load, as the gait moves and turns it; kPa. */
export function exactPeak({ grid, cells, law, shift }: ExactPanel, loads: readonly SaddleForce[]): number {
  const moved = loads.map((l): PointForce => ({
    x: l.xMm + shift.x,
    y: l.yMm + shift.y,
    z: l.zMm,
    forceX: l.forceX,
    forceY: l.forceY,
    forceZ: l.forceZ,
  }));
  const { pressureKPa } = restOf({ cells, law, loads: moved }, {}, { until: 1e-5 });
  return peakOf(grid, { x: asList(cells.x), y: asList(cells.y), z: asList(cells.z), pressureKPa }).kPa;
}

const asList = (from: ArrayLike<number>): Float64Array => (from instanceof Float64Array ? from : Float64Array.from(from));
