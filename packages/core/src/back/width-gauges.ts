import { degFromRad } from '../units';
import { type Section, depthReachedMm, sideOutward } from './section';
import { halfWidthAtMm } from './section-measures';

/** A named pair of depths at which people write two widths down. */
export interface WidthGauge {
  readonly id: 'upper' | 'lower';
  readonly depthsMm: readonly [number, number];
}
/** Defaults: the upper pair lies on the wedge of the withers, the lower on the flank under the panel. */
export const WIDTH_GAUGES: readonly [WidthGauge, WidthGauge] = [
  { id: 'upper', depthsMm: [40, 80] },
  { id: 'lower', depthsMm: [80, 140] },
];

export interface GaugeReading {
  readonly id: WidthGauge['id'];
  readonly depthsMm: readonly [number, number];
  readonly nearMm: readonly [number, number];
  readonly offMm: readonly [number, number];
  /** Angle from the vertical through the two widths, both sides together. */
  readonly includedAngleDeg: number;
}

/** A withers counts as high where it is narrower than this across at the upper gauge's first depth (default). */
export const HIGH_WITHERS_ACROSS_MM = 72;

export interface TrustedGauges {
  readonly readings: readonly GaugeReading[];
  readonly trusted: WidthGauge['id'] | null;
  readonly because: 'highWithers' | 'ordinaryWithers' | 'onlyOneReaches' | 'neitherReaches';
}

/** Reads both gauges off a section and says which predicts the tree better: the upper on a high-withered horse, else the lower. */
export function widthGauges(section: Section): TrustedGauges {
  const readings = WIDTH_GAUGES.flatMap((gauge) => readGauge(section, gauge) ?? []);
  if (readings.length < 2) {
    return { readings, trusted: readings[0]?.id ?? null, because: readings.length === 1 ? 'onlyOneReaches' : 'neitherReaches' };
  }
  const upper = readings[0]!;
  const high = upper.nearMm[0] + upper.offMm[0] < HIGH_WITHERS_ACROSS_MM;
  return { readings, trusted: high ? 'upper' : 'lower', because: high ? 'highWithers' : 'ordinaryWithers' };
}

function readGauge(section: Section, { id, depthsMm }: WidthGauge): GaugeReading | null {
  const [near, off] = [sideOutward(section, 'near'), sideOutward(section, 'off')];
  if (Math.min(depthReachedMm(near), depthReachedMm(off)) < depthsMm[1]) return null;
  const at = (side: typeof near): [number, number] => [halfWidthAtMm(side, depthsMm[0])!, halfWidthAtMm(side, depthsMm[1])!];
  const [nearMm, offMm] = [at(near), at(off)];
  const apart = depthsMm[1] - depthsMm[0];
  const angle = ([upper, lower]: readonly [number, number]): number => degFromRad(Math.atan((lower - upper) / apart));
  return { id, depthsMm, nearMm, offMm, includedAngleDeg: angle(nearMm) + angle(offMm) };
}
