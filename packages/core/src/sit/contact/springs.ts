/** How pressure grows with squeeze d > 0: p = k d (1 + d / dh). */
export interface Springs {
  readonly stiffnessKPaPerMm: number;
  /** Infinity switches hardening off. */
  readonly hardeningMm: number;
}

/** Springs in series: the softest layer gives most. @param hardeningMm squeeze at which they have become twice as stiff */
export function inSeries(layersKPaPerMm: readonly number[], hardeningMm: number): Springs {
  return { stiffnessKPaPerMm: 1 / layersKPaPerMm.reduce((sum, k) => sum + 1 / k, 0), hardeningMm };
}

export const pressureKPa = ({ stiffnessKPaPerMm: k, hardeningMm }: Springs, squeezeMm: number): number =>
  squeezeMm > 0 ? k * squeezeMm * (1 + squeezeMm / hardeningMm) : 0;

/** The squeeze behind a pressure: p = k d (1 + d / dh) solved for d. */
export function squeezeAt({ stiffnessKPaPerMm: k, hardeningMm: dh }: Springs, kPa: number): number {
  return dh === Infinity ? kPa / k : (dh / 2) * (Math.sqrt(1 + (4 * kPa) / (k * dh)) - 1);
}
