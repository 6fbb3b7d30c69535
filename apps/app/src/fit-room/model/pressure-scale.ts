import { type School } from '@fulcra/core';
import { scaleThreshold } from 'd3-scale';

/** Straw to plum in steps that look even; the last is past the published level of a peak. */
export const PRESSURE_COLOURS = ['#F8EDCB', '#F1D9A0', '#E8BF78', '#DA9D57', '#C4743F', '#A44C38', '#7E2D37', '#571F2D'] as const;
/**
 * Upper ends of the steps but the last, kPa: two below the published level of the mean, three between it and that of the peak.
 * The published levels stand where the colours change; they decide nothing.
 */
export function pressureSteps({ published }: Pick<School['engine'], 'published'>): readonly number[] {
  const { meanKPa: mean, peakKPa: peak } = published;
  const between = (share: number): number => Math.round(mean + share * (peak - mean));
  return [Math.round(0.27 * mean), Math.round(0.55 * mean), mean, between(0.25), between(0.5), between(0.75), peak];
}

/** Which step a pressure belongs to: one that reaches an upper end has left its step. */
export const pressureStepper = (steps: readonly number[]): ((kPa: number) => number) =>
  scaleThreshold<number, number>()
    .domain([...steps])
    .range([...steps.keys(), steps.length]);
export const pressureStep = (kPa: number, steps: readonly number[]): number => pressureStepper(steps)(kPa);

export const rgbOf = (hex: string): readonly [number, number, number] => [
  parseInt(hex.slice(1, 3), 16),
  parseInt(hex.slice(3, 5), 16),
  parseInt(hex.slice(5, 7), 16),
];
const RGB = PRESSURE_COLOURS.map(rgbOf);

/**
 * One picture element per cell: tail to the right, near side at the foot, as a plan of a horse that looks left.
 * Panel that doesn't touch is drawn in `gap`; where there is no panel, nothing.
 */
export function pressureImage(
  { countX, countY }: { readonly countX: number; readonly countY: number },
  pressureKPa: Float64Array,
  overlapMm: Float64Array,
  gap: readonly [number, number, number],
  steps: readonly number[],
): Uint8ClampedArray {
  const stepOf = pressureStepper(steps);
  const pixels = new Uint8ClampedArray(countX * countY * 4);
  for (let i = 0; i < countX; i++) {
    for (let j = 0; j < countY; j++) {
      const at = i * countY + j;
      if (Number.isNaN(overlapMm[at]!)) continue;
      const [r, g, b] = pressureKPa[at]! > 0 ? RGB[stepOf(pressureKPa[at]!)]! : gap;
      const pixel = 4 * ((countY - 1 - j) * countX + i);
      pixels[pixel] = r;
      pixels[pixel + 1] = g;
      pixels[pixel + 2] = b;
      pixels[pixel + 3] = 255;
    }
  }
  return pixels;
}
