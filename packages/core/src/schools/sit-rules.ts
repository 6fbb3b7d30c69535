import { type SitCriterionId } from './sit-criteria';

/** What a number may be. Null at an end that isn't limited. `scale` is how far outside it is a look-out before it is bad. */
export interface Wanted {
  readonly least: number | null;
  readonly most: number | null;
  readonly scale: number;
}

export interface SitRule extends Wanted {
  /** What it counts for in the score when it is missed by one scale. */
  readonly weight: number;
  /** Below `least` or above `most` it refuses the saddle, whatever else is right. */
  readonly hardStop: 'never' | 'least' | 'most';
}

/** A school's rules about how a saddle sits. A criterion it has no opinion on is left out. */
export type SitRules = Readonly<Partial<Record<SitCriterionId, SitRule>>>;

export const rule = (
  least: number | null,
  most: number | null,
  scale: number,
  weight: number,
  hardStop: SitRule['hardStop'] = 'never',
): SitRule => ({ least, most, scale, weight, hardStop });
