import { radFromDeg } from '../units';
import { FLAP } from './flap-and-seat';
import { type LegPlace } from './linkage';
import { type Plumb, HEEL_LIMITS_MM, HEEL_SURE_MM, balanceAt, heelAt } from './plumb';
import { SEAT_RADIUS_MM } from './saddle-on-horse';

/** What moves the heel against the hip's plumb while the leather hangs plumb. */
export type PlumbCause = 'balance' | 'length' | 'bar';

/** The heel with everything as it is, the roll too: the one that is judged, wherever it is judged. */
export interface PlumbParts extends Plumb {
  /** How much of it comes from a saddle that tips, and from a knee that the roll pushes back, mm. */
  readonly fromBalanceMm: number;
  readonly fromLengthMm: number;
  /** Null where it is even. */
  readonly cause: PlumbCause | null;
  /** Further from either limit than what this is sure to: else it can't be told apart from its neighbour. */
  readonly sure: boolean;
}

/**
 * Why the heel lies where it lies. A seat that tips takes the hip with its lowest point; a knee that reaches past the roll pushes the
 * hip back; what is left is where the bar is. A leather that hangs plumb can't be the cause by its length alone.
 * @param flapReachMm flap ahead of the bar; null where it wasn't measured: then the roll pushes nobody
 */
export function plumbParts(
  plumb: Plumb,
  place: Pick<LegPlace, 'kneeBehindBarMm'>,
  pitchDeg: number,
  flapReachMm: number | null,
): PlumbParts {
  const fromBalanceMm = -SEAT_RADIUS_MM * Math.sin(radFromDeg(pitchDeg));
  const past = flapReachMm === null ? 0 : Math.max(0, -place.kneeBehindBarMm + FLAP.kneeToFrontMm - flapReachMm);
  const fromLengthMm = -past;
  const heelBehindHipMm = plumb.heelBehindHipMm + fromLengthMm;
  return {
    ...heelAt(heelBehindHipMm),
    fromBalanceMm,
    fromLengthMm,
    cause: causeOf(heelBehindHipMm, fromBalanceMm, fromLengthMm),
    sure: sureAt(heelBehindHipMm),
  };
}

const sureAt = (heelMm: number): boolean => Object.values(HEEL_LIMITS_MM).every((limit) => Math.abs(heelMm - limit) > HEEL_SURE_MM);

function causeOf(heelMm: number, fromBalanceMm: number, fromLengthMm: number): PlumbCause | null {
  if (balanceAt(heelMm) === 'even') return null;
  if (balanceAt(heelMm - fromBalanceMm) === 'even') return 'balance';
  if (balanceAt(heelMm - fromLengthMm) === 'even') return 'length';
  return 'bar';
}
