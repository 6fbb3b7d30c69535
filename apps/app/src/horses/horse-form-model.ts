import { type HorseFields, horseFieldsSchema } from '@fulcra/contract';
import { type Sex, SEXES, handsFromMm, mmFromHands } from '@fulcra/core';
import { z } from 'zod';
import { type DraftSpec } from '../platform/draft';
import { FORM_WORDS } from '../words/form-words';
import { readNumber } from '../words/typed-length';

type HeightUnit = 'hh' | 'cm';

/** What is typed about a horse, as typed. */
export interface HorseForm {
  name: string;
  kind: string;
  age: string;
  height: string;
  heightUnit: HeightUnit;
  note: string;
  sex: Sex;
  riderIds: string[];
  /** What stood there when the change was begun, however long ago that was; null for a new horse. */
  was: HorseFields | null;
}

export const EMPTY_FORM: HorseForm = {
  name: '',
  kind: '',
  age: '',
  height: '',
  heightUnit: 'hh',
  note: '',
  sex: 'unknown',
  riderIds: [],
  was: null,
};

const typedSchema = z.object({
  name: z.string(),
  kind: z.string(),
  age: z.string(),
  height: z.string(),
  heightUnit: z.enum(['hh', 'cm']),
  note: z.string(),
  sex: z.enum(SEXES),
  riderIds: z.array(z.string()),
  was: horseFieldsSchema.nullable() as z.ZodType<HorseFields | null, HorseFields | null>,
});

/** What a half-filled form looks like. */
export const HORSE_FORM_DRAFT: DraftSpec<HorseForm> = { version: 2, schema: typedSchema };

const MOST_NAME = 120;
const MOST_AGE = 55;
const HEIGHT_MM = { least: 500, most: 2200 };

export function formOf(horse: HorseFields, year: number): HorseForm {
  return {
    name: horse.name,
    kind: horse.kind,
    age: horse.bornYear === null ? '' : String(year - horse.bornYear),
    height: horse.heightMm === null ? '' : handsFromMm(horse.heightMm),
    heightUnit: 'hh',
    note: horse.note,
    sex: horse.sex,
    riderIds: horse.riderIds,
    was: horse,
  };
}

/** Hands and years round; what wasn't touched goes back exactly as it was, so that it is no change. */
export function asItWasWhereUntouched(read: HorseFields, form: HorseForm, was: HorseFields, year: number): HorseFields {
  const before = formOf(was, year);
  const sameHeight = form.height === before.height && form.heightUnit === before.heightUnit;
  return { ...read, ...(sameHeight && { heightMm: was.heightMm }), ...(form.age === before.age && { bornYear: was.bornYear }) };
}

/**
 * Reads what was typed; every problem names its value and the remedy.
 * @param year the year it is, which ages count from
 */
export const horseFormSchema = (year: number): z.ZodType<HorseFields, HorseForm> =>
  typedSchema
    .superRefine((form, context) => {
      const problem = (path: keyof HorseForm, message: string): void => context.addIssue({ code: 'custom', path: [path], message });
      const name = form.name.trim();
      if (name.replace(/[\p{Cf}\p{Z}]/gu, '') === '') problem('name', FORM_WORDS.horseName);
      if (name.length > MOST_NAME) problem('name', FORM_WORDS.nameTooLong(name, MOST_NAME));
      const age = readNumber(form.age);
      if (age !== null && !(age >= 0 && age <= MOST_AGE)) problem('age', FORM_WORDS.age(form.age, MOST_AGE));
      if (Number.isNaN(readHeight(form))) problem('height', heightProblem(form));
    })
    .transform((form): HorseFields => {
      const age = readNumber(form.age);
      return {
        name: form.name.trim(),
        kind: form.kind.trim(),
        bornYear: age === null ? null : year - Math.floor(age),
        heightMm: readHeight(form),
        note: form.note,
        sex: form.sex,
        riderIds: form.riderIds,
        ownerId: form.was?.ownerId ?? null,
        payerId: form.was?.payerId ?? null,
        yardId: form.was?.yardId ?? null,
        ridesIn: form.was?.ridesIn ?? null,
        gone: form.was?.gone ?? null,
      };
    });

/** mm, null when nothing is typed, NaN when it can't be read. */
function readHeight(form: HorseForm): number | null {
  const value = readNumber(form.height);
  if (value === null) return null;
  const mm = form.heightUnit === 'hh' ? mmFromHands(value) : value * 10;
  return mm !== null && mm >= HEIGHT_MM.least && mm <= HEIGHT_MM.most ? mm : Number.NaN;
}

const heightProblem = (form: HorseForm): string =>
  form.heightUnit === 'hh'
    ? FORM_WORDS.heightInHands(form.height)
    : FORM_WORDS.heightInCm(form.height, HEIGHT_MM.least / 10, HEIGHT_MM.most / 10);
