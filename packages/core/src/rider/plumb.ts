import { type LegPlace } from './linkage';

/** The heel behind the hip's plumb with the leather plumb, mm: even between, a chair seat below, tipped forward above (defaults). */
export const HEEL_LIMITS_MM = { chairBelow: -20, tippedAbove: 50 } as const;

/** What the heel's place is sure to, one standard deviation, mm (default): ankle, ball and heel of the foot, and where the hip is. */
export const HEEL_SURE_MM = 15;

export type Balance = 'even' | 'chair' | 'tipped';

export interface Plumb {
  /** + behind the hip, mm. */
  readonly heelBehindHipMm: number;
  readonly balance: Balance;
  /** How far the bar would have to be moved for the heel to be even, mm: + toward the tail; 0 where it is. */
  readonly barShiftMm: number;
}

export function balanceAt(heelBehindHipMm: number): Balance {
  const { chairBelow, tippedAbove } = HEEL_LIMITS_MM;
  return heelBehindHipMm < chairBelow ? 'chair' : heelBehindHipMm > tippedAbove ? 'tipped' : 'even';
}

/** How a heel so far behind the hip is judged, and what would even it. */
export function heelAt(heelBehindHipMm: number): Plumb {
  const { chairBelow, tippedAbove } = HEEL_LIMITS_MM;
  const balance = balanceAt(heelBehindHipMm);
  const barShiftMm = balance === 'chair' ? chairBelow - heelBehindHipMm : balance === 'tipped' ? tippedAbove - heelBehindHipMm : 0;
  return { heelBehindHipMm, balance, barShiftMm };
}

/** A bar about 150 mm ahead of the hip is normal: what counts is where the heel comes to stand. Where no roll pushes the knee. */
export const plumbOf = ({ ankle, hip }: Pick<LegPlace, 'ankle' | 'hip'>, heelToAnkleMm: number): Plumb =>
  heelAt(ankle.xMm + heelToAnkleMm - hip.xMm);
