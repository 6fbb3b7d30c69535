import { z } from 'zod';
import { daySchema, idSchema } from './basics';
import { decisionSchema } from './decisions';
import { earlierFactSchema, factSchema } from './facts';
import { horseSchema } from './horses';
import { photoSchema } from './photos';
import { pointSchema, takeSchema } from './sections';
import { visitSchema } from './visits';

/** One line of the yard list. */
export const horseSummarySchema = z.object({
  horse: horseSchema,
  lastVisitOn: daySchema.nullable(),
  openVisitId: idSchema.nullable(),
  /** The last front section decided on, for the small drawing; empty until there is one. */
  outline: z.array(pointSchema),
});
export type HorseSummary = z.infer<typeof horseSummarySchema>;

/** A horse with all its visits, newest first. */
export const horseHistorySchema = z.object({
  horse: horseSchema,
  visits: z.array(z.object({ visit: visitSchema, decision: decisionSchema.nullable() })),
  /** Dated facts from all its visits, oldest first. */
  said: z.array(earlierFactSchema),
});
export type HorseHistory = z.infer<typeof horseHistorySchema>;

/** A visit whole: everything its screens need. */
export const visitPageSchema = z.object({
  visit: visitSchema,
  horse: horseSchema,
  takes: z.array(takeSchema),
  facts: z.array(factSchema),
  photos: z.array(photoSchema),
  /** What earlier visits said of this horse, oldest first. */
  earlier: z.array(earlierFactSchema),
  decision: decisionSchema.nullable(),
});
export type VisitPage = z.infer<typeof visitPageSchema>;

/** All tracings of a horse, visit by visit, oldest first: what change over time is read from. */
export const horseTracingsSchema = z.array(
  z.object({ visitId: idSchema, startedOn: daySchema, stationMm: z.number(), takes: z.array(takeSchema), facts: z.array(factSchema) }),
);
export type HorseTracings = z.infer<typeof horseTracingsSchema>;
