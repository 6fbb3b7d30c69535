import { BAND_SETS, FINGER_LIMITS_MM, KNEE_BANDS, MM_PER_FINGER, PURPOSES, STOCK_LENGTHS_MM, WEIGHT_LEVELS_PERCENT } from '@fulcra/core';
import { z } from 'zod';
import { idSchema } from './basics';

const bandSchema = z
  .tuple([z.number().min(30).max(180), z.number().min(30).max(180)])
  .refine(([least, most]) => least <= most, 'begins after it ends');
const bandsSchema = z.record(z.enum(PURPOSES), bandSchema);
const lengthsSchema = z.array(z.number().min(200).max(2500)).min(1).max(60);

/** How a practice works with riders: angles of the knee, what it buys leathers in, when it speaks of weight. */
export const riderHabitsSchema = z.object({
  bandSet: z.enum(BAND_SETS),
  bands: z.object({ photo: bandsSchema, spoken: bandsSchema }),
  stockLengthsMm: z.object({ looped: lengthsSchema, single: lengthsSchema }),
  weightPercent: z
    .object({ note: z.number().min(5).max(50), caution: z.number().min(5).max(50), professional: z.number().min(5).max(50) })
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

/** What a practice agrees on for itself: hands and habits, not rules of a school. */
export const practiceSettingsFieldsSchema = z.object({
  /** Width of a finger held between tack and horse, mm. */
  fingerMm: z.number().min(FINGER_LIMITS_MM.least).max(FINGER_LIMITS_MM.most),
  rider: riderHabitsSchema.default(RIDER_HABITS),
});
export type PracticeSettingsFields = z.infer<typeof practiceSettingsFieldsSchema>;

/** With what stood there when it was changed, so that two people's changes can be told apart. */
export const practiceSettingsWriteSchema = practiceSettingsFieldsSchema.extend({ was: practiceSettingsFieldsSchema.nullish() });

export const practiceSettingsSchema = practiceSettingsFieldsSchema.extend({ id: idSchema });
export type PracticeSettings = z.infer<typeof practiceSettingsSchema>;

/** Until a practice says otherwise. */
export const PRACTICE_DEFAULTS: PracticeSettingsFields = { fingerMm: MM_PER_FINGER, rider: RIDER_HABITS };
