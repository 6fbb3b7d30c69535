import { type Problem, problem } from '../problems';
import { ARCH_LIMITS } from './front-arch';
import { type NumberSetting, settingValues } from './number-setting';
import { type SaddleMeasureId } from './saddle-measure-ids';
import { type DescribedSaddle } from './saddle-setup';
import { measureOf, unmeasuredOf } from './unmeasured';

/** What a described saddle can measure, mm or degrees (defaults, wide: foal saddle to draught harness). */
export const SADDLE_LIMITS = {
  lengthMm: [150, 800],
  curveMm: [-20, 80],
  channelMm: [20, 200],
  widthMm: [20, 220],
  depthMm: [0, 120],
  railAngleDeg: [ARCH_LIMITS.leastDeg, 175],
  massKg: [0.5, 40],
} as const;

export type SaddleProblem = Extract<Problem, { code: 'SADDLE_OUT_OF_RANGE' | 'SADDLE_RANGE_WITHOUT_VALUE' | 'SADDLE_PLACE_OUTSIDE' }>;

/** Why a description can't be a saddle; empty when it can. Each names the measure and what it may be. */
export function saddleProblems(saddle: DescribedSaddle): SaddleProblem[] {
  const { front, build } = saddle;
  const { frame, panel } = build;
  const checks: readonly (readonly [measure: SaddleMeasureId, value: number, range: readonly [number, number]])[] = [
    ['lengthMm', frame.lengthMm, SADDLE_LIMITS.lengthMm],
    ['midAngleDeg', frame.midAngleDeg, SADDLE_LIMITS.railAngleDeg],
    ['rearAngleDeg', frame.rearAngleDeg, SADDLE_LIMITS.railAngleDeg],
    ['massKg', frame.massKg, SADDLE_LIMITS.massKg],
    ['frontChannelMm', front.frontChannelMm, SADDLE_LIMITS.channelMm],
    ['channelMidMm', panel.channelMidMm, SADDLE_LIMITS.channelMm],
    ['channelRearMm', panel.channelRearMm, SADDLE_LIMITS.channelMm],
    ['widthFrontMm', panel.widthFrontMm, SADDLE_LIMITS.widthMm],
    ['widthMidMm', panel.widthMidMm, SADDLE_LIMITS.widthMm],
    ['widthRearMm', panel.widthRearMm, SADDLE_LIMITS.widthMm],
    ['depthMidMm', panel.depthMidMm, SADDLE_LIMITS.depthMm],
    ...of('curveMm', frame.curveMm, SADDLE_LIMITS.curveMm),
    ...of('depthFrontMm', panel.depthFrontMm, SADDLE_LIMITS.depthMm),
    ...of('depthRearMm', panel.depthRearMm, SADDLE_LIMITS.depthMm),
  ];
  const outside = checks.flatMap(([measure, value, [least, most]]) =>
    value >= least && value <= most ? [] : [problem('SADDLE_OUT_OF_RANGE', { measure, value, least, most })],
  );
  const inside = (at: number): boolean => at >= 0 && at <= frame.lengthMm;
  const misplaced = (
    [
      ['seatLowMm', frame.seatLowMm],
      ['barMm', frame.barMm],
      ['massAtMm', frame.massAtMm],
    ] as const
  ).flatMap(([measure, atMm]) => (inside(atMm) ? [] : [problem('SADDLE_PLACE_OUTSIDE', { measure, atMm, lengthMm: frame.lengthMm })]));
  return [...outside, ...misplaced, ...rangeProblems(saddle)];
}

/** Said to lie between two numbers, and standing outside them. */
const rangeProblems = (saddle: DescribedSaddle): SaddleProblem[] =>
  unmeasuredOf(saddle).flatMap((measure) => {
    const said = saddle.build.unmeasured![measure]!;
    const value = measureOf(saddle, measure);
    if (said === 'default' || (said[0] <= value && value <= said[1])) return [];
    return [problem('SADDLE_RANGE_WITHOUT_VALUE', { measure, value, least: said[0], most: said[1] })];
  });

const of = (measure: SaddleMeasureId, setting: NumberSetting, range: readonly [number, number]) => {
  const values = settingValues(setting);
  return [...new Set([setting.present, values[0] ?? setting.present, values.at(-1) ?? setting.present])].map(
    (v) => [measure, v, range] as const,
  );
};
