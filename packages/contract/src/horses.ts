import { SEXES } from '@fulcra/core';
import { z } from 'zod';
import { daySchema, idSchema, nameSchema, noteSchema } from './basics';

/** What a person says it is ridden in, in place of what had been decided until then. */
const ridesInSchema = z.object({
  saddleId: idSchema.nullable(),
  insteadOf: idSchema.nullable(),
  by: nameSchema,
  on: daySchema,
});

/** Why a horse is looked after no more. */
export const HORSE_GONE = ['sold', 'moved', 'died'] as const;
const goneSchema = z.object({ how: z.enum(HORSE_GONE), on: daySchema, by: nameSchema });

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
  ridesIn: ridesInSchema.nullable().default(null),
  gone: goneSchema.nullable().default(null),
});
export type HorseFields = z.infer<typeof horseFieldsSchema>;

/** With what stood there when it was changed, so that two people's changes can be told apart. */
export const horseWriteSchema = horseFieldsSchema.extend({ was: horseFieldsSchema.nullish() });
export type HorseWrite = z.infer<typeof horseWriteSchema>;

export const horseSchema = horseFieldsSchema.extend({ id: idSchema });
export type Horse = z.infer<typeof horseSchema>;
