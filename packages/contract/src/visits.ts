import { z } from 'zod';
import { daySchema, idSchema, nameSchema, noteSchema } from './basics';
import { schoolIdSchema } from './decisions';

export const visitWriteSchema = z.object({
  horseId: idSchema,
  startedOn: daySchema,
  schoolId: schoolIdSchema,
  /** Where behind the scapula this visit takes its front section. */
  stationMm: z.number().min(0).max(200),
  status: z.enum(['open', 'done']),
  note: noteSchema,
});
export type VisitWrite = z.infer<typeof visitWriteSchema>;

/** One dated event for one horse with one fitter. */
export const visitSchema = visitWriteSchema.extend({ id: idSchema, fitter: nameSchema });
export type Visit = z.infer<typeof visitSchema>;
