import { type Problem, problem } from '../problems';
import { SADDLE_LIMITS } from '../saddle/saddle-problems';
import { ZONES } from '../saddle/saddle-build';
import { type DescribedSaddle, type SaddleSetup } from '../saddle/saddle-setup';
import { SIDES } from '../units';

/** How far filling, shims, pad and place may be set, mm (defaults, wide). */
export const SETUP_LIMITS = { placeMm: [-300, 1000], addedMm: [-60, 60], padMm: [0, 80] } as const;

/** What is wrong with a setup of this saddle, each with its value; nothing is taken for something else. */
export function setupProblems({ front, build }: DescribedSaddle, setup: SaddleSetup): Problem[] {
  const { width, curveMm, frontDepthMm, rearDepthMm, flock, shims, pad, placeMm, straps } = setup;
  const count = front.settings.length;
  const checks: readonly (readonly [string, number, readonly [number, number]])[] = [
    ['curveMm', curveMm, SADDLE_LIMITS.curveMm],
    ['depthFrontMm', frontDepthMm, SADDLE_LIMITS.depthMm],
    ['depthRearMm', rearDepthMm, SADDLE_LIMITS.depthMm],
    ['placeMm', placeMm, SETUP_LIMITS.placeMm],
    ['padMm', pad.thicknessMm, SETUP_LIMITS.padMm],
    ...SIDES.flatMap((side) => ZONES.map((zone) => ['flockMm', flock[side][zone], SETUP_LIMITS.addedMm] as const)),
    ...SIDES.flatMap((side) => ZONES.map((zone) => ['shimMm', shims[side][zone], SETUP_LIMITS.addedMm] as const)),
  ];
  const unknown = straps.filter((id) => !build.straps.some((s) => s.id === id));
  return [
    ...(Number.isInteger(width) && width >= 0 && width < count ? [] : [problem('SETUP_WIDTH_UNKNOWN', { index: width, count })]),
    ...checks.flatMap(([measure, value, [least, most]]) =>
      value >= least && value <= most ? [] : [problem('SETUP_OUT_OF_RANGE', { measure, value, least, most })],
    ),
    ...unknown.map((strap) => problem('SETUP_STRAP_UNKNOWN', { strap })),
  ];
}
