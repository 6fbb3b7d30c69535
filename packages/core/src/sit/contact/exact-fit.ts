import { type ContactLaw, N_PER_KPA_MM2 } from './contact-problem';
import { type CellGrid, peakOf } from './contact-measures';
import { type PanelCells } from './panel-cells';

/** The same panel made to this back, under the same load through its middle: what this rider could have at best. */
export interface ExactFit {
  readonly sinksMm: number;
  readonly meanKPa: number;
  readonly peakKPa: number;
  readonly areaCm2: number;
}

/** Secants of the load, and the share of it that is near enough. */
const ROUNDS = 40;
const NEAR_ENOUGH = 1e-6;

/**
 * A saddle whose underside is the back and a constant depth, lowered by delta: each cell is squeezed by delta n_z less what its
 * design leaves clear there, and clings with k_t delta sqrt(1 - n_z^2) up to friction times its pressure; delta from the load.
 * @param carriedN what presses down
 */
export function exactFit(grid: CellGrid, panel: PanelCells, law: ContactLaw, carriedN: number): ExactFit {
  const used = (i: number): boolean => panel.overlapMm[i]! === panel.overlapMm[i]!;
  const pressures = new Float64Array(panel.count);
  const carries = (delta: number): number => {
    let sum = 0;
    for (let i = 0; i < panel.count; i++) {
      if (!used(i)) continue;
      const nz = panel.normalZ[i]!;
      const k = panel.stiffnessKPaPerMm[i]!;
      const d = delta * nz - panel.reliefMm[i]!;
      if (!(d > 0)) {
        pressures[i] = 0;
        continue;
      }
      const p = k * d * (1 + d / law.hardeningMm);
      pressures[i] = p;
      const flat = Math.sqrt(Math.max(0, 1 - nz * nz));
      const touched = 1 - panel.reliefMm[i]! / (delta * nz);
      const clings = Math.min(law.shearShare * k * delta * flat * touched, law.friction * p);
      sum += panel.areaMm2[i]! * N_PER_KPA_MM2 * (p * nz + clings * flat);
    }
    return sum;
  };
  let delta = carriedN / Math.max(1e-9, firmness(panel, law));
  let before = { delta: 0, carried: 0 };
  for (let i = 0; i < ROUNDS; i++) {
    const carried = carries(delta);
    if (Math.abs(carried - carriedN) < NEAR_ENOUGH * carriedN || !(carried > 0 || i < 5)) break;
    const slope = (carried - before.carried) / (delta - before.delta);
    before = { delta, carried };
    // nothing bears yet: further down
    delta = slope > 0 ? Math.max(delta / 4, Math.min(delta * 4, delta + (carriedN - carried) / slope)) : delta * 2;
  }
  return { sinksMm: delta, ...told(grid, panel, pressures) };
}

/** What all cells together would carry by the mm, without hardening and edges: where to begin. */
function firmness({ count, areaMm2, normalZ, stiffnessKPaPerMm }: PanelCells, { shearShare }: ContactLaw): number {
  let sum = 0;
  for (let i = 0; i < count; i++) {
    const nz = normalZ[i]!;
    sum += areaMm2[i]! * N_PER_KPA_MM2 * stiffnessKPaPerMm[i]! * (nz * nz + shearShare * (1 - nz * nz));
  }
  return sum;
}

function told(grid: CellGrid, panel: PanelCells, pressures: Float64Array): Omit<ExactFit, 'sinksMm'> {
  let [sum, area] = [0, 0];
  const z = Float64Array.from(panel.overlapMm, (o, i) => (o === o ? o + panel.z[i]! : 0));
  for (let i = 0; i < panel.count; i++) {
    if (!(pressures[i]! > 0)) continue;
    area += panel.areaMm2[i]!;
    sum += pressures[i]! * panel.areaMm2[i]!;
  }
  const { kPa } = peakOf(grid, { x: panel.x, y: panel.y, z, pressureKPa: pressures });
  return { meanKPa: area > 0 ? sum / area : 0, peakKPa: kPa, areaCm2: area / 100 };
}
