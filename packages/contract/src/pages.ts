import { OUTLINE_POINTS } from '@fulcra/core';
import { z } from 'zod';
import { daySchema, idSchema } from './basics';
import { decisionSchema } from './decisions';
import { earlierFactSchema, factSchema } from './facts';
import { horseSchema } from './horses';
import { photoSchema } from './photos';
import { pointSchema, takeSchema } from './sections';
import { rideResultSchema, visitSchema } from './visits';

/** What a horse is ridden in, as it stands: a saddle until another decision or a person says otherwise, and each rider's leathers. */
export const inUseSchema = z.object({
  saddle: z.object({ saddleId: idSchema, decidedBy: idSchema.nullable(), visitId: idSchema.nullable(), since: daySchema }).nullable(),
  leathers: z.array(z.object({ riderId: idSchema, leatherId: idSchema })).readonly(),
});

/** One line of the yard list: the horse, its latest visit, and an outline of its last decided section for the small drawing. */
export const horseSummarySchema = z.object({
  horse: horseSchema,
  lastVisitOn: daySchema.nullable(),
  openVisitId: idSchema.nullable(),
  /** What it is ridden in. */
  inUse: inUseSchema,
  /** The last front section decided on, thinned out; empty until there is one. */
  outline: z.array(pointSchema).max(OUTLINE_POINTS),
});
export type HorseSummary = z.infer<typeof horseSummarySchema>;

export const YARD_SORTS = ['name', 'visited'] as const;
export const MOST_ON_PAGE = 100;
/** A screen shows far fewer at once; the rest comes while one scrolls (default). */
export const ON_PAGE = 40;
/** A page of the yard: searched and sorted by the server. */
export const yardQuerySchema = z.object({
  search: z.string().trim().max(120).default(''),
  /** Only horses that this rider rides. */
  rider: z.union([idSchema, z.literal('')]).default(''),
  sort: z.enum(YARD_SORTS).default('name'),
  from: z.coerce.number().int().min(0).max(1_000_000).default(0),
  limit: z.coerce.number().int().min(1).max(MOST_ON_PAGE).default(ON_PAGE),
});
export const yardPageSchema = z.object({
  /** Horses with a visit under way, the latest first; on the first page only. */
  underWay: z.array(horseSummarySchema),
  horses: z.array(horseSummarySchema),
  /** Where the next page begins; null on the last. */
  next: z.number().int().nullable(),
  total: z.number().int(),
});
export type YardPage = z.infer<typeof yardPageSchema>;

/** A horse with all its visits, newest first. */
export const horseHistorySchema = z.object({
  horse: horseSchema,
  visits: z.array(
    z.object({
      visit: visitSchema,
      decision: decisionSchema.nullable(),
      /** Earlier decisions of that visit, oldest first. */
      superseded: z.array(decisionSchema),
      ride: rideResultSchema,
    }),
  ),
  /** Dated facts from all its visits, oldest first. */
  said: z.array(earlierFactSchema),
  inUse: inUseSchema,
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
  /** What was decided last; earlier decisions are superseded, oldest first. */
  decision: decisionSchema.nullable(),
  superseded: z.array(decisionSchema),
  /** What the horse is ridden in before this visit: the saddle it came in. */
  cameIn: inUseSchema,
  /** What was felt when a hand was laid on it last before this visit, and what was cleared since. */
  feltBefore: z.array(factSchema),
});
export type VisitPage = z.infer<typeof visitPageSchema>;

/** All tracings of a horse, visit by visit, oldest first: what change over time is read from. */
export const horseTracingsSchema = z.array(
  z.object({ visitId: idSchema, startedOn: daySchema, stationMm: z.number(), takes: z.array(takeSchema), facts: z.array(factSchema) }),
);
export type HorseTracings = z.infer<typeof horseTracingsSchema>;
