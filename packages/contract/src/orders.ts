import { ORDER_STATES } from '@fulcra/core';
import { z } from 'zod';
import { daySchema, idSchema, momentSchema, nameSchema, noteSchema } from './basics';

const lineSchema = z.object({ what: z.string().trim().min(1).max(200), value: z.string().trim().max(400) });
/** Checked again on the horse is said of the visit at which it was: that step names it. */
const stepSchema = z.object({ state: z.enum(ORDER_STATES), at: momentSchema, by: nameSchema, visitId: idSchema.optional() });

/** Work on a saddle that a bench does: what, by when, and how far it has come. */
export const orderFieldsSchema = z.object({
  horseId: idSchema,
  visitId: idSchema.nullable(),
  saddleId: idSchema.nullable(),
  /** The bench that does it. */
  contactId: idSchema.nullable(),
  title: nameSchema,
  /** What to do, in neutral measures, near and off by word. */
  lines: z.array(lineSchema).max(60).readonly(),
  dueOn: daySchema.nullable(),
  note: noteSchema,
  state: z.enum(ORDER_STATES),
  /** Every state it was in, the present one last. */
  history: z.array(stepSchema).min(1).max(100).readonly(),
});
export type OrderFields = z.infer<typeof orderFieldsSchema>;
export const orderWriteSchema = orderFieldsSchema.extend({ was: orderFieldsSchema.nullish() });
export const orderSchema = orderFieldsSchema.extend({ id: idSchema });
export type Order = z.infer<typeof orderSchema>;
