import { z } from 'zod';
import { idSchema, nameSchema, noteSchema } from './basics';

/** A rider; leg measures come with the stirrup leathers. */
export const riderFieldsSchema = z.object({
  name: nameSchema,
  heightMm: z.number().min(900).max(2300).nullable(),
  weightKg: z.number().min(15).max(250).nullable(),
  note: noteSchema,
});
export type RiderFields = z.infer<typeof riderFieldsSchema>;

/** With what stood there when it was changed, so that two people's changes can be told apart. */
export const riderWriteSchema = riderFieldsSchema.extend({ was: riderFieldsSchema.nullish() });
export type RiderWrite = z.infer<typeof riderWriteSchema>;

export const riderSchema = riderFieldsSchema.extend({ id: idSchema });
export type Rider = z.infer<typeof riderSchema>;
