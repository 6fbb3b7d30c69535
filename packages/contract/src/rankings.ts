import { CRITERION_IDS, NEEDS, UNMEASURED_IDS } from '@fulcra/core';
import { z } from 'zod';
import { idSchema } from './basics';
import { schoolIdSchema } from './decisions';
import { riderLoadSchema, saddleSetupSchema } from './tried';

/** The stock against one visit's horse: the server derives the back from the visit's own takes and facts. */
export const rankingWriteSchema = z.object({
  visitId: idSchema,
  schoolId: schoolIdSchema,
  rider: riderLoadSchema.nullable(),
  strapPullN: z.number().min(0).max(500),
});
export type RankingWrite = z.infer<typeof rankingWriteSchema>;

const problemSchema = z.object({ code: z.string(), values: z.record(z.string(), z.union([z.number(), z.string()])) });

/** The stock on one horse, best first: each saddle in its best setup with its score, hard stops and what speaks against it. */
export const rankingSchema = z.object({
  ranked: z.array(
    z.object({
      id: z.string(),
      /** With strides and pushes, where it was ridden. */
      score: z.number(),
      standing: z.number(),
      ridden: z.boolean(),
      stops: z.array(z.enum(CRITERION_IDS)),
      triedCount: z.number().int(),
      setup: saddleSetupSchema,
      standsOn: z.object({
        share: z.number().min(0).max(1),
        waitsFor: z.array(z.enum(NEEDS)),
        byEye: z.array(z.enum(NEEDS)),
        unmeasured: z.array(z.enum(UNMEASURED_IDS)),
      }),
      against: z.array(z.object({ id: z.enum(CRITERION_IDS), value: z.number().nullable() })),
    }),
  ),
  refused: z.array(z.object({ id: z.string(), problems: z.array(problemSchema) })),
  threads: z.number().int(),
});
export type Ranking = z.infer<typeof rankingSchema>;
