import { type BodyInput, EDGE_POSES, EDGE_STATIONS, LAST_RIB_WAYS, SECTION_STATIONS, CRITERION_IDS } from '@fulcra/core';
import { z } from 'zod';
import { finite } from './basics';
import { schoolIdSchema } from './decisions';
import { riderLoadSchema, saddleSetupSchema } from './tried';

const yz = z.object({ yMm: finite, zMm: finite });
const xz = z.object({ xMm: finite, zMm: finite });
const known = finite.nullable();
const sideSpread = z.object({ sideAngleDeg: finite, halfWidthMm: finite });
const scapulaSide = z.object({ restMm: known, forwardMm: known, travelMm: known });
const PLACES = ['witherTop', 'witherBase', 'girthGroove', 'lowPoint', 'widestBarrel'] as const;

/** All that was measured of a back, as the engine takes it; what a client derived from its takes. */
export const bodyInputSchema = z.object({
  stations: z
    .array(
      z.object({
        station: z.enum(SECTION_STATIONS),
        xMm: z.number().min(-300).max(1200),
        section: z.object({ points: z.array(yz).min(5).max(2000).readonly(), apexIndex: z.number().int().min(0), coarse: z.boolean() }),
        spread: z.object({ near: sideSpread, off: sideSpread, assumed: z.boolean() }),
      }),
    )
    .max(SECTION_STATIONS.length)
    .readonly(),
  topline: z.object({ points: z.array(xz).min(3).max(2000).readonly(), coarse: z.boolean() }).nullable(),
  landmarks: z.object({
    originOnTapeMm: finite,
    scapula: z.object({ near: scapulaSide, off: scapulaSide }),
    lastRib: z.object({
      state: z.enum(['none', 'oneWay', 'agree', 'askThird', 'settled', 'differ']),
      atMm: known,
      byWay: z
        .array(z.object({ way: z.enum(LAST_RIB_WAYS), atMm: finite }))
        .max(3)
        .readonly(),
      differMm: finite,
    }),
    places: z.partialRecord(z.enum(PLACES), finite),
    edges: z
      .array(z.object({ station: z.enum(EDGE_STATIONS), pose: z.enum(EDGE_POSES), spineMm: known, muscleMm: known }))
      .max(12)
      .readonly(),
  }),
  liftMm: z.number().min(0).max(150).nullable(),
});

export const rankingWriteSchema = z.object({
  body: bodyInputSchema,
  schoolId: schoolIdSchema,
  rider: riderLoadSchema.nullable(),
  strapPullN: z.number().min(0).max(500),
});
export type RankingWrite = z.infer<typeof rankingWriteSchema>;

/** A doubt about a landmark changes no number, so it doesn't travel. */
export const bodyInputOf = ({ landmarks, ...rest }: RankingWrite['body']): BodyInput => ({
  ...rest,
  landmarks: { ...landmarks, places: landmarks.places, doubts: [] },
});

const problemSchema = z.object({ code: z.string(), values: z.record(z.string(), z.union([z.number(), z.string()])) });

/** The stock on one horse, best first: each saddle in its best setup with its score, hard stops and what speaks against it. */
export const rankingSchema = z.object({
  ranked: z.array(
    z.object({
      id: z.string(),
      score: z.number(),
      stops: z.array(z.enum(CRITERION_IDS)),
      triedCount: z.number().int(),
      setup: saddleSetupSchema,
      against: z.array(z.object({ id: z.enum(CRITERION_IDS), value: z.number().nullable() })),
    }),
  ),
  refused: z.array(z.object({ id: z.string(), problems: z.array(problemSchema) })),
  threads: z.number().int(),
});
export type Ranking = z.infer<typeof rankingSchema>;
