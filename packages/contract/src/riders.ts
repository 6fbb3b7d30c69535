import { PURPOSES, RIDER_MEASURES, type RiderMeasure } from '@fulcra/core';
import { z } from 'zod';
import { daySchema, idSchema, nameSchema, noteSchema } from './basics';

/** Joints that an old injury leaves stiff: the rider's comfort wins over the band. */
export const OLD_INJURIES = ['hip', 'knee', 'ankle', 'back'] as const;
export type OldInjury = (typeof OLD_INJURIES)[number];

/** How uneven leathers may be left, mm, and how short a reason for it is none. */
export const UNEVEN_LIMITS = { mostMm: 60, leastReason: 3 } as const;

/** Leathers left uneven on purpose: never without a named person's reason. */
const unevenSchema = z.object({
  /** How much longer the off side is to hang, mm; - shorter. */
  offLongerMm: z.number().min(-UNEVEN_LIMITS.mostMm).max(UNEVEN_LIMITS.mostMm),
  by: nameSchema,
  reason: noteSchema.refine((s) => s.length >= UNEVEN_LIMITS.leastReason, 'says no reason'),
});

/** A rider. Lengths of the body are dated records of their own. */
export const riderFieldsSchema = z.object({
  name: nameSchema,
  heightMm: z.number().min(900).max(2300).nullable(),
  weightKg: z.number().min(15).max(250).nullable(),
  note: noteSchema,
  /** What the leathers are for, the usual one first. */
  purposes: z.array(z.enum(PURPOSES)).max(PURPOSES.length).default([]),
  injuries: z.array(z.enum(OLD_INJURIES)).max(OLD_INJURIES.length).default([]),
  /** The off leg longer by so much, as measured; - shorter. */
  offLegLongerMm: z.number().min(-80).max(80).nullable().default(null),
  uneven: unevenSchema.nullable().default(null),
});
export type RiderFields = z.infer<typeof riderFieldsSchema>;

/** A rider of whom nothing is known but what is said next. */
export const NEW_RIDER: Omit<RiderFields, 'name'> = {
  heightMm: null,
  weightKg: null,
  note: '',
  purposes: [],
  injuries: [],
  offLegLongerMm: null,
  uneven: null,
};

/** With what stood there when it was changed, so that two people's changes can be told apart. */
export const riderWriteSchema = riderFieldsSchema.extend({ was: riderFieldsSchema.nullish() });
export type RiderWrite = z.infer<typeof riderWriteSchema>;

export const riderSchema = riderFieldsSchema.extend({ id: idSchema });
export type Rider = z.infer<typeof riderSchema>;

/** What one length of a rider can be, mm (wide: a small child to a giant; what nobody has is a slip of the unit). */
export const RIDER_LIMITS_MM: Readonly<Record<RiderMeasure, readonly [least: number, most: number]>> = {
  stature: [800, 2300],
  insideLeg: [300, 1150],
  buttockToKneeHollow: [200, 700],
  thigh: [150, 650],
  kneeToSole: [180, 750],
  ankleHeight: [20, 140],
  ankleToBall: [40, 220],
  heelToAnkle: [15, 120],
  hipBreadth: [150, 700],
  hipJointHalfDistance: [30, 160],
  hipJointAboveSeat: [30, 200],
  shoulderAboveHip: [180, 750],
  armpitToFingertip: [250, 1000],
  bootSole: [1, 60],
};

const lengthOf = (measure: RiderMeasure) => z.number().min(RIDER_LIMITS_MM[measure][0]).max(RIDER_LIMITS_MM[measure][1]).optional();
const lengthsSchema = z.object(
  Object.fromEntries(RIDER_MEASURES.map((m) => [m, lengthOf(m)])) as Record<RiderMeasure, ReturnType<typeof lengthOf>>,
);

/** Lengths of a rider, taken on one day by one hand; never altered, at most withdrawn. */
export const riderMeasuresFieldsSchema = z.object({
  riderId: idSchema,
  takenOn: daySchema,
  hand: nameSchema,
  lengthsMm: lengthsSchema.refine((lengths) => Object.values(lengths).some((mm) => mm !== undefined), 'holds no length'),
  withdrawn: z.boolean(),
});
export type RiderMeasuresFields = z.infer<typeof riderMeasuresFieldsSchema>;
export const riderMeasuresWriteSchema = riderMeasuresFieldsSchema.extend({ was: riderMeasuresFieldsSchema.nullish() });
export const riderMeasuresSchema = riderMeasuresFieldsSchema.extend({ id: idSchema });
export type RiderMeasuresTaken = z.infer<typeof riderMeasuresSchema>;
