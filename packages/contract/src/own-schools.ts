import { MOST_OWN_SCHOOLS, MOST_SCHOOL_VERSIONS, SCHOOL_IDS, schoolById, changeProblems, schoolFields } from '@fulcra/core';
import { z } from 'zod';
import { finite, momentSchema, nameSchema } from './basics';
import { ownSchoolIdSchema } from './decisions';

const MOST_CHANGES = schoolFields(schoolById('western')).length + 100;
const changesSchema = z
  .array(z.object({ path: z.string().min(3).max(80), value: z.union([finite, z.string().min(1).max(40)]) }))
  .max(MOST_CHANGES);

const copied = { name: nameSchema, basedOn: z.enum(SCHOOL_IDS), basedOnVersion: z.number().int().positive() };

/** Numbers that can't be are refused with the words of the core. */
const fits = ({
  basedOn,
  changes,
}: {
  basedOn: (typeof SCHOOL_IDS)[number];
  changes: { path: string; value: number | string }[];
}): boolean => changeProblems(schoolById(basedOn), changes).length === 0;

export const ownSchoolSchema = z
  .object({
    id: ownSchoolIdSchema,
    ...copied,
    versions: z
      .array(z.object({ version: z.number().int().positive(), savedAt: momentSchema, by: nameSchema, changes: changesSchema }))
      .min(1)
      .max(MOST_SCHOOL_VERSIONS),
  })
  .refine(({ basedOn, versions }) => versions.every(({ changes }) => fits({ basedOn, changes })), 'has a number that can’t be')
  .refine(({ versions }) => versions.every((v, i) => i === 0 || v.version > versions[i - 1]!.version), 'has versions out of order');

export const ownSchoolsSchema = z.array(ownSchoolSchema).max(MOST_OWN_SCHOOLS);

/** A school as a file: what it was copied from, and what differs. */
export const SCHOOL_FILE = { format: 'fulcra-school', version: 1 } as const;
export const schoolFileSchema = z.object({
  format: z.literal(SCHOOL_FILE.format),
  version: z.literal(SCHOOL_FILE.version),
  ...copied,
  changes: changesSchema,
});
export type SchoolFile = z.infer<typeof schoolFileSchema>;
