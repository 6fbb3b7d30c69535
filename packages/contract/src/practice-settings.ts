import { FINGER_LIMITS_MM, MM_PER_FINGER } from '@fulcra/core';
import { z } from 'zod';
import { idSchema } from './basics';

/** What a practice agrees on for itself: hands and habits, not rules of a school. */
export const practiceSettingsFieldsSchema = z.object({
  /** Width of a finger held between tack and horse, mm. */
  fingerMm: z.number().min(FINGER_LIMITS_MM.least).max(FINGER_LIMITS_MM.most),
});
export type PracticeSettingsFields = z.infer<typeof practiceSettingsFieldsSchema>;

/** With what stood there when it was changed, so that two people's changes can be told apart. */
export const practiceSettingsWriteSchema = practiceSettingsFieldsSchema.extend({ was: practiceSettingsFieldsSchema.nullish() });

export const practiceSettingsSchema = practiceSettingsFieldsSchema.extend({ id: idSchema });
export type PracticeSettings = z.infer<typeof practiceSettingsSchema>;

/** Until a practice says otherwise. */
export const PRACTICE_DEFAULTS: PracticeSettingsFields = { fingerMm: MM_PER_FINGER };
