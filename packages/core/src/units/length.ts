/** The one place that knows how long a unit is. Everything else in the core speaks millimetres. */
export const MM_PER_UNIT = { mm: 1, cm: 10, in: 25.4 } as const;
export type LengthUnit = keyof typeof MM_PER_UNIT;
export const LENGTH_UNITS = Object.keys(MM_PER_UNIT) as readonly LengthUnit[];

/** One hand is four inches; "15.2" hands means 15 hands and 2 inches, not 15.2 hands. */
export const MM_PER_HAND = 101.6;
const MM_PER_INCH = MM_PER_UNIT.in;

/** A finger held between tack and horse, as the trade counts clearance (default, adult hand). */
export const MM_PER_FINGER = 18;
/** What an adult's finger can measure across, mm; a width outside is a slip of the hand (default). */
export const FINGER_LIMITS_MM = { least: 12, most: 28 } as const;

export const toMm = (value: number, unit: LengthUnit): number => value * MM_PER_UNIT[unit];
export const fromMm = (mm: number, unit: LengthUnit): number => mm / MM_PER_UNIT[unit];

/** Fingers to the nearest half, e.g. 47 mm -> 2.5. @param fingerMm width of this hand's finger */
export const fingersFromMm = (mm: number, fingerMm: number): number => Math.round((mm / fingerMm) * 2) / 2;

/**
 * Height at the withers from the trade's hands-and-inches notation.
 * @param hands e.g. 16.3 (16 hands 3 inches); the digit after the point is 0 to 3.
 * @returns millimetres, or null when the inches are not 0 to 3.
 * @example mmFromHands(16.3) // 1701.8
 */
export function mmFromHands(hands: number): number | null {
  const whole = Math.floor(hands + 1e-9);
  const inches = Math.round((hands - whole) * 10 * 1e6) / 1e6;
  if (inches > 3 || !Number.isInteger(inches)) return null;
  return whole * MM_PER_HAND + inches * MM_PER_INCH;
}

/** The nearest whole inch in hands notation, as text: 1702 -> "16.3". */
export function handsFromMm(mm: number): string {
  const inches = Math.round(mm / MM_PER_INCH);
  return `${Math.floor(inches / 4)}.${inches % 4}`;
}
