import {
  COMPLAINTS,
  COMPLAINT_ANSWERS,
  COMPLAINT_PLACES,
  COMPLAINT_TIMES,
  EDGE_POSES,
  EDGE_STATIONS,
  FEEL_PLACES,
  INTAKE_FIELDS,
  INTAKE_FIELD_IDS,
  type IntakeField,
  LANDMARKS,
  LAST_RIB_WAYS,
  PASS_IDS,
  PHOTO_POINTS,
  PURPOSES,
  REACTIONS,
  RIDDEN_GAITS,
  SKIN_SIGNS,
  STEPS,
  TRAITS,
  TRAIT_IDS,
  type TraitId,
} from '@fulcra/core';
import { z } from 'zod';
import { daySchema, finite, idSchema, momentSchema, nameSchema, noteSchema } from './basics';
import { chosenSettingSchema, refusalOverruledSchema, triedSettingSchema } from './tried';

const sideSchema = z.enum(['near', 'off']);

/** Whether a value is one that this dated fact of a horse can have. */
function fitsField({ field, value }: { field: IntakeField; value: string | number }): boolean {
  const rule = INTAKE_FIELDS[field];
  if (rule.kind === 'number') return typeof value === 'number' && value >= rule.least && value <= rule.most;
  if (rule.kind === 'choice') return (rule.options as readonly unknown[]).includes(value);
  return typeof value === 'string' && value.length <= rule.most;
}

const intakeSchema = z
  .object({
    kind: z.literal('intake'),
    field: z.enum(INTAKE_FIELD_IDS as [IntakeField, ...IntakeField[]]),
    value: z.union([finite, noteSchema]),
  })
  .refine(fitsField, { path: ['value'], message: 'is not a value this field can have' });

export const complaintSchema = z.object({
  kind: z.literal('complaint'),
  complaint: z.enum(COMPLAINTS),
  place: z.enum(COMPLAINT_PLACES).nullable(),
  side: sideSchema.nullable(),
  when: z.array(z.enum(COMPLAINT_TIMES)).max(COMPLAINT_TIMES.length),
  note: noteSchema,
});

const complaintAnsweredSchema = z.object({
  kind: z.literal('complaintAnswered'),
  complaint: z.enum(COMPLAINTS),
  answer: z.enum(COMPLAINT_ANSWERS),
});

const feelSchema = z.object({
  kind: z.literal('feel'),
  spots: z
    .array(z.object({ place: z.enum(FEEL_PLACES), side: sideSchema }))
    .min(1)
    .max(2 * FEEL_PLACES.length),
  pass: z.enum(PASS_IDS),
  reaction: z.enum(REACTIONS),
  signs: z.array(z.enum(SKIN_SIGNS)).max(SKIN_SIGNS.length),
});

const bellyLiftSchema = z.object({
  kind: z.literal('bellyLift'),
  /** Measured rise; null when it was judged by eye. */
  riseMm: z.number().min(0).max(150).nullable(),
  byEye: z.enum(['none', 'little', 'clear']).nullable(),
  even: z.enum(['even', 'nearLess', 'offLess']).nullable(),
  withersFill: z.boolean().nullable(),
});

const traitSchema = z
  .object({ kind: z.literal('trait'), trait: z.enum(TRAIT_IDS as [TraitId, ...TraitId[]]), value: z.string().max(20) })
  .refine((f) => (TRAITS[f.trait] as readonly string[]).includes(f.value), { path: ['value'], message: 'is not a value of this trait' });

export const landmarkFactSchema = z.object({
  kind: z.literal('landmark'),
  landmark: z.enum(LANDMARKS),
  side: sideSchema.nullable(),
  way: z.enum(LAST_RIB_WAYS).nullable(),
  station: z.enum(EDGE_STATIONS).nullable(),
  pose: z.enum(EDGE_POSES).nullable(),
  atMm: finite,
  /** False where a proposal was kept untouched; notes made before this was told apart count as felt. */
  felt: z.boolean().optional(),
  again: z.boolean().optional(),
});

const barrelSchema = z.object({
  kind: z.literal('barrel'),
  circumferenceMm: z.number().min(400).max(3500),
  breadthMm: z.number().min(100).max(1200),
  widestBelowMm: z.number().min(20).max(900),
  depthMm: z.number().min(100).max(1300).nullable(),
  traced: z
    .array(z.object({ belowMm: z.number().min(0).max(1300), outMm: z.number().min(0).max(700) }))
    .max(200)
    .readonly()
    .nullable(),
});

const pxSchema = z.object({ x: z.number().min(-20000).max(20000), y: z.number().min(-20000).max(20000) });
const sideMarksSchema = z.object({
  kind: z.literal('sideMarks'),
  photoId: idSchema,
  riderId: idSchema.nullable(),
  marked: z.object({
    widthPx: z.number().min(1).max(20000),
    heightPx: z.number().min(1).max(20000),
    looks: z.enum(['left', 'right']),
    points: z.partialRecord(z.enum(PHOTO_POINTS), pxSchema),
    plumb: z.union([z.object({ from: pxSchema, to: pxSchema }), z.object({ tiltDeg: z.number().min(-90).max(90) })]),
    scale: z.object({ from: pxSchema, to: pxSchema, mm: z.number().min(10).max(3000) }),
    distanceMm: z.number().min(500).max(60000),
  }),
});

const leatherHolesSchema = z.object({
  kind: z.literal('leatherHoles'),
  riderId: idSchema,
  leatherId: idSchema,
  saddleId: idSchema.nullable(),
  coreVersion: z.string().max(20),
  lines: z
    .array(
      z.object({ purpose: z.enum(PURPOSES), hangMm: finite, near: z.number().int().min(1).max(60), off: z.number().int().min(1).max(60) }),
    )
    .min(1)
    .max(PURPOSES.length)
    .readonly(),
});

/** The cautions were shown before the first touch. */
const cautionsSchema = z.object({ kind: z.literal('cautionsShown') });

/** A named person lets a fitting go on although something was found; what was found stays on record beside it. */
const clearanceSchema = z.object({
  kind: z.literal('holdCleared'),
  by: nameSchema,
  reason: noteSchema.refine((s) => s.length >= 3, 'says no reason'),
  clears: z.array(idSchema).min(1).max(200),
});

/** What the fitter writes to the owner; the last one stands. */
const forOwnerSchema = z.object({ kind: z.literal('forOwner'), said: noteSchema, watchFor: noteSchema });

/** Ridden in it at the end, and what was seen; the last one stands, no gait takes it back. */
const riddenSchema = z.object({
  kind: z.literal('ridden'),
  gaits: z.array(z.enum(RIDDEN_GAITS)).max(RIDDEN_GAITS.length).readonly(),
  seen: noteSchema,
});

/** A named person says "good to ride" of a visit at which nothing was measured, felt or decided. */
const saidWithoutSchema = z.object({
  kind: z.literal('saidWithout'),
  by: nameSchema,
  reason: noteSchema.refine((s) => s.length >= 3, 'says no reason'),
});

/** A step of the visit the fitter chose to leave out for now. */
const skipSchema = z.object({ kind: z.literal('skipped'), step: z.enum(STEPS) });

export const factBodySchema = z.discriminatedUnion('kind', [
  intakeSchema,
  complaintSchema,
  complaintAnsweredSchema,
  feelSchema,
  bellyLiftSchema,
  traitSchema,
  landmarkFactSchema,
  barrelSchema,
  sideMarksSchema,
  leatherHolesSchema,
  cautionsSchema,
  clearanceSchema,
  skipSchema,
  forOwnerSchema,
  riddenSchema,
  triedSettingSchema,
  chosenSettingSchema,
  refusalOverruledSchema,
  saidWithoutSchema,
]);
export type FactBody = z.infer<typeof factBodySchema>;

/** Facts that only the server makes: when a visit was closed and opened again. */
const serverFactSchema = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('visitClosed') }),
  z.object({ kind: z.literal('visitReopened') }),
]);
export const storedBodySchema = z.union([factBodySchema, serverFactSchema]);
export type StoredBody = z.infer<typeof storedBodySchema>;

/** Something found or said at a visit: added and withdrawn, never altered, so that two devices can't overwrite each other. */
export const factWriteSchema = z.object({ madeAt: momentSchema, body: factBodySchema });
export type FactWrite = z.infer<typeof factWriteSchema>;

export const factSchema = factWriteSchema.extend({
  body: storedBodySchema,
  id: idSchema,
  visitId: idSchema,
  hand: nameSchema,
  withdrawn: z.boolean(),
});
export type Fact = z.infer<typeof factSchema>;

/** What earlier visits said of the same horse, offered again. */
export const earlierFactSchema = z.object({
  field: z.enum(INTAKE_FIELD_IDS as [IntakeField, ...IntakeField[]]),
  value: z.union([finite, z.string()]),
  on: daySchema,
});
export type EarlierFact = z.infer<typeof earlierFactSchema>;
