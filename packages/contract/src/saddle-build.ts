import { FILLINGS, PANEL_CROSSES, STRAP_HANGS, STRAP_IDS, TREE_GIVES, UNMEASURED_IDS } from '@fulcra/core';
import { z } from 'zod';

const mm = (least: number, most: number) => z.number().min(least).max(most);

/** What a property can be set to; the present value is one of them. */
export const numberSettingSchema = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('fixed'), present: z.number() }),
  z
    .object({ kind: z.literal('range'), present: z.number(), least: z.number(), most: z.number(), step: z.number().positive() })
    .refine((r) => r.least <= r.present && r.present <= r.most, { path: ['present'], message: 'lies outside its own range' }),
  z.object({ kind: z.literal('options'), present: z.number(), options: z.array(z.number()).min(1).max(40).readonly() }),
]);

export const strapSchema = z.object({
  id: z.enum(STRAP_IDS),
  xMm: mm(-100, 700),
  yMm: mm(0, 300),
  belowMm: mm(-50, 400),
  hang: z.enum(STRAP_HANGS),
});

export const frameSchema = z.object({
  lengthMm: z.number(),
  curveMm: numberSettingSchema,
  headRiseMm: mm(-20, 100),
  midAngleDeg: z.number(),
  rearAngleDeg: z.number(),
  pointRakeDeg: mm(-30, 45),
  seatLowMm: z.number(),
  barMm: z.number(),
  massKg: z.number(),
  massAtMm: z.number(),
  gives: z.enum(TREE_GIVES).optional(),
});

export const panelSchema = z.object({
  channelMidMm: z.number(),
  channelRearMm: z.number(),
  widthFrontMm: z.number(),
  widthMidMm: z.number(),
  widthRearMm: z.number(),
  depthMidMm: z.number(),
  depthRearMm: numberSettingSchema,
  depthFrontMm: numberSettingSchema,
  cross: z.enum(PANEL_CROSSES),
  bevelMm: mm(0, 60),
  aheadMm: mm(-50, 120),
  cutBackMm: mm(0, 120),
  pastTreeMm: mm(-50, 150),
  frontTurnMm: mm(0, 60),
  frontTurnOverMm: mm(0, 150),
  rearTurnMm: mm(0, 80),
  rearTurnOverMm: mm(0, 200),
  filling: z.enum(FILLINGS),
  flock: z.object({ leastMm: mm(-30, 0), mostMm: mm(0, 30), stepMm: mm(0, 10) }),
});

/** Everything of a saddle behind its front. What a number may be is judged by the core, which names the measure. */
export const saddleBuildSchema = z.object({
  frame: frameSchema,
  panel: panelSchema,
  straps: z.array(strapSchema).max(STRAP_IDS.length).readonly(),
  /** Numbers nobody measured: taken as common, or known to lie between two. */
  unmeasured: z
    .partialRecord(z.enum(UNMEASURED_IDS), z.union([z.literal('default'), z.tuple([z.number(), z.number()]).readonly()]))
    .readonly()
    .optional(),
});
