/** What a rider's leg meets on a saddle, measured on its near side where both are alike, mm; null where nobody measured it. */
export interface SaddleSeat {
  /** From the head nail to the middle of the cantle. */
  readonly sizeMm: number | null;
  /** Flap below the stirrup bar to its lower edge, and ahead of and behind the bar at its widest. */
  readonly flapLengthMm: number | null;
  readonly flapReachMm: number | null;
  readonly flapBackMm: number | null;
  /** Stirrup bar from the middle plane, and below the seat's lowest point with the saddle level. */
  readonly barOutMm: number | null;
  readonly barBelowSeatMm: number | null;
  /** Lowest point of the seat over the lower face of the tree there. */
  readonly seatOverTreeMm: number | null;
  /** How much lower the off bar hangs than the near one: the saddle's fault, not the leather's. */
  readonly offBarLowerMm: number | null;
}
export type SaddleSeatMeasure = keyof SaddleSeat;

/** What each can be, mm (defaults, wide: a child's felt pad to a draught saddle). */
export const SEAT_LIMITS_MM: Readonly<Record<SaddleSeatMeasure, readonly [least: number, most: number]>> = {
  sizeMm: [250, 600],
  flapLengthMm: [100, 700],
  flapReachMm: [-50, 350],
  flapBackMm: [0, 350],
  barOutMm: [50, 220],
  barBelowSeatMm: [-60, 150],
  seatOverTreeMm: [5, 120],
  offBarLowerMm: [-40, 40],
};
export const SEAT_MEASURES = Object.keys(SEAT_LIMITS_MM) as SaddleSeatMeasure[];

export const UNKNOWN_SEAT = Object.fromEntries(SEAT_MEASURES.map((m) => [m, null])) as unknown as SaddleSeat;

/** Taken where the bars' place wasn't measured (defaults); every answer that leans on one says so. */
export const SEAT_DEFAULTS_MM = { barOutMm: 120, barBelowSeatMm: 30, seatOverTreeMm: 35 } as const;
export type AssumedSeatMeasure = keyof typeof SEAT_DEFAULTS_MM;

/** The seat's measure, or its default. */
export const seatMeasure = (seat: SaddleSeat, measure: AssumedSeatMeasure): number => seat[measure] ?? SEAT_DEFAULTS_MM[measure];
/** Which of what the leg needs was not measured on this saddle. */
export const assumedOfSeat = (seat: SaddleSeat): AssumedSeatMeasure[] =>
  (Object.keys(SEAT_DEFAULTS_MM) as AssumedSeatMeasure[]).filter((m) => seat[m] === null);
