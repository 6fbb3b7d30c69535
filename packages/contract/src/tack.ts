import { TACK_FINDINGS, TACK_KINDS, TACK_POINT_IDS, TACK_ROUNDS, TACK_SOURCES, type TackPoint, isSpotOf } from '@fulcra/core';
import { z } from 'zod';
import { daySchema, idSchema, momentSchema, nameSchema, noteSchema } from './basics';

export const GIRTH_MATERIALS = ['leather', 'webbing', 'string', 'synthetic', 'mohair', 'felt'] as const;
/** Where a girth stretches. */
export const GIRTH_ELASTICS = ['none', 'middle', 'oneEnd', 'bothEnds'] as const;
/** A girth measures between these from end to end, mm. */
export const GIRTH_LIMITS_MM = { least: 250, most: 1800 } as const;

/** A girth or cinch: a thing with an age. */
export const girthFieldsSchema = z.object({
  name: nameSchema,
  lengthMm: z.number().min(GIRTH_LIMITS_MM.least).max(GIRTH_LIMITS_MM.most).nullable(),
  material: z.enum(GIRTH_MATERIALS),
  elastic: z.enum(GIRTH_ELASTICS),
  /** Day it was new, as far as known. */
  newOn: daySchema.nullable(),
  saddleId: idSchema.nullable(),
  note: noteSchema,
});
export type GirthFields = z.infer<typeof girthFieldsSchema>;
export const girthWriteSchema = girthFieldsSchema.extend({ was: girthFieldsSchema.nullish() });
export const girthSchema = girthFieldsSchema.extend({ id: idSchema });
export type Girth = z.infer<typeof girthSchema>;

export const tackFoundSchema = z.object({
  point: z.enum(TACK_POINT_IDS as [TackPoint, ...TackPoint[]]),
  side: z.enum(['near', 'off']).nullable(),
  finding: z.enum(TACK_FINDINGS),
  note: noteSchema,
});
export const MOST_FOUND = 60;

/** A fall, or lying down with the saddle on: which horse, and the owner's word that told of it. */
const tackFallSchema = z.object({ horseId: idSchema.nullable(), wordId: idSchema.nullable() });

/** One look at one item, one mending of it, or one fall; never altered, at most withdrawn. */
const tackCheckShape = z.object({
  itemKind: z.enum(TACK_KINDS),
  itemId: idSchema,
  madeAt: momentSchema,
  hand: nameSchema,
  source: z.enum(TACK_SOURCES),
  round: z.enum(TACK_ROUNDS),
  found: z.array(tackFoundSchema).max(MOST_FOUND).readonly(),
  mended: z
    .object({
      by: nameSchema,
      what: noteSchema.refine((s) => s.length >= 3, 'says nothing that was done'),
      clears: z.array(idSchema).min(1).max(MOST_FOUND).readonly(),
    })
    .nullable(),
  fall: tackFallSchema.nullable().default(null),
  /** Falls that whoever walked it round knew of. */
  answers: z.array(idSchema).max(MOST_FOUND).readonly().default([]),
  withdrawn: z.boolean(),
});
export type TackCheckFields = z.infer<typeof tackCheckShape>;

/** Each spot is one that this kind of item has, said once; a mending finds nothing unsafe. */
function oneWordEach({ itemKind, found, mended, fall }: TackCheckFields, context: z.RefinementCtx): void {
  const refuse = (i: number, message: string): void => context.addIssue({ code: 'custom', path: ['found', i], message });
  if (fall !== null && itemKind !== 'saddle') context.addIssue({ code: 'custom', path: ['fall'], message: 'is of a saddle' });
  if (fall !== null && (found.length > 0 || mended !== null))
    context.addIssue({ code: 'custom', path: ['fall'], message: 'stands alone: what was found is a check of its own' });
  if (found.length === 0 && mended === null && fall === null)
    context.addIssue({ code: 'custom', path: ['found'], message: 'holds nothing' });
  found.forEach((spot, i) => {
    if (!isSpotOf(itemKind, spot)) refuse(i, `is no point of a ${itemKind}`);
    if (found.findIndex((f) => f.point === spot.point && f.side === spot.side) !== i) refuse(i, 'is said twice');
    if (mended !== null && spot.finding === 'unsafe') refuse(i, 'is unsafe still: note that as a check of its own');
  });
}

export const tackCheckFieldsSchema = tackCheckShape.superRefine(oneWordEach);
export const tackCheckWriteSchema = tackCheckShape.extend({ was: tackCheckShape.nullish() }).superRefine(oneWordEach);
export const tackCheckSchema = tackCheckShape.extend({ id: idSchema });
export type TackCheckKept = z.infer<typeof tackCheckSchema>;
