import { type Outcome, type Problem, done, problem, refused } from '../problems';
import { type CriterionId, type Rule, CRITERION_IDS, RETIRED_CRITERION_IDS } from './criteria';
import { NO_LIMIT, RULE_TEMPLATES } from './rule-templates';
import { type BuiltInSchoolId, type OwnSchoolId, type School } from './school';
import { type SchoolField, schoolFields } from './school-fields';

/** One number or choice that differs from the original. */
export interface SchoolChange {
  readonly path: string;
  readonly value: number | string;
}

/** What a practice's own school was at one time; kept, so that what was judged by it can be read again. */
export interface OwnSchoolVersion {
  readonly version: number;
  readonly savedAt: string;
  readonly by: string;
  readonly changes: readonly SchoolChange[];
}

/** A school copied from a built-in one, named, and changed number by number. */
export interface OwnSchool {
  readonly id: OwnSchoolId;
  readonly name: string;
  readonly basedOn: BuiltInSchoolId;
  /** Version of the original it was copied from. */
  readonly basedOnVersion: number;
  /** Oldest first; never empty. */
  readonly versions: readonly OwnSchoolVersion[];
}

/** More own schools nobody keeps apart. */
export const MOST_OWN_SCHOOLS = 12;
export const MOST_SCHOOL_VERSIONS = 60;

/** A change of a rule that an earlier release judged by: kept as it was written, and without effect. */
const isOfRetired = (path: string): boolean => RETIRED_CRITERION_IDS.some((id) => path.startsWith(`rules.${id}.`));

/** What is wrong with some changes of a school: places that don't exist, numbers out of range, words that aren't offered, limits that cross. */
export function changeProblems(base: School, changes: readonly SchoolChange[]): Problem[] {
  const fields = new Map(schoolFields(base).map((f) => [f.path, f]));
  const found = changes.flatMap(({ path, value }): Problem[] => {
    if (isOfRetired(path)) return [];
    const field = fields.get(path);
    if (field === undefined) return [problem('SCHOOL_NUMBER_UNKNOWN', { path })];
    if (field.kind === 'choice')
      return field.options.includes(String(value)) ? [] : [problem('SCHOOL_CHOICE_UNKNOWN', { path, value: String(value) })];
    if (field.kind === 'limit' && value === NO_LIMIT) return [];
    if (typeof value !== 'number') return [problem('SCHOOL_CHOICE_UNKNOWN', { path, value })];
    const inside = value >= field.least && value <= field.most;
    return inside ? [] : [problem('SCHOOL_NUMBER_OUT_OF_RANGE', { path, value, least: field.least, most: field.most })];
  });
  if (found.length > 0) return found;
  const { rules } = changedSchool(base, changes);
  return CRITERION_IDS.flatMap((id) => {
    const rule = rules[id];
    if (rule === undefined || rule.least === null || rule.most === null || rule.least <= rule.most) return [];
    return [problem('SCHOOL_LIMITS_CROSSED', { path: `rules.${id}`, least: rule.least, most: rule.most })];
  });
}

/** A school with some of its numbers and choices changed; the original is left as it is. */
export function changedSchool(base: School, changes: readonly SchoolChange[]): School {
  const copy = JSON.parse(JSON.stringify(base)) as Record<string, unknown> & { rules: Record<string, Changing<Rule>> };
  for (const { path, value } of changes.filter((c) => !isOfRetired(c.path))) {
    const keys = path.split('.');
    const last = keys.pop()!;
    if (keys[0] === 'rules') copy.rules[keys[1]!] ??= newRule(keys[1] as CriterionId);
    const at = keys.reduce<Record<string, unknown>>((of, key) => of[key] as Record<string, unknown>, copy);
    at[last] = value === NO_LIMIT ? null : value;
  }
  return { ...copy, rules: whole(copy.rules) } as unknown as School;
}

type Changing<T> = { -readonly [K in keyof T]: T[K] };

function newRule(id: CriterionId): Changing<Rule> {
  const { scale, weight } = RULE_TEMPLATES[id]!;
  return { least: null, most: null, scale, weight, hardStop: 'never' };
}

/** A rule without any limit is none, and it refuses at no end that isn't limited. */
const whole = (rules: Readonly<Record<string, Rule>>): Readonly<Record<string, Rule>> =>
  Object.fromEntries(
    Object.entries(rules).flatMap(([id, rule]) => {
      if (rule.least === null && rule.most === null) return [];
      const stopless = rule.hardStop !== 'never' && rule[rule.hardStop] === null;
      return [[id, stopless ? { ...rule, hardStop: 'never' } : rule]];
    }),
  );

/** @param base the built-in school it was copied from; a version that is absent is the latest */
export function schoolOfOwn(own: OwnSchool, base: School, version?: number): Outcome<School> {
  const at = version === undefined ? own.versions.at(-1) : own.versions.find((v) => v.version === version);
  if (at === undefined) return refused(problem('SCHOOL_VERSION_UNKNOWN', { name: own.name, version: version ?? 0 }));
  const problems = changeProblems(base, at.changes);
  if (problems.length > 0) return refused(...problems);
  return done({ ...changedSchool(base, at.changes), id: own.id, name: own.name, version: at.version });
}

/** A field that differs, with what it was. */
export interface FieldDifference {
  readonly field: SchoolField;
  readonly was: number | string;
}

/** What a school does otherwise than its original, in the order its numbers are kept. */
export function differences(school: School, base: School): FieldDifference[] {
  const before = new Map(schoolFields(base).map((f) => [f.path, f.value]));
  return schoolFields(school).flatMap((field) => {
    const was = before.get(field.path);
    return was === undefined || was === field.value ? [] : [{ field, was }];
  });
}

/** The changes once one number is set: none where it is back at its original. */
export const changedAt = (changes: readonly SchoolChange[], base: School, path: string, value: SchoolChange['value']): SchoolChange[] => {
  const rest = changes.filter((c) => c.path !== path);
  const original = schoolFields(base).find((f) => f.path === path)?.value;
  return value === original ? rest : [...rest, { path, value }];
};
