/** A record of named fields that several people may change. */
export type Fields = Readonly<Record<string, unknown>>;

export interface Merge<T extends Fields> {
  readonly merged: T;
  /** Fields that both changed, and not to the same thing. `merged` holds theirs there, until somebody chooses. */
  readonly clashing: readonly (keyof T & string)[];
}

/**
 * Lays one person's change onto what stands there now, field by field.
 * @param was what they saw when they changed it; null when they saw nothing
 * @param mine what they made of it
 * @param theirs what stands there now
 */
export function mergeFields<T extends Fields>(was: T | null, mine: T, theirs: T): Merge<T> {
  const names = Object.keys(mine) as (keyof T & string)[];
  const changedByMe = (name: keyof T): boolean => was === null || !sameField(mine[name], was[name]);
  const clashing = names.filter((n) => changedByMe(n) && !sameField(theirs[n], mine[n]) && (was === null || !sameField(theirs[n], was[n])));
  const merged = Object.fromEntries(names.map((n) => [n, changedByMe(n) && !clashing.includes(n) ? mine[n] : theirs[n]])) as T;
  return { merged, clashing };
}

/** Fields are plain values, lists and records of them; in what order a record names its parts means nothing. */
export function sameField(a: unknown, b: unknown): boolean {
  if (a === b) return true;
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null || Array.isArray(a) !== Array.isArray(b)) return false;
  const [mine, theirs] = [a as Fields, b as Fields];
  const names = new Set([...Object.keys(mine), ...Object.keys(theirs)]);
  return [...names].every((n) => sameField(mine[n], theirs[n]));
}
