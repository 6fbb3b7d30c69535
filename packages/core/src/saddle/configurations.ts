import { settingValues } from './number-setting';
import { makeableShapes } from './width-setting';
import { type DescribedSaddle, type SaddleSetup, middleSetup, shapeOf } from './saddle-setup';

/** What a workshop can make of one saddle, one list of values per property that can be changed. */
interface Axis {
  readonly values: readonly number[];
  readonly middle: number;
  readonly put: (setup: SaddleSetup, value: number) => SaddleSetup;
}

function axesOf({ front, build }: DescribedSaddle, middle: SaddleSetup): Axis[] {
  const axis = (values: readonly number[], at: number, put: Axis['put']): Axis => ({ values, middle: values.indexOf(at), put });
  const shapes = makeableShapes(front);
  const { curveMm } = build.frame;
  const { depthFrontMm, depthRearMm } = build.panel;
  return [
    axis(
      front.settings.map((_, i) => i),
      middle.width,
      (s, width) => ({ ...s, width }),
    ),
    axis(
      shapes.map((_, i) => i),
      shapes.indexOf(shapeOf({ front }, middle)),
      (s, i) => ({ ...s, shape: shapes[i]! }),
    ),
    axis(settingValues(curveMm), middle.curveMm, (s, v) => ({ ...s, curveMm: v })),
    axis(settingValues(depthFrontMm), middle.frontDepthMm, (s, v) => ({ ...s, frontDepthMm: v })),
    axis(settingValues(depthRearMm), middle.rearDepthMm, (s, v) => ({ ...s, rearDepthMm: v })),
  ].filter((a) => a.values.length > 1);
}

export function configurationCount(saddle: DescribedSaddle): number {
  return axesOf(saddle, middleSetup(saddle, 0)).reduce((n, a) => n * a.values.length, 1);
}

/**
 * Every makeable configuration, one at a time, from the middle of all ranges outward:
 * first the middle itself, then all that are one step away from it, then two, and so on.
 */
export function* configurations(saddle: DescribedSaddle, placeMm: number): Generator<SaddleSetup> {
  const middle = middleSetup(saddle, placeMm);
  const axes = axesOf(saddle, middle);
  const furthest = axes.reduce((sum, a) => sum + Math.max(a.middle, a.values.length - 1 - a.middle), 0);
  for (let steps = 0; steps <= furthest; steps++) yield* atDistance(axes, 0, steps, middle);
}

function* atDistance(axes: readonly Axis[], from: number, steps: number, setup: SaddleSetup): Generator<SaddleSetup> {
  const axis = axes[from];
  if (axis === undefined) {
    if (steps === 0) yield setup;
    return;
  }
  for (let away = 0; away <= steps; away++) {
    const sides = away === 0 ? [axis.middle] : [axis.middle - away, axis.middle + away];
    for (const at of sides) {
      const value = axis.values[at];
      if (value !== undefined) yield* atDistance(axes, from + 1, steps - away, axis.put(setup, value));
    }
  }
}
