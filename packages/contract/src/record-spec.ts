import { type z } from 'zod';
import { type ViewKey } from './views';

interface Spec {
  /** Where it is written to; the last `:param` is its own id. */
  readonly path: `/api/${string}`;
  readonly write: z.ZodType;
  readonly read: z.ZodType;
  /** Views that change when one is written. */
  readonly views: readonly ViewKey[];
}

/** Fields that several people change: each write carries what it changed from, and only clashing fields are asked about. */
export interface Merged extends Spec {
  readonly mode: 'merge';
  /** The record's own fields, checked whole after merging. */
  readonly fields: z.ZodObject;
  /** Read as one list at its path without the id; absent where it has a view of its own. */
  readonly listed: boolean;
}
/** Added and never altered; the same id with the same content is the same record. */
export interface Appended extends Spec {
  readonly mode: 'append';
}
/** Set to a value: setting it again does nothing more. */
export interface Replaced extends Spec {
  readonly mode: 'replace';
}

export const record = <const S extends Merged | Appended | Replaced>(spec: S): S => spec;
