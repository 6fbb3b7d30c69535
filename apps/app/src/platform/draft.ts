import { z } from 'zod';

/** How something half entered is kept: what it must look like, and which release's idea of it this is. */
export interface DraftSpec<T> {
  readonly version: number;
  /** The shape only: what is half entered may be out of any range. */
  readonly schema: z.ZodType<T>;
}

export type ReadDraft<T> =
  | { readonly state: 'none' }
  | { readonly state: 'kept'; readonly value: T }
  /** Not what this release takes for it: kept as it was, to be looked at, never a crash. */
  | { readonly state: 'setAside'; readonly text: string };

const wrapperSchema = z.object({ draftVersion: z.number().int(), value: z.unknown() });

/** What was kept, as this release reads it. A draft of an earlier release is carried over where it has the same shape. */
export function readDraft<T>(text: string | null, { version, schema }: DraftSpec<T>): ReadDraft<T> {
  if (text === null) return { state: 'none' };
  const wrapped = wrapperSchema.safeParse(parsed(text));
  const bare = wrapped.success ? wrapped.data.value : parsed(text);
  const newer = wrapped.success && wrapped.data.draftVersion > version;
  const read = schema.safeParse(bare);
  return read.success && !newer ? { state: 'kept', value: read.data } : { state: 'setAside', text };
}

export const writtenDraft = <T>(value: T, { version }: DraftSpec<T>): string => JSON.stringify({ draftVersion: version, value });

function parsed(text: string): unknown {
  try {
    return JSON.parse(text) as unknown;
  } catch {
    return undefined;
  }
}

/**
 * A schema for a large record of plain values: what has the example's names and kinds of values, whatever they are. Where the example has
 * null, anything may stand; a list is shaped like its first entry.
 */
export function shapedLike<T>(example: T): z.ZodType<T> {
  return shapeOf(example) as unknown as z.ZodType<T>;
}

function shapeOf(example: unknown): z.ZodType {
  if (example === null || example === undefined) return z.unknown();
  if (Array.isArray(example)) return z.array(example.length === 0 ? z.unknown() : shapeOf(example[0]));
  if (typeof example === 'object') return z.looseObject(Object.fromEntries(Object.entries(example).map(([k, v]) => [k, shapeOf(v)])));
  return typeof example === 'number' ? z.number() : typeof example === 'boolean' ? z.boolean() : z.string();
}

/** Text as it is being typed. */
export const TEXT_DRAFT: DraftSpec<string> = { version: 1, schema: z.string() };
