import { LEATHER_KINDS, LEATHER_WAYS } from '@fulcra/core';
import { z } from 'zod';
import { daySchema, idSchema, nameSchema, noteSchema } from './basics';

/** Sound, not looked at, or held. */
export const TACK_STATES = ['sound', 'notChecked', 'unsafe'] as const;

/** A pair of stirrup leathers with its irons: a thing with an age. */
export const leatherFieldsSchema = z.object({
  name: nameSchema,
  kind: z.enum(LEATHER_KINDS),
  spacingMm: z.number().min(5).max(80),
  holes: z.number().int().min(1).max(60),
  /** Number stamped at the shortest hole, where holes are numbered otherwise. */
  firstHole: z.number().int().min(-20).max(60).default(1),
  /** Year and month it was new, as far as known. */
  newOn: daySchema.nullable(),
  /** From the iron's eye to its tread, and between its sides. */
  eyeToTreadMm: z.number().min(60).max(250),
  ironWidthMm: z.number().min(60).max(250).nullable(),
  riderId: idSchema.nullable(),
  saddleId: idSchema.nullable(),
  state: z.enum(TACK_STATES),
  note: noteSchema,
});
export type LeatherFields = z.infer<typeof leatherFieldsSchema>;
export const leatherWriteSchema = leatherFieldsSchema.extend({ was: leatherFieldsSchema.nullish() });
export const leatherSchema = leatherFieldsSchema.extend({ id: idSchema });
export type Leather = z.infer<typeof leatherSchema>;

const inHoleSchema = z.object({ hole: z.number().int().min(1).max(60), hangMm: z.number().min(100).max(1200) });

/** One measuring of a pair: true hang of both sides; never altered, at most withdrawn. */
export const leatherTakeFieldsSchema = z.object({
  leatherId: idSchema,
  takenOn: daySchema,
  hand: nameSchema,
  way: z.enum(LEATHER_WAYS),
  near: inHoleSchema,
  off: inHoleSchema,
  second: inHoleSchema.nullable(),
  withdrawn: z.boolean(),
});
export type LeatherTakeFields = z.infer<typeof leatherTakeFieldsSchema>;
export const leatherTakeWriteSchema = leatherTakeFieldsSchema.extend({ was: leatherTakeFieldsSchema.nullish() });
export const leatherTakeSchema = leatherTakeFieldsSchema.extend({ id: idSchema });
export type LeatherTaken = z.infer<typeof leatherTakeSchema>;
