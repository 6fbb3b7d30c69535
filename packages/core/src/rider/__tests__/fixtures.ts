import { PLAIN_BARREL } from '../../girth';
import { type Outcome } from '../../problems';
import { DEFAULT_BUILD, UNKNOWN_SEAT } from '../../saddle';
import { type LegGround, type RiderBody, type RiderMeasuresMm, groundOf, levelOnHorse, riderBody } from '..';

export function valueOf<T>(outcome: Outcome<T>): T {
  if (!outcome.ok) throw new Error(JSON.stringify(outcome.problems));
  return outcome.value;
}

export const bodyOf = (measured: RiderMeasuresMm): RiderBody => valueOf(riderBody(measured));

/** A rider on a plain saddle, level on a plain horse. */
export const plainGround = (body: RiderBody): LegGround =>
  groundOf(body, levelOnHorse({ build: DEFAULT_BUILD }, UNKNOWN_SEAT, 50, null), PLAIN_BARREL);
