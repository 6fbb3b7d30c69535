import { type Problem, problem } from '../problems';
import { ARCH_LIMITS } from './front-arch';
import { type NumberSetting, settingValues } from './number-setting';
import { type DescribedSaddle } from './saddle-setup';

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

/** Why a description can't be a saddle; empty when it can. Each names the measure and what it may be. */
export function saddleProblems({ front, build }: DescribedSaddle): Problem[] {
  const { frame, panel } = build;
  const checks: readonly (readonly [name: string, value: number, range: readonly [number, number]])[] = [
    ['length', frame.lengthMm, SADDLE_LIMITS.lengthMm],
    ['middle angle', frame.midAngleDeg, SADDLE_LIMITS.railAngleDeg],
    ['rear angle', frame.rearAngleDeg, SADDLE_LIMITS.railAngleDeg],
    ['mass', frame.massKg, SADDLE_LIMITS.massKg],
    ['channel in front', front.frontChannelMm, SADDLE_LIMITS.channelMm],
    ['channel in the middle', panel.channelMidMm, SADDLE_LIMITS.channelMm],
    ['channel at the rear', panel.channelRearMm, SADDLE_LIMITS.channelMm],
    ['panel width in front', panel.widthFrontMm, SADDLE_LIMITS.widthMm],
    ['panel width in the middle', panel.widthMidMm, SADDLE_LIMITS.widthMm],
    ['panel width at the rear', panel.widthRearMm, SADDLE_LIMITS.widthMm],
    ['panel depth in the middle', panel.depthMidMm, SADDLE_LIMITS.depthMm],
    ...of('lengthwise curve', frame.curveMm, SADDLE_LIMITS.curveMm),
    ...of('panel depth in front', panel.depthFrontMm, SADDLE_LIMITS.depthMm),
    ...of('gusset', panel.depthRearMm, SADDLE_LIMITS.depthMm),
  ];
  const outside = checks.flatMap(([measure, value, [least, most]]) =>
    value >= least && value <= most ? [] : [problem('SADDLE_OUT_OF_RANGE', { measure, value, least, most })],
  );
  const inside = (at: number): boolean => at >= 0 && at <= frame.lengthMm;
  const misplaced = (
    [
      ['seat', frame.seatLowMm],
      ['stirrup bar', frame.barMm],
      ['balance of the saddle', frame.massAtMm],
    ] as const
  ).flatMap(([measure, atMm]) => (inside(atMm) ? [] : [problem('SADDLE_PLACE_OUTSIDE', { measure, atMm, lengthMm: frame.lengthMm })]));
  return [...outside, ...misplaced];
}

const of = (name: string, setting: NumberSetting, range: readonly [number, number]) => {
  const values = settingValues(setting);
  return [...new Set([setting.present, values[0] ?? setting.present, values.at(-1) ?? setting.present])].map(
    (v) => [name, v, range] as const,
  );
};
