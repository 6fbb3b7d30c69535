/** One number of a row that is typed through without opening or closing anything. */
export interface RunCell {
  readonly id: string;
  /** As it is read out, with its unit. */
  readonly label: string;
  readonly value: number | null;
  readonly unit: string;
  readonly decimals: number;
  /** No longer number than this is expected: as soon as one more digit would pass it, the next cell is gone to. */
  readonly most: number;
  readonly step: number;
  readonly least?: number;
  /** Left out of the run: changed only when it is tapped. */
  readonly aside?: boolean;
}

export const RUN_KEYS = ['1', '2', '3', '⌫', '4', '5', '6', '−', '7', '8', '9', '+', '.', '0'] as const;

const MOST_DIGITS = 7;

/** What stands typed after a key. */
export function afterKey(before: string, key: string): string {
  if (key === '⌫') return before.slice(0, -1);
  if (key === '.' && before.includes('.')) return before;
  return before.length >= MOST_DIGITS ? before : before + key;
}

/**
 * Whether a number can't go on: one more digit would make it longer than any that is expected.
 * One with a point, or read in parts of its unit, is ended by the person alone: nobody but the person knows how fine it is.
 */
export function isComplete(typed: string, { most, decimals }: Pick<RunCell, 'most' | 'decimals'>): boolean {
  if (typed.includes('.') || decimals > 0 || typed === '') return false;
  return Number(typed) * 10 > most || typed.length >= String(Math.floor(most)).length;
}

/** A value as it stands in its cell: as fine as its unit is read, finer where it was typed so. */
export const asTyped = (value: number, decimals: number): string => {
  const own = String(value).split('.')[1]?.length ?? 0;
  return value.toFixed(Math.max(decimals, Math.min(own, decimals + 1)));
};

/** The cell typed into: the chosen one, else the first that is still empty; null when all are filled. */
export const activeCell = (cells: readonly RunCell[], chosen: string | null): RunCell | null =>
  cells.find((c) => c.id === chosen) ?? cells.find((c) => c.aside !== true && c.value === null) ?? null;

/** The next to be typed after one: the first empty one behind it, else the first empty one of all; null when none is left. */
export function cellAfter(cells: readonly RunCell[], id: string): RunCell | null {
  const at = cells.findIndex((c) => c.id === id);
  const empty = (c: RunCell): boolean => c.aside !== true && c.value === null && c.id !== id;
  return cells.slice(at + 1).find(empty) ?? cells.find(empty) ?? null;
}

/** The one before it in the run, for rubbing out backward. */
export const cellBefore = (cells: readonly RunCell[], id: string): RunCell | null =>
  cells
    .slice(
      0,
      Math.max(
        0,
        cells.findIndex((c) => c.id === id),
      ),
    )
    .findLast((c) => c.aside !== true) ?? null;

/** A number a step further, kept from counting noise. */
export const stepped = ({ value, step, least = 0 }: RunCell, ways: number): number =>
  Math.max(least, Math.round(((value ?? 0) + ways * step) * 1000) / 1000);
