import { ARCH_SHAPES, FRONT_VERDICTS, type OwnSchoolId, SCHOOL_IDS } from '@fulcra/core';
import { z } from 'zod';
import { finite, idSchema, momentSchema, nameSchema } from './basics';
import { pointSchema } from './sections';

/** A practice's own school: `own-` and an id. */
export const ownSchoolIdSchema = z
  .custom<OwnSchoolId>((v) => typeof v === 'string' && /^own-[0-9a-f-]{36}$/.test(v), 'is not a school')
  .meta({
    type: 'string',
    pattern: '^own-[0-9a-f-]{36}$',
  });
export const schoolIdSchema = z.union([z.enum(SCHOOL_IDS), ownSchoolIdSchema]);

/** What was decided, with everything needed to draw it again and to know which rules said so. */
export const decisionWriteSchema = z.object({
  decidedAt: momentSchema,
  /** The tried setting it was made of; absent for a width kept at the front alone. */
  triedId: idSchema.nullable().optional(),
  /** Null when a width was chosen without a saddle of the stock. */
  saddleId: idSchema.nullable(),
  settingLabel: z.string().max(60).nullable(),
  shape: z.enum(ARCH_SHAPES),
  includedAngleDeg: z.number().min(50).max(150),
  spanAt100Mm: z.number().min(0).max(900),
  pointLengthMm: z.number().min(60).max(300),
  crownZMm: finite,
  verdict: z.enum(FRONT_VERDICTS),
  widthsOff: z.number().int(),
  /** Filled in from the computation, then edited by the fitter. */
  reasons: z.string().max(4000),
  schoolId: schoolIdSchema,
  schoolVersion: z.number().int().positive(),
  coreVersion: z.string().max(20),
  takenAtMm: z.number().min(0).max(200),
  /** The consensus it was decided on. */
  section: z.array(pointSchema).min(5).max(2000),
});
export type DecisionWrite = z.infer<typeof decisionWriteSchema>;

/** One decision of a visit; a later one supersedes it and both are kept. */
export const decisionSchema = decisionWriteSchema.extend({
  id: idSchema,
  visitId: idSchema,
  fitter: nameSchema,
  /** Its place in the practice's counting, as the server took it; the latest of a visit stands. */
  order: z.number().int(),
});
export type Decision = z.infer<typeof decisionSchema>;
