import { type HorseFields } from '@fulcra/contract';
import { type Sex, SEXES, handsFromMm, mmFromHands } from '@fulcra/core';
import { z } from 'zod';
import { type DraftSpec } from '../platform/draft';

export type HeightUnit = 'hh' | 'cm';

/** What is typed about a horse, as typed. */
export interface HorseForm {
  readonly name: string;
  readonly kind: string;
  readonly age: string;
  readonly height: string;
  readonly heightUnit: HeightUnit;
  readonly note: string;
  readonly sex: Sex;
  readonly riderIds: string[];
}

export const EMPTY_FORM: HorseForm = { name: '', kind: '', age: '', height: '', heightUnit: 'hh', note: '', sex: 'unknown', riderIds: [] };

/** What a half-filled form looks like. */
export const HORSE_FORM_DRAFT: DraftSpec<HorseForm> = {
  version: 1,
  schema: z.object({
    name: z.string(),
    kind: z.string(),
    age: z.string(),
    height: z.string(),
    heightUnit: z.enum(['hh', 'cm']),
    note: z.string(),
    sex: z.enum(SEXES),
    riderIds: z.array(z.string()),
  }),
};

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
  };
}

export type FormProblems = Partial<Record<keyof HorseForm, string>>;

/** Reads the form; every problem names its value and the remedy. */
export function readHorseForm(form: HorseForm, year: number): { horse: HorseFields | null; problems: FormProblems } {
  const problems: FormProblems = {};
  const name = form.name.trim();
  if (name.replace(/[\p{Cf}\p{Z}]/gu, '') === '') problems.name = 'A horse needs a name to be found again.';
  if (name.length > 120) problems.name = `This name has ${name.length} letters; 120 is the most.`;
  const age = numberIn(form.age);
  if (age !== null && !(age >= 0 && age <= 55)) problems.age = `“${form.age}” is not an age in years, 0 to 55.`;
  const heightMm = readHeight(form);
  if (Number.isNaN(heightMm)) problems.height = heightProblem(form);
  if (Object.keys(problems).length > 0) return { horse: null, problems };
  const bornYear = age === null ? null : year - Math.floor(age);
  return { horse: { name, kind: form.kind.trim(), bornYear, heightMm, note: form.note, sex: form.sex, riderIds: form.riderIds }, problems };
}

const numberIn = (text: string): number | null => (text.trim() === '' ? null : Number(text.trim().replace(',', '.')));

/** mm, null when nothing is typed, NaN when it can't be read. */
function readHeight(form: HorseForm): number | null {
  const value = numberIn(form.height);
  if (value === null) return null;
  const mm = form.heightUnit === 'hh' ? mmFromHands(value) : value * 10;
  return mm !== null && mm >= 500 && mm <= 2200 ? mm : Number.NaN;
}

const heightProblem = (form: HorseForm): string =>
  form.heightUnit === 'hh'
    ? `“${form.height}” is not a height in hands: 15.2 is fifteen hands two inches, with 0 to 3 after the point.`
    : `“${form.height}” cm is not a horse’s height, 50 to 220.`;
