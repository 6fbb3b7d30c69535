import { z } from 'zod';
import { daySchema, idSchema, nameSchema, noteSchema } from './basics';
import { schoolIdSchema } from './decisions';

export const visitFieldsSchema = z.object({
  horseId: idSchema,
  startedOn: daySchema,
  schoolId: schoolIdSchema,
  /** Where behind the scapula this visit takes its front section. */
  stationMm: z.number().min(0).max(200),
  status: z.enum(['open', 'done']),
  note: noteSchema,
  /** What the fitter says at the end; held back while something sore holds the visit. */
  result: z.enum(['goodToRide', 'notGoodToRide']).nullable(),
});
export type VisitFields = z.infer<typeof visitFieldsSchema>;

/** With what stood there when it was changed, so that two people's changes can be told apart. */
export const visitWriteSchema = visitFieldsSchema.extend({ was: visitFieldsSchema.nullish() });
export type VisitWrite = z.infer<typeof visitWriteSchema>;

/** One dated event for one horse with one fitter. */
export const visitSchema = visitFieldsSchema.extend({ id: idSchema, fitter: nameSchema });
export type Visit = z.infer<typeof visitSchema>;
