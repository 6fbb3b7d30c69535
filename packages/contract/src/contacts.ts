import { z } from 'zod';
import { idSchema, nameSchema, noteSchema } from './basics';

/** A person who isn't of the practice: owns, pays, keeps a yard, works leather. */
export const contactFieldsSchema = z.object({
  name: nameSchema,
  email: z.union([z.email().max(200), z.literal('')]),
  phone: z.string().trim().max(60),
  /** Agreed to be written to about visits that are due. */
  remind: z.boolean(),
  note: noteSchema,
});
export type ContactFields = z.infer<typeof contactFieldsSchema>;
export const contactWriteSchema = contactFieldsSchema.extend({ was: contactFieldsSchema.nullish() });
export const contactSchema = contactFieldsSchema.extend({ id: idSchema });
export type Contact = z.infer<typeof contactSchema>;

/** Degrees, as a phone tells them. */
export const placeSchema = z.object({ lat: z.number().min(-90).max(90), lon: z.number().min(-180).max(180) });

/** Where horses stand. */
export const yardFieldsSchema = z.object({
  name: nameSchema,
  address: z.string().trim().max(500),
  /** For the order of a day's route; null where nobody noted it. */
  place: placeSchema.nullable(),
  contactId: idSchema.nullable(),
  note: noteSchema,
});
export type YardFields = z.infer<typeof yardFieldsSchema>;
export const yardWriteSchema = yardFieldsSchema.extend({ was: yardFieldsSchema.nullish() });
export const yardSchema = yardFieldsSchema.extend({ id: idSchema });
export type Yard = z.infer<typeof yardSchema>;
