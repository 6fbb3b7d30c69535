import { z } from 'zod';
import { idSchema, nameSchema, noteSchema } from './basics';

export const horseWriteSchema = z.object({
  name: nameSchema,
  /** Type or breed, in the fitter's words. */
  kind: z.string().trim().max(120),
  bornYear: z.number().int().min(1970).max(2100).nullable(),
  heightMm: z.number().min(500).max(2200).nullable(),
  note: noteSchema,
});
export type HorseWrite = z.infer<typeof horseWriteSchema>;

export const horseSchema = horseWriteSchema.extend({ id: idSchema });
export type Horse = z.infer<typeof horseSchema>;
