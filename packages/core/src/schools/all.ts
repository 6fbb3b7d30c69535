import { type OwnSchool, schoolOfOwn } from './own-school';
import { PANEL_FIRST } from './panel-first';
import { ROOM_TO_MOVE } from './room-to-move';
import { type BuiltInSchoolId, type School, type SchoolId, SCHOOL_IDS, isOwnSchool } from './school';
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
export const schoolById = (id: BuiltInSchoolId): School => BY_ID[id];

/** What was made of an own school, by the record itself: making it anew gives the same. */
const MADE = new WeakMap<OwnSchool, School | null>();

function madeOf(own: OwnSchool): School | null {
  const known = MADE.get(own);
  if (known !== undefined) return known;
  const made = schoolOfOwn(own, BY_ID[own.basedOn]);
  const school = made.ok ? made.value : null;
  MADE.set(own, school);
  return school;
}

/**
 * The school of an id.
 * @param own the practice's own schools
 * @returns null where it is an own school that isn't among them, or can't be read: nothing is judged by another in its place
 */
export function schoolOf(id: SchoolId, own: readonly OwnSchool[]): School | null {
  if (!isOwnSchool(id)) return BY_ID[id];
  const found = own.find((s) => s.id === id);
  return found === undefined ? null : madeOf(found);
}

/** The schools that come with it, and a practice's own after them: those of them that could be read. */
export const allSchools = (own: readonly OwnSchool[]): School[] => [...SCHOOLS, ...own.flatMap((one) => madeOf(one) ?? [])];
