import { SEXES } from '@fulcra/core';
import { z } from 'zod';
import { idSchema, nameSchema, noteSchema } from './basics';

export const horseFieldsSchema = z.object({
  name: nameSchema,
  /** Type or breed, in the fitter's words. */
  kind: z.string().trim().max(120),
  bornYear: z.number().int().min(1970).max(2100).nullable(),
  heightMm: z.number().min(500).max(2200).nullable(),
  note: noteSchema,
  sex: z.enum(SEXES),
  riderIds: z.array(idSchema).max(20),
  ownerId: idSchema.nullable().default(null),
  /** Who pays; the owner where nobody else is named. */
  payerId: idSchema.nullable().default(null),
  yardId: idSchema.nullable().default(null),
});
export type HorseFields = z.infer<typeof horseFieldsSchema>;

/** With what stood there when it was changed, so that two people's changes can be told apart. */
export const horseWriteSchema = horseFieldsSchema.extend({ was: horseFieldsSchema.nullish() });
export type HorseWrite = z.infer<typeof horseWriteSchema>;

export const horseSchema = horseFieldsSchema.extend({ id: idSchema });
export type Horse = z.infer<typeof horseSchema>;
