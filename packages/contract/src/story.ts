import { STRAP_IDS } from '@fulcra/core';
import { z } from 'zod';
import { daySchema, idSchema, nameSchema } from './basics';
import { decisionSchema } from './decisions';
import { horseSchema } from './horses';
import { ownerWordSchema } from './owner';
import { pointSchema } from './sections';
import { tackCheckSchema } from './tack';
import { rideResultSchema } from './visits';

const stepSchema = z.object({
  on: daySchema,
  witherMm: z.number().nullable(),
  frontMm: z.number().nullable(),
  straps: z.array(z.enum(STRAP_IDS)).readonly().nullable(),
});
const moveSchema = z.object({
  witherMm: z.number().nullable(),
  frontMm: z.number().nullable(),
  strapsBack: z.number().nullable(),
  improving: z.boolean(),
});
const heldSchema = z.object({
  day: z.number().int(),
  dates: z.number().int(),
  expected: z.number(),
  least: z.number(),
  most: z.number(),
  came: z.number(),
  held: z.boolean(),
});

/** A horse's history on one scroll, oldest first. */
export const storySchema = z.object({
  horse: horseSchema,
  visits: z
    .array(
      z.object({
        visitId: idSchema,
        on: daySchema,
        fitter: nameSchema,
        /** Front section as it was taken; empty where it wasn't. */
        outline: z.array(pointSchema).readonly(),
        decision: decisionSchema.nullable(),
        saddleName: z.string().nullable(),
        ride: rideResultSchema,
        weightKg: z.number().nullable(),
        work: z.string().nullable(),
        step: stepSchema,
        /** Since the visit before; null for the first. */
        move: moveSchema.nullable(),
        /** What the dates before foretold of the present tree's front, and what came, mm. */
        foretold: heldSchema.nullable(),
      }),
    )
    .readonly(),
  /** Everything found on the tack it went in. */
  tack: z.array(tackCheckSchema.extend({ itemName: z.string() })).readonly(),
  words: z.array(ownerWordSchema).readonly(),
});
export type Story = z.infer<typeof storySchema>;
