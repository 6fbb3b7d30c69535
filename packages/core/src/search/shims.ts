import { type Outcome } from '../problems';
import { NOTHING_ADDED } from '../saddle/saddle-build';
import { type DescribedSaddle, type SaddleSetup } from '../saddle/saddle-setup';
import { type FitBench } from './assess';
import { type BestSetup, type SearchStep, bestSetup } from './best-setup';
import { AXIS_IDS } from './setup-axes';

/** Pairs first, then one side alone: both sides alike where that will do. */
const SHIM_AXES = AXIS_IDS.filter((axis) => axis.startsWith('shim'));

/** The same with no shim in it. */
export const withoutShims = (setup: SaddleSetup): SaddleSetup => ({ ...setup, shims: NOTHING_ADDED });

/** The shims that help most under this setup, from none upward; a shim that doesn't help isn't put in. */
export const bestShims = (bench: FitBench, saddle: DescribedSaddle, setup: SaddleSetup): Generator<SearchStep, Outcome<BestSetup>> =>
  bestSetup(bench, saddle, setup.placeMm, SHIM_AXES, withoutShims(setup));
