import { type Springs } from './contact/springs';
import { type Settled } from './contact/settle';
import { type BackCells } from './seat-cells';
import { type StrapPull } from './loads';

/** What pulls the saddle along and across, against what holds it. */
export interface Drift {
  /** Share of the friction used, fore and aft: - toward the head, + toward the tail; beyond 1 it slides. */
  readonly along: number;
  /** The same sideways: - toward the near side, + toward the off. */
  readonly across: number;
  /** What the slope of the back alone does, and what the straps do, N. */
  readonly slopeAlongN: number;
  readonly strapsAlongN: number;
  readonly acrossN: number;
  /** What friction can hold at most, N. */
  readonly holdsN: number;
}

/**
 * The back presses on the saddle along its own normals; what those don't balance, friction has to.
 * Downhill and pear-shaped backs push forward by themselves, whatever else is right.
 */
export function driftOf(back: BackCells, settled: Settled, pulls: readonly StrapPull[], friction: number): Drift {
  const area = back.stepMm * back.stepMm * 1e-3;
  let [alongN, acrossN, normalN] = [0, 0, 0];
  for (let i = 0; i < settled.pressureKPa.length; i++) {
    const p = settled.pressureKPa[i]!;
    if (p <= 0) continue;
    alongN -= p * area * back.slopeX[i]!;
    acrossN -= p * area * back.slopeY[i]!;
    normalN += (p * area) / back.normalZ[i]!;
  }
  const strapsAlongN = pulls.reduce((sum, s) => sum + s.alongN, 0);
  const holdsN = friction * normalN;
  const share = (n: number): number => (holdsN > 0 ? n / holdsN : 0);
  return {
    along: share(alongN + strapsAlongN),
    across: share(acrossN),
    slopeAlongN: alongN,
    strapsAlongN,
    acrossN,
    holdsN,
  };
}

/** How hard a settled saddle is to tip and to roll, Nm per degree, the heave let go: a pitch that gives easily rocks. */
export interface TipStiffness {
  readonly pitchNmPerDeg: number;
  readonly rollNmPerDeg: number;
}

export function tipStiffness(back: BackCells, settled: Settled, springs: Springs): TipStiffness {
  const { pressureKPa } = settled;
  const { x, y, normalZ } = back;
  const soft = 1 / springs.hardeningMm;
  const area = back.stepMm * back.stepMm * 1e-3 * springs.stiffnessKPaPerMm;
  let [k, kx, ky, kxx, kyy] = [0, 0, 0, 0, 0];
  for (let i = 0; i < pressureKPa.length; i++) {
    const p = pressureKPa[i]!;
    if (p <= 0) continue;
    const stiff = area * normalZ[i]! * (1 + 2 * squeezeAt(springs, p) * soft);
    const sx = stiff * x[i]!;
    const sy = stiff * y[i]!;
    k += stiff;
    kx += sx;
    ky += sy;
    kxx += sx * x[i]!;
    kyy += sy * y[i]!;
  }
  const perDeg = (m: number): number => (m * Math.PI) / 180 / 1000;
  return k === 0
    ? { pitchNmPerDeg: 0, rollNmPerDeg: 0 }
    : { pitchNmPerDeg: perDeg(kxx - (kx * kx) / k), rollNmPerDeg: perDeg(kyy - (ky * ky) / k) };
}

/** The squeeze behind a pressure: p = k d (1 + d / dh) solved for d. */
export function squeezeAt(springs: Springs, kPa: number): number {
  const k = springs.stiffnessKPaPerMm;
  const dh = springs.hardeningMm;
  return dh === Infinity ? kPa / k : (dh / 2) * (Math.sqrt(1 + (4 * kPa) / (k * dh)) - 1);
}
