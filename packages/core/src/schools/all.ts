import { type OwnSchool, schoolOfOwn } from './own-school';
import { PANEL_FIRST } from './panel-first';
import { ROOM_TO_MOVE } from './room-to-move';
import { type BuiltInSchoolId, type OwnSchoolId, type School, type SchoolId, SCHOOL_IDS, isOwnSchool } from './school';
import { SHOULDER_LINE } from './shoulder-line';
import { STATIC_CLOSE } from './static-close';
import { WESTERN } from './western';

const BY_ID: Readonly<Record<BuiltInSchoolId, School>> = {
  'static-close': STATIC_CLOSE,
  'shoulder-line': SHOULDER_LINE,
  'room-to-move': ROOM_TO_MOVE,
  'panel-first': PANEL_FIRST,
  western: WESTERN,
};

/** The schools that come with it. */
export const SCHOOLS: readonly School[] = SCHOOL_IDS.map((id) => BY_ID[id]);
export const builtInSchool = (id: BuiltInSchoolId): School => BY_ID[id];

/** Own schools this thread was told of, and what was made of them. */
const KNOWN = new Map<OwnSchoolId, { readonly own: OwnSchool; readonly school: School }>();

/**
 * Tells this thread of a practice's own schools; the same again changes nothing. Ids are unique among all practices.
 * One that can't be read is left out: asking for it then fails.
 */
export function knowSchools(own: readonly OwnSchool[]): void {
  for (const one of own) {
    const known = KNOWN.get(one.id);
    if (known !== undefined && (known.own === one || JSON.stringify(known.own) === JSON.stringify(one))) continue;
    const school = schoolOfOwn(one, BY_ID[one.basedOn]);
    if (school.ok) KNOWN.set(one.id, { own: one, school: school.value });
  }
}

/** What another thread has to be told. */
export const knownSchools = (): OwnSchool[] => [...KNOWN.values()].map(({ own }) => own);

/** Whether a school can be judged by here. */
export const isKnownSchool = (id: SchoolId): boolean => !isOwnSchool(id) || KNOWN.has(id);

/** The schools that come with it, and a practice's own after them: those of them that could be read. */
export const allSchools = (own: readonly OwnSchool[]): School[] => [...SCHOOLS, ...own.flatMap(({ id }) => KNOWN.get(id)?.school ?? [])];

/** @throws where an own school wasn't told of: nothing is judged by another in its place */
export function schoolById(id: SchoolId): School {
  if (!isOwnSchool(id)) return BY_ID[id];
  const known = KNOWN.get(id);
  if (known === undefined) throw new Error(`the school ${id} is not known here`);
  return known.school;
}
