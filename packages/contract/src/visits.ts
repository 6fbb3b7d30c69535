import { CRITERION_IDS, RETIRED_CRITERION_IDS, RIDE_WORDS } from '@fulcra/core';
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
  result: z.enum(RIDE_WORDS).nullable(),
});
export type VisitFields = z.infer<typeof visitFieldsSchema>;

/** With what stood there when it was changed, so that two people's changes can be told apart. */
export const visitWriteSchema = visitFieldsSchema.extend({ was: visitFieldsSchema.nullish() });
export type VisitWrite = z.infer<typeof visitWriteSchema>;

/** Whether the horse may be ridden as everything known now has it; derived by the core, never stored. */
export const rideResultSchema = z.object({
  said: z.enum(RIDE_WORDS).nullable(),
  stands: z.enum(RIDE_WORDS).nullable(),
  takenBack: z
    .array(
      z.discriminatedUnion('code', [
        z.object({ code: z.literal('SORE_HOLD'), findings: z.number().int() }),
        z.object({ code: z.enum(['TACK_UNSAFE', 'TREE_AFTER_FALL']), name: z.string() }),
        z.object({ code: z.enum(['FELL', 'NOTHING_DONE']) }),
        z.object({ code: z.literal('SETTING_REFUSED'), saddleName: z.string(), stops: z.number().int() }),
      ]),
    )
    .readonly(),
  caveats: z
    .array(
      z.discriminatedUnion('code', [
        z.object({ code: z.enum(['NOT_FELT', 'NOT_RIDDEN']) }),
        z.object({ code: z.literal('NOTHING_DONE'), by: z.string(), reason: z.string() }),
        z.object({ code: z.literal('SETTING_MISSES'), ids: z.array(z.enum([...CRITERION_IDS, ...RETIRED_CRITERION_IDS])).readonly() }),
      ]),
    )
    .readonly()
    .default([]),
  overruled: z.object({ triedId: z.string(), by: z.string(), reason: z.string() }).nullable(),
});

/** One dated event for one horse with one fitter. */
export const visitSchema = visitFieldsSchema.extend({ id: idSchema, fitter: nameSchema });
export type Visit = z.infer<typeof visitSchema>;
