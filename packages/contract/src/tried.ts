import { ARCH_SHAPES, BACK_POSES, GAITS, PAD_KINDS, CRITERION_IDS, RETIRED_CRITERION_IDS, STRAP_IDS } from '@fulcra/core';
import { z } from 'zod';
import { finite, idSchema, nameSchema, noteSchema } from './basics';
import { schoolIdSchema } from './decisions';

const zonesSchema = z.object({ front: finite, middle: finite, rear: finite });
const bySideSchema = z.object({ near: zonesSchema, off: zonesSchema });

/** Everything a fitter can change about how one saddle lies, as the engine takes it. */
export const saddleSetupSchema = z.object({
  width: z.number().int().min(0).max(39),
  shape: z.enum(ARCH_SHAPES).optional(),
  curveMm: finite,
  frontDepthMm: finite,
  rearDepthMm: finite,
  flock: bySideSchema,
  shims: bySideSchema,
  pad: z.object({ kind: z.enum(PAD_KINDS), thicknessMm: z.number().min(0).max(60) }),
  placeMm: z.number().min(-200).max(400),
  straps: z.array(z.enum(STRAP_IDS)).max(5).readonly(),
});

export const riderLoadSchema = z.object({
  massKg: z.number().min(0).max(200),
  offsetMm: z.number().min(-100).max(100),
  alongMm: z.number().min(-100).max(100).optional(),
  stirrupShare: z.number().min(0).max(1),
  gait: z.enum(GAITS),
});

/** A row that missed, or refused: enough to say why long after. */
const missedRowSchema = z.object({
  id: z.enum([...CRITERION_IDS, ...RETIRED_CRITERION_IDS]),
  value: finite.nullable(),
  stops: z.boolean(),
  /** Half of the interval that holds nine in ten, in the number's own unit; absent where it was judged before errors were known. */
  half: finite.nullable().optional(),
});

/** One setup of one saddle tried on this horse, with what was computed for it under which rules. */
export const triedSettingSchema = z.object({
  kind: z.literal('triedSetting'),
  saddleId: idSchema,
  saddleName: nameSchema,
  widthLabel: z.string().max(60),
  setup: saddleSetupSchema,
  rider: riderLoadSchema.nullable(),
  pose: z.enum(BACK_POSES),
  schoolId: schoolIdSchema,
  schoolVersion: z.number().int().positive(),
  coreVersion: z.string().max(20),
  score: z.number().min(0).max(100),
  missed: z.array(missedRowSchema).max(40),
  /** For the small drawing: pressure by rows and columns of a coarse grid, kPa, near side first. */
  thumb: z.object({ rows: z.number().int().min(1).max(40), columns: z.number().int().min(1).max(40), kPa: z.array(z.number()).max(1600) }),
});
export type TriedSetting = z.infer<typeof triedSettingSchema>;

/** The tried setting that is to be ordered or made; the fitter decides. */
export const chosenSettingSchema = z.object({ kind: z.literal('chosenSetting'), triedId: idSchema, note: noteSchema });

/** A named person stands for a chosen setting that the engine refuses; what was refused stays on record beside it. */
export const refusalOverruledSchema = z.object({
  kind: z.literal('refusalOverruled'),
  triedId: idSchema,
  by: nameSchema,
  reason: noteSchema.refine((s) => s.length >= 3, 'says no reason'),
});
