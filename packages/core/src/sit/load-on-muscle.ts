import { type HorseBody, widthAt } from './body/horse-body';
import { type CellsAtRest } from './contact/step';
import { type LaidPanel } from './panel-of-saddle';

/**
 * How much of the load lies on the long back muscle, 0 to 1: within its felt edges on either side, a cell on an edge by the part of it
 * that is inside. What lies beyond is borne by ribs and thin muscle. Null where the muscle wasn't felt or nothing is carried.
 */
export function loadOnMuscle(
  { muscle }: Pick<HorseBody, 'muscle'>,
  laid: Pick<LaidPanel, 'count' | 'x' | 'y' | 'share' | 'stepMm'>,
  { pressureKPa }: Pick<CellsAtRest, 'pressureKPa'>,
): number | null {
  let [on, all] = [0, 0];
  for (let n = 0; n < laid.count; n++) {
    const pressed = laid.share[n]! * pressureKPa[n]!;
    const width = pressed > 0 ? widthAt(muscle, laid.x[n]!) : null;
    if (width === null) continue;
    const inner = Math.abs(laid.y[n]!) - laid.stepMm / 2;
    all += pressed;
    on += pressed * Math.max(0, Math.min(1, (width / 2 - inner) / laid.stepMm));
  }
  return all > 0 ? on / all : null;
}
