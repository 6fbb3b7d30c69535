import { LEATHER_KINDS, LEATHER_WAYS } from '@fulcra/core';
import { z } from 'zod';
import { daySchema, idSchema, nameSchema, noteSchema, within } from './basics';

/** A leather hangs between these, bar to tread, mm. */
export const HANG_LIMITS_MM = { least: 100, most: 1200 } as const;
/** What a pair can be made like: spacing and irons in mm, holes, and the number at the shortest. */
export const LEATHER_LIMITS = {
  spacingMm: [5, 80],
  holes: [1, 60],
  firstHole: [-20, 60],
  eyeToTreadMm: [60, 250],
  ironWidthMm: [60, 250],
} as const;

/** A pair of stirrup leathers with its irons: a thing with an age. */
export const leatherFieldsSchema = z.object({
  name: nameSchema,
  kind: z.enum(LEATHER_KINDS),
  spacingMm: within(LEATHER_LIMITS.spacingMm),
  holes: within(LEATHER_LIMITS.holes).int(),
  /** Number stamped at the shortest hole, where holes are numbered otherwise. */
  firstHole: within(LEATHER_LIMITS.firstHole).int().default(1),
  /** Year and month it was new, as far as known. */
  newOn: daySchema.nullable(),
  /** From the iron's eye to its tread, and between its sides. */
  eyeToTreadMm: within(LEATHER_LIMITS.eyeToTreadMm),
  ironWidthMm: within(LEATHER_LIMITS.ironWidthMm).nullable(),
  riderId: idSchema.nullable(),
  saddleId: idSchema.nullable(),
  note: noteSchema,
});
export type LeatherFields = z.infer<typeof leatherFieldsSchema>;
export const leatherWriteSchema = leatherFieldsSchema.extend({ was: leatherFieldsSchema.nullish() });
export const leatherSchema = leatherFieldsSchema.extend({ id: idSchema });
export type Leather = z.infer<typeof leatherSchema>;

const inHoleSchema = z.object({ hole: within(LEATHER_LIMITS.holes).int(), hangMm: within([HANG_LIMITS_MM.least, HANG_LIMITS_MM.most]) });

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
