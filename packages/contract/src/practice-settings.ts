import {
  BAND_SETS,
  FINGER_LIMITS_MM,
  KNEE_BANDS,
  MM_PER_FINGER,
  INTERVAL_REASONS,
  type IntervalReason,
  VISIT_INTERVAL_DAYS,
  PURPOSES,
  STOCK_LENGTHS_MM,
  TACK_DAYS,
  WEIGHT_LEVELS_PERCENT,
} from '@fulcra/core';
import { z } from 'zod';
import { idSchema } from './basics';
import { isCurveAddress } from './curve-address';
import { ownSchoolsSchema } from './own-schools';

/** Knees bend between these, degrees. */
export const BAND_LIMITS_DEG = { least: 30, most: 180 } as const;
/** No list of lengths to buy is longer, no strap shorter or longer, mm. */
export const STOCK_LENGTH_LIMITS = { leastMm: 200, mostMm: 2500, mostOfThem: 60 } as const;
/** Levels of the rider's weight lie between these, %. */
export const WEIGHT_LIMITS_PERCENT = { least: 5, most: 50 } as const;

const bandDeg = z.number().min(BAND_LIMITS_DEG.least).max(BAND_LIMITS_DEG.most);
const weightPercent = z.number().min(WEIGHT_LIMITS_PERCENT.least).max(WEIGHT_LIMITS_PERCENT.most);
const bandSchema = z.tuple([bandDeg, bandDeg]).refine(([least, most]) => least <= most, 'begins after it ends');
const bandsSchema = z.record(z.enum(PURPOSES), bandSchema);
const lengthsSchema = z
  .array(z.number().min(STOCK_LENGTH_LIMITS.leastMm).max(STOCK_LENGTH_LIMITS.mostMm))
  .min(1)
  .max(STOCK_LENGTH_LIMITS.mostOfThem);

/** How a practice works with riders: angles of the knee, what it buys leathers in, when it speaks of weight. */
export const riderHabitsSchema = z.object({
  bandSet: z.enum(BAND_SETS),
  bands: z.object({ photo: bandsSchema, spoken: bandsSchema }),
  stockLengthsMm: z.object({ looped: lengthsSchema, single: lengthsSchema }),
  weightPercent: z
    .object({ note: weightPercent, caution: weightPercent, professional: weightPercent })
    .refine((w) => w.note <= w.caution && w.caution <= w.professional, 'does not rise'),
});
export type RiderHabits = z.infer<typeof riderHabitsSchema>;

/** The defaults of the core, as they can be edited. */
export const RIDER_HABITS: RiderHabits = riderHabitsSchema.parse({
  bandSet: 'photo',
  bands: KNEE_BANDS,
  stockLengthsMm: STOCK_LENGTHS_MM,
  weightPercent: WEIGHT_LEVELS_PERCENT,
});

/** Until a practice says where it is. */
export const DEFAULT_TIME_ZONE = 'Europe/London';
/** Whether a clock is called that, as Europe/London. */
export const isTimeZone = (zone: string): boolean => {
  try {
    return new Intl.DateTimeFormat('en', { timeZone: zone }).format(0) !== '';
  } catch {
    return false;
  }
};
const timeZoneSchema = z.string().max(60).refine(isTimeZone, 'is not a time zone');
/** Nobody waits longer for the next visit, days. */
export const VISIT_DAYS_LIMITS = { least: 14, most: 365 } as const;
const visitDaysSchema = z.record(
  z.enum(INTERVAL_REASONS as [IntervalReason, ...IntervalReason[]]),
  z.number().int().min(VISIT_DAYS_LIMITS.least).max(VISIT_DAYS_LIMITS.most),
);

/** A look at tack lasts between these, days. */
export const TACK_DAYS_LIMITS = { least: 7, most: 365 } as const;
const tackDays = z.number().int().min(TACK_DAYS_LIMITS.least).max(TACK_DAYS_LIMITS.most);
const tackDaysSchema = z.object({ ownerLook: tackDays, fitterWalk: tackDays });

const curveAddressSchema = z
  .string()
  .max(200)
  .refine((a) => a === '' || isCurveAddress(a), 'is not an address of a socket: ws:// or wss://');

/** What a practice agrees on for itself: hands and habits, not rules of a school. */
export const practiceSettingsFieldsSchema = z.object({
  /** Width of a finger held between tack and horse, mm. */
  fingerMm: z.number().min(FINGER_LIMITS_MM.least).max(FINGER_LIMITS_MM.most),
  rider: riderHabitsSchema.default(RIDER_HABITS),
  /** The zone the practice's clock shows. */
  timeZone: timeZoneSchema.default(DEFAULT_TIME_ZONE),
  /** Days to the next visit, by reason. */
  visitDays: visitDaysSchema.default(VISIT_INTERVAL_DAYS),
  /** How long a look at tack lasts, days. */
  tackDays: tackDaysSchema.default(TACK_DAYS),
  /** Where its own curve sensor is: ws:// or wss://; empty while it has none. */
  curveAddress: curveAddressSchema.default(''),
  /** Its own schools, with all their versions. */
  schools: ownSchoolsSchema.default([]),
});
export type PracticeSettingsFields = z.infer<typeof practiceSettingsFieldsSchema>;

/** With what stood there when it was changed, so that two people's changes can be told apart. */
export const practiceSettingsWriteSchema = practiceSettingsFieldsSchema.extend({ was: practiceSettingsFieldsSchema.nullish() });

export const practiceSettingsSchema = practiceSettingsFieldsSchema.extend({ id: idSchema });
export type PracticeSettings = z.infer<typeof practiceSettingsSchema>;

/** Until a practice says otherwise. */
export const PRACTICE_DEFAULTS: PracticeSettingsFields = {
  fingerMm: MM_PER_FINGER,
  rider: RIDER_HABITS,
  timeZone: DEFAULT_TIME_ZONE,
  visitDays: VISIT_INTERVAL_DAYS,
  tackDays: TACK_DAYS,
  curveAddress: '',
  schools: [],
};
