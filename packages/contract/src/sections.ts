import { BEND_LIMITS, STATIONS } from '@fulcra/core';
import { z } from 'zod';
import { daySchema, finite, idSchema, momentSchema, nameSchema } from './basics';

export const pointSchema = z.object({ yMm: finite, zMm: finite });

/** A take exactly as the hand wrote it. Limits here only bound the message; the core judges the shape. */
export const takeReadingSchema = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('points'), points: z.array(pointSchema).max(2000) }),
  z.object({
    kind: z.literal('widths'),
    widths: z.array(z.object({ depthMm: finite, nearMm: finite, offMm: finite })).max(20),
  }),
  z.object({
    kind: z.literal('bends'),
    pitchMm: finite,
    bendsDeg: z.array(finite).max(BEND_LIMITS.mostJoints),
    centreJoint: z.number().int().min(0).max(BEND_LIMITS.mostJoints),
    tiltDeg: finite,
  }),
  z.object({ kind: z.literal('line'), line: z.array(z.object({ xMm: finite, zMm: finite })).max(2000) }),
  z.object({ kind: z.literal('asLast'), day: daySchema, points: z.array(pointSchema).max(2000) }),
  z.object({ kind: z.literal('drops'), drops: z.array(z.object({ xMm: finite, dropMm: finite })).max(60) }),
]);

/** Sections across the back, and lines along it. */
export const stationSchema = z.enum(STATIONS);

export const takeWriteSchema = z.object({
  station: stationSchema,
  /** Distance behind the resting scapula's rear edge; of a line, where its zero lies. */
  takenAtMm: z.number().min(-200).max(900),
  takenAt: momentSchema,
  reading: takeReadingSchema,
});
export type TakeWrite = z.infer<typeof takeWriteSchema>;

export const takeSchema = takeWriteSchema.extend({
  id: idSchema,
  visitId: idSchema,
  /** Whose hand. */
  hand: nameSchema,
  /** Taken back by the fitter; kept, but no longer counted. */
  withdrawn: z.boolean(),
});
export type TakeRecord = z.infer<typeof takeSchema>;

export const withdrawalSchema = z.object({ withdrawn: z.boolean() });
