import { type Fields, mergeFields } from '@fulcra/core';
import { type FieldsWrite } from '@fulcra/contract';
import { type Refusal } from './waiting';

export interface Clash {
  readonly field: string;
  readonly mine: unknown;
  readonly theirs: unknown;
}

/** What both made of each field, to be shown side by side. */
export function clashesOf(write: FieldsWrite, clash: NonNullable<Refusal['clash']>): Clash[] {
  const mine = write.body as Fields;
  return clash.fields.map((field) => ({ field, mine: mine[field], theirs: clash.theirs[field] }));
}

/** The write to send once somebody has chosen, for each clashing field, whose stands; null when nothing of mine is left. */
export function settled(write: FieldsWrite, clash: NonNullable<Refusal['clash']>, keepMine: readonly string[]): FieldsWrite | null {
  const { was, ...mine } = write.body;
  const theirs = fieldsLike(mine, clash.theirs);
  const { merged } = mergeFields<Fields>(was ?? null, mine, theirs);
  const chosen: Fields = Object.fromEntries(Object.keys(mine).map((k) => [k, keepMine.includes(k) ? (mine as Fields)[k] : merged[k]]));
  if (JSON.stringify(chosen) === JSON.stringify(theirs)) return null;
  return { ...write, body: { ...chosen, was: theirs } } as unknown as FieldsWrite;
}

const fieldsLike = (shape: object, from: Fields): Fields => Object.fromEntries(Object.keys(shape).map((k) => [k, from[k]]));
