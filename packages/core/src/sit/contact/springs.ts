/** Layers between tree and horse, kPa per mm of squeeze (defaults of the specification of this model; each is the setting of a school). */
export const LAYER_STIFFNESS = { wool: 2.5, foam: 3, air: 1.5, tissue: 4, feltPad: 5 } as const;
/** Squeeze at which a layer has become twice as stiff, mm (default). */
export const HARDENING_MM = 25;

/** How pressure grows with squeeze d > 0: p = k d (1 + d / dh). */
export interface Springs {
  readonly stiffnessKPaPerMm: number;
  /** Infinity switches hardening off. */
  readonly hardeningMm: number;
}

/** Springs in series: the softest layer gives most. */
export function inSeries(layersKPaPerMm: readonly number[], hardeningMm: number = HARDENING_MM): Springs {
  return { stiffnessKPaPerMm: 1 / layersKPaPerMm.reduce((sum, k) => sum + 1 / k, 0), hardeningMm };
}

export const pressureKPa = ({ stiffnessKPaPerMm: k, hardeningMm }: Springs, squeezeMm: number): number =>
  squeezeMm > 0 ? k * squeezeMm * (1 + squeezeMm / hardeningMm) : 0;
