import { degFromRad } from '../units';
import { type Section, depthReachedMm, sideOutward } from './section';
import { halfWidthAtMm } from './section-measures';
import { type SectionStation, STATION_TABLE } from './stations';

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
  readonly because: GaugeBecause | 'onlyOneReaches' | 'neitherReaches';
}

/** The shape of the withers as it was read off the topline or chosen by the fitter. */
export type WithersShape = 'flat' | 'ordinary' | 'high';
/** Why one pair of depths is believed before the other. */
export type GaugeBecause = 'shapeHigh' | 'shapeNotHigh' | 'highWithers' | 'ordinaryWithers' | 'unknownWithers';

/**
 * Which pair these withers ask for: the upper on high ones, else the lower. One reading decides everywhere: their shape where that
 * is known, else how narrow they are.
 * @param acrossMm both sides together at the upper gauge's first depth; null while that isn't known
 */
export function gaugeFor(
  withers: WithersShape | null,
  acrossMm: number | null,
): { readonly id: WidthGauge['id']; readonly because: GaugeBecause } {
  if (withers !== null) return withers === 'high' ? { id: 'upper', because: 'shapeHigh' } : { id: 'lower', because: 'shapeNotHigh' };
  if (acrossMm === null) return { id: 'lower', because: 'unknownWithers' };
  return acrossMm < HIGH_WITHERS_ACROSS_MM ? { id: 'upper', because: 'highWithers' } : { id: 'lower', because: 'ordinaryWithers' };
}

/** Where widths are taken at a station, mm below the spine: high withers need the upper pair and still a width where the points end. */
export function widthDepthsMm(station: SectionStation, withers: WithersShape | null): readonly number[] {
  const { widthsAtMm } = STATION_TABLE[station];
  if (widthsAtMm !== 'gauge') return widthsAtMm;
  const [upper, lower] = WIDTH_GAUGES;
  return gaugeFor(withers, null).id === 'upper' ? [...upper.depthsMm, lower.depthsMm[1]] : lower.depthsMm;
}

/** Reads both gauges off a section and says which predicts the tree better. */
export function widthGauges(section: Section, withers: WithersShape | null = null): TrustedGauges {
  const readings = WIDTH_GAUGES.flatMap((gauge) => readGauge(section, gauge) ?? []);
  if (readings.length < 2) {
    return { readings, trusted: readings[0]?.id ?? null, because: readings.length === 1 ? 'onlyOneReaches' : 'neitherReaches' };
  }
  const upper = readings[0]!;
  const { id, because } = gaugeFor(withers, upper.nearMm[0] + upper.offMm[0]);
  return { readings, trusted: id, because };
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
