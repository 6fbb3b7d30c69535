import {
  type BodyInput,
  type DescribedSaddle,
  type SaddleSetup,
  CELL_MM,
  STANDARD_RIDER,
  bodyFrom,
  describedOf,
  measuredAgain,
  naturalPlaceMm,
  presentSetup,
  schoolById,
  seededRandom,
  sit,
  sitBench,
  standardErrors,
} from '@fulcra/core';
import { DEMO_SADDLES } from '../saddles';
import { anyMeasuredBack, pickOf } from './any-back';

/** How often the true peak, over that of an exact fit, lay inside what is told, and how far what is told lies over it in the mean. */
export interface PeakCoverage {
  readonly asked: number;
  readonly inside: number;
  readonly meanOver: number;
}

/** Draws backs, hands and saddles; what is told of the measured back is held against the true one. */
export function peakCoverage(backs: number, seed: number): PeakCoverage {
  const school = schoolById('static-close');
  let [asked, inside, over] = [0, 0, 0];
  for (let i = 0; i < backs; i++) {
    const random = seededRandom(seed + i);
    const input = anyMeasuredBack(random);
    const saddle = describedOf(pickOf(DEMO_SADDLES, random));
    const { input: told, putOffMm } = measuredAgain(input, school.errors, random);
    const body = bodyFrom(told);
    if (!body.ok) continue;
    const width = Math.floor(random() * saddle.front.settings.length);
    const setup = { ...presentSetup(saddle, naturalPlaceMm(body.value, saddle, school)), width };
    const half = standardErrors(told, body.value, saddle, school).peakRatio?.half;
    const measured = ratioOn(told, saddle, setup);
    const truth = ratioOn(input, saddle, { ...setup, placeMm: setup.placeMm + putOffMm });
    if (half === undefined || measured === null || truth === null) continue;
    asked++;
    over += measured - truth;
    if (Math.abs(measured - truth) <= half) inside++;
  }
  return { asked, inside, meanOver: asked === 0 ? 0 : over / asked };
}

function ratioOn(input: BodyInput, saddle: DescribedSaddle, setup: SaddleSetup): number | null {
  const body = bodyFrom(input);
  if (!body.ok) return null;
  const bench = sitBench(body.value, 'resting', schoolById('static-close').engine, CELL_MM.picture);
  const sitting = sit({ body: body.value, saddle, setup, rider: STANDARD_RIDER, pose: 'resting' }, bench);
  if (!sitting.ok || sitting.value.settled.state !== 'settled') return null;
  return sitting.value.measures.peakKPa / sitting.value.exact.peakKPa;
}
