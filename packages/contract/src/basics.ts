import { z } from 'zod';

/** Made on the client, so that a write can be repeated and a barn needs no signal. */
export const idSchema = z.uuidv7();

/** Text a person typed: any script, no control characters, no invisible-only names. */
const printable = (most: number) =>
  z
    .string()
    .trim()
    .max(most)
    .refine((s) => ![...s].some((c) => c < ' ' && c !== '\n' && c !== '\t'), 'holds control characters');

/** In one line: what is typed or pasted over several is put into one, so that no list, letter or calendar is broken by a name. */
export const lineSchema = (most: number) =>
  z
    .string()
    .overwrite((s) => s.replace(/[\r\n\t\u2028\u2029]+/g, ' ').trim())
    .max(most)
    .refine((s) => ![...s].some((c) => c < ' ' || c === '\u007f'), 'holds control characters');

export const nameSchema = lineSchema(120).refine((s) => s.replace(/[\p{Cf}\p{Z}]/gu, '').length > 0, 'is empty');

export const noteSchema = printable(4000);

/** Calendar day in the yard, YYYY-MM-DD. */
export const daySchema = z.iso.date();
/** Moment in UTC. */
export const momentSchema = z.iso.datetime();

/** A number from the least to the most, both allowed. */
export const within = ([least, most]: readonly [least: number, most: number]) => z.number().min(least).max(most);

/** mm or degrees that are really numbers; the core judges whether a horse can have them. */
export const finite = z.number();
