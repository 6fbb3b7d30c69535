import { type SchoolFile, SCHOOL_FILE, schoolFileSchema } from '@fulcra/contract';
import {
  type BuiltInSchoolId,
  type OwnSchool,
  type Problem,
  type School,
  type SchoolChange,
  schoolById,
  changeProblems,
  isOwnSchool,
} from '@fulcra/core';
import { v7 } from 'uuid';
import { momentNow } from '../platform/clock';

/** A copy of a school under a name of its own, with nothing changed yet; a copy of an own one keeps what that changed. */
export function copyOf(school: School, own: OwnSchool | null, name: string, by: string): OwnSchool {
  const basedOn = own?.basedOn ?? (school.id as BuiltInSchoolId);
  return newSchool(name, basedOn, own?.basedOnVersion ?? school.version, own?.versions.at(-1)!.changes ?? [], by);
}

const newSchool = (
  name: string,
  basedOn: BuiltInSchoolId,
  basedOnVersion: number,
  changes: readonly SchoolChange[],
  by: string,
): OwnSchool => ({
  id: `own-${v7()}`,
  name,
  basedOn,
  basedOnVersion,
  versions: [{ version: 1, savedAt: momentNow(), by, changes }],
});

/** One version more; the ones before are kept. */
export const savedAgain = (own: OwnSchool, name: string, changes: readonly SchoolChange[], by: string): OwnSchool => ({
  ...own,
  name,
  versions: [...own.versions, { version: own.versions.at(-1)!.version + 1, savedAt: momentNow(), by, changes }],
});

export const withSchool = (all: readonly OwnSchool[], one: OwnSchool): OwnSchool[] =>
  all.some((s) => s.id === one.id) ? all.map((s) => (s.id === one.id ? one : s)) : [...all, one];

/** An own school handed on: what it was copied from, and what differs. */
export const fileOf = ({ name, basedOn, basedOnVersion, versions }: OwnSchool): SchoolFile => ({
  ...SCHOOL_FILE,
  name,
  basedOn,
  basedOnVersion,
  changes: [...versions.at(-1)!.changes],
});

export type ReadSchool =
  | { readonly ok: true; readonly school: OwnSchool }
  | { readonly ok: false; readonly problems: readonly Problem[]; readonly notASchool: boolean };

/** Reads a file from elsewhere; refused with why, taking nothing in. */
export function schoolFromFile(text: string, by: string): ReadSchool {
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch {
    return { ok: false, problems: [], notASchool: true };
  }
  const parsed = schoolFileSchema.safeParse(json);
  if (!parsed.success) return { ok: false, problems: [], notASchool: true };
  const { name, basedOn, basedOnVersion, changes } = parsed.data;
  const problems = changeProblems(schoolById(basedOn), changes);
  return problems.length > 0
    ? { ok: false, problems, notASchool: false }
    : { ok: true, school: newSchool(name, basedOn, basedOnVersion, changes, by) };
}

/** The original a school is held against: itself where it comes with the product. */
export const originalOf = (school: School, all: readonly OwnSchool[]): School =>
  isOwnSchool(school.id) ? schoolById(all.find((s) => s.id === school.id)!.basedOn) : school;
