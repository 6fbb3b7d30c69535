import { TACK_KINDS, TREE_CRITERIA, VISIT_REASONS } from '@fulcra/core';
import { z } from 'zod';
import { daySchema, idSchema } from './basics';

const reasonSchema = z.enum(VISIT_REASONS);

/** What the forecast says of the present tree; days as YYYY-MM-DD. */
export const forecastSchema = z.object({
  id: z.enum(TREE_CRITERIA),
  code: z.enum(['leaves', 'stays', 'alreadyOut', 'tooFewDates']),
  dates: z.number().int(),
  /** Counted anew from this day on, and why; null where all dates count. */
  since: z.object({ on: daySchema, why: z.enum(['timeOff', 'work', 'weight']) }).nullable(),
  on: daySchema.nullable(),
  early: daySchema.nullable(),
  late: daySchema.nullable(),
  until: daySchema.nullable(),
  /** Of leaving within what can be foretold, 0 to 1; null where that can't be said. */
  chance: z.number().nullable(),
  /** How sure the interval is, 0 to 1; null where there is none. */
  level: z.number().nullable(),
});
export type Forecast = z.infer<typeof forecastSchema>;

/** When a horse is due and why, as everything known now has it; worked out, never stored. */
export const dueSchema = z.object({
  horseId: idSchema,
  horseName: z.string(),
  yardId: idSchema.nullable(),
  lastVisitOn: daySchema,
  on: daySchema,
  reason: reasonSchema,
  atOnce: z.boolean(),
  others: z.array(z.object({ reason: reasonSchema, on: daySchema })).readonly(),
  forecast: forecastSchema.nullable(),
  /** Whether the school its last decision was judged by is known: nothing is foretold by another in its place. */
  schoolKnown: z.boolean(),
  /** What of its tack was sound and wasn't looked at since: a notice, never a hold. */
  lapsed: z.array(z.object({ itemId: idSchema, name: z.string(), kind: z.enum(TACK_KINDS), since: daySchema })).readonly(),
});
export type Due = z.infer<typeof dueSchema>;
export const dueListSchema = z.array(dueSchema);
