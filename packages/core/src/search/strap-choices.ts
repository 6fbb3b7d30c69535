import { type StrapId } from '../saddle/saddle-build';
import { type DescribedSaddle, type SaddleSetup } from '../saddle/saddle-setup';
import { strapPairs } from '../saddle/strap-sets';
import { strapsLeanDeg } from '../sit/girth';
import { sit } from '../sit/sit';
import { type FitBench } from './assess';

/** What one legal pair of straps does: its net pull along the back, and the drift with it. */
export interface StrapChoice {
  readonly straps: readonly StrapId[];
  readonly pullAlongN: number;
  readonly leanDeg: number;
  readonly driftAlong: number;
  readonly usesPoint: boolean;
}

/** Every legal pair, the one with the least drift first; with equal drift the point strap comes last. */
export function strapChoices(bench: FitBench, saddle: DescribedSaddle, setup: SaddleSetup): StrapChoice[] {
  const { body, rider, strapPullN } = bench;
  return strapPairs(saddle.build.straps)
    .flatMap((straps) => {
      const outcome = sit({ body, saddle, setup: { ...setup, straps }, rider, pose: 'resting', strapPullN }, bench.poses.resting);
      if (!outcome.ok) return [];
      const { drift, pulls } = outcome.value;
      return [
        {
          straps,
          pullAlongN: drift.strapsAlongN,
          leanDeg: strapsLeanDeg(pulls),
          driftAlong: drift.along,
          usesPoint: straps.includes('point'),
        },
      ];
    })
    .sort((a, b) => Math.abs(a.driftAlong) - Math.abs(b.driftAlong) || Number(a.usesPoint) - Number(b.usesPoint));
}
