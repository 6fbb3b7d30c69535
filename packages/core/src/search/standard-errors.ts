import { type School } from '../schools/school';
import { type DescribedSaddle, type SaddleSetup, middleSetup } from '../saddle/saddle-setup';
import { type ValueErrors, NO_ERRORS, valueErrors } from '../judge/value-errors';
import { type BodyInput } from '../sit/body/body-input';
import { type HorseBody } from '../sit/body/horse-body';
import { type RiderLoad } from '../sit/loads';
import { CELL_MM } from '../sit/seat-cells';
import { sit, sitBench } from '../sit/sit';
import { naturalPlaceMm } from './natural-place';

/** Errors are told for this rider, whoever asks: the same horse and saddle have one error on every screen (default). */
export const STANDARD_RIDER: RiderLoad = { massKg: 75, offsetMm: 0, stirrupShare: 0, gait: 'stand' };

/** Where it is put down to be told: no school's own place, so that all schools judge by one error, mm behind the scapula (default). */
const PUT_DOWN = { rules: {}, front: { stationMm: 50 } } as const;

/**
 * How far off a saddle's numbers may be on this horse: at the middle of its settings, where it is tried first, or at the width
 * nearest to that in which it comes to rest. One answer for all settings, so that no two screens judge by different errors.
 */
export function standardErrors(input: BodyInput, body: HorseBody, saddle: DescribedSaddle, school: School): ValueErrors {
  const middle = middleSetup(saddle, naturalPlaceMm(body, saddle, PUT_DOWN));
  const widths = saddle.front.settings
    .map((_, width): SaddleSetup => ({ ...middle, width }))
    .sort((a, b) => Math.abs(a.width - middle.width) - Math.abs(b.width - middle.width));
  const bench = sitBench(body, 'resting', school.engine, CELL_MM.confidence);
  const rests = widths.find((setup) => {
    const sitting = sit({ body, saddle, setup, rider: STANDARD_RIDER, pose: 'resting' }, bench);
    return sitting.ok && sitting.value.settled.state === 'settled';
  });
  const setup = rests ?? middle;
  return saddle.front.settings.length === 0 ? NO_ERRORS : valueErrors({ input, school, saddle, setup, rider: STANDARD_RIDER });
}
