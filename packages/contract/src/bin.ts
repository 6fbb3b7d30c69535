import { z } from 'zod';
import { idSchema, momentSchema, nameSchema } from './basics';

/** What can be put into the bin. */
export const BINNED_KINDS = ['horse', 'visit', 'rider', 'photo'] as const;
export type BinnedKind = (typeof BINNED_KINDS)[number];
/** How long it can be put back, days (default). */
export const BIN_DAYS = 30;

/** Something put out of sight by a person, under its own id; nothing of it is altered, and it can be put back. */
export const binnedFieldsSchema = z.object({
  kind: z.enum(BINNED_KINDS),
  /** What it was called when it was put in. */
  name: nameSchema,
  at: momentSchema,
  by: nameSchema,
  /** Put back again: it is seen as before. */
  restored: z.boolean(),
});
export type BinnedFields = z.infer<typeof binnedFieldsSchema>;
export const binnedWriteSchema = binnedFieldsSchema.extend({ was: binnedFieldsSchema.nullish() });
export const binnedSchema = binnedFieldsSchema.extend({ id: idSchema });
export type Binned = z.infer<typeof binnedSchema>;
