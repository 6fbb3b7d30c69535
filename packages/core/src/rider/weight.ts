/** Dressed rider and all tack over the horse's ideal weight, % (see `WEIGHT_SOURCE`). */
export const WEIGHT_LEVELS_PERCENT = { note: 15, caution: 20, professional: 25 } as const;
export const WEIGHT_SOURCE =
  '20 %: old cavalry and common practice; signs of strain at 25-30 % in light horses (Powell and others 2008). Not a law.';
/** Error of a weight tape, one standard deviation, % (default). */
export const TAPE_ERROR_PERCENT = 8;

/** What lowers the levels, percentage points each; they don't add up, the greatest counts (defaults). */
export const WEIGHT_LOWERED_BY = { unfit: 5, underSix: 5, overTwenty: 5, soreBack: 5 } as const;
export type WeightLowering = keyof typeof WEIGHT_LOWERED_BY;
/** Years: younger than the one, older than the other (defaults). */
export const WEIGHT_AGES = { underYears: 6, overYears: 20 } as const;

/** @param ageYears null where it isn't known: then it lowers nothing */
export function weightLowerings(horse: {
  readonly ageYears: number | null;
  readonly unfit: boolean;
  readonly soreBack: boolean;
}): WeightLowering[] {
  const { ageYears, unfit, soreBack } = horse;
  const said: readonly (readonly [WeightLowering, boolean])[] = [
    ['underSix', ageYears !== null && ageYears < WEIGHT_AGES.underYears],
    ['overTwenty', ageYears !== null && ageYears > WEIGHT_AGES.overYears],
    ['unfit', unfit],
    ['soreBack', soreBack],
  ];
  return said.filter(([, is]) => is).map(([lowering]) => lowering);
}

export const loweredBy = (lowerings: readonly WeightLowering[]): number => Math.max(0, ...lowerings.map((l) => WEIGHT_LOWERED_BY[l]));

export type WeightLevel = 'fine' | keyof typeof WEIGHT_LEVELS_PERCENT;

export interface WeightShare {
  readonly percent: number;
  readonly level: WeightLevel;
  /** The next level up lies within the error of the horse's weight: it can't be ruled out. */
  readonly borderline: boolean;
}

/** What is carried beside rider and saddle: girth, bridle, leathers and irons, a cloth, kg (default). */
export const OTHER_TACK_KG = 6;

export type WeightLevels = Readonly<Record<keyof typeof WEIGHT_LEVELS_PERCENT, number>>;

/**
 * @param lowerBy percentage points the levels are lowered by: unfit, under six, over twenty, a sore back, an unbalanced rider
 * @param levels as the practice has them
 */
export function weightShare(loadKg: number, idealKg: number, lowerBy = 0, levels: WeightLevels = WEIGHT_LEVELS_PERCENT): WeightShare {
  const percent = (100 * loadKg) / idealKg;
  const level = levelAt(percent, lowerBy, levels);
  return { percent, level, borderline: levelAt(percent * (1 + TAPE_ERROR_PERCENT / 100), lowerBy, levels) !== level };
}

function levelAt(percent: number, lowerBy: number, { note, caution, professional }: WeightLevels): WeightLevel {
  if (percent > professional - lowerBy) return 'professional';
  if (percent > caution - lowerBy) return 'caution';
  return percent > note - lowerBy ? 'note' : 'fine';
}
