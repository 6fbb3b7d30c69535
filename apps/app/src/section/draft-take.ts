import { type LengthUnit, type Outcome, type PointYZ, type Section, type TakeReading, sectionFromReading, toMm } from '@fulcra/core';

/** A take half entered, in either way; both are kept so that changing the way loses nothing. */
export interface DraftTake {
  readonly way: 'widths' | 'points';
  readonly unit: LengthUnit;
  /** Widths across both sides at once, halved; true halves need each side. */
  readonly across: boolean;
  readonly rows: readonly WidthRow[];
  readonly points: readonly PointYZ[];
  /** Earlier states of the points, for undo. */
  readonly past: readonly (readonly PointYZ[])[];
}

/** Widths in mm, null until entered. */
export interface WidthRow {
  readonly depthMm: number;
  readonly nearMm: number | null;
  readonly offMm: number | null;
}

/** Two depths clear of the spine and above the widest part (defaults). */
export const EMPTY_DRAFT: DraftTake = {
  way: 'widths',
  unit: 'mm',
  across: false,
  points: [],
  past: [],
  rows: [
    { depthMm: 60, nearMm: null, offMm: null },
    { depthMm: 120, nearMm: null, offMm: null },
  ],
};
const MOST_PAST = 60;

export const withPoints = (draft: DraftTake, points: readonly PointYZ[]): DraftTake => ({
  ...draft,
  points,
  past: [...draft.past, draft.points].slice(-MOST_PAST),
});

export function undonePoints(draft: DraftTake): DraftTake {
  const before = draft.past.at(-1);
  return before === undefined ? draft : { ...draft, points: before, past: draft.past.slice(0, -1) };
}

/** Ready for the next take: same way, same unit, same depths. */
export const nextDraft = (draft: DraftTake): DraftTake => ({
  ...draft,
  points: [],
  past: [],
  rows: draft.rows.map((r) => ({ depthMm: r.depthMm, nearMm: null, offMm: null })),
});

/** The reading as it will be kept, mm. */
export function readingOf(draft: DraftTake): TakeReading {
  if (draft.way === 'points') return { kind: 'points', points: draft.points };
  const widths = draft.rows.flatMap((r) =>
    r.nearMm === null || r.offMm === null ? [] : [{ depthMm: r.depthMm, nearMm: r.nearMm, offMm: r.offMm }],
  );
  return { kind: 'widths', widths };
}

export const isEmpty = (draft: DraftTake): boolean =>
  draft.way === 'points' ? draft.points.length === 0 : draft.rows.every((r) => r.nearMm === null && r.offMm === null);

export const isWhole = (draft: DraftTake): boolean =>
  draft.way === 'points' ? draft.points.length > 0 : draft.rows.every((r) => r.nearMm !== null && r.offMm !== null);

export const draftSection = (draft: DraftTake): Outcome<Section> => sectionFromReading(readingOf(draft));

/** A width typed in the shown unit; across both sides it is halved onto each. */
export function withWidth(draft: DraftTake, row: number, side: 'near' | 'off' | 'across', typed: number): DraftTake {
  const mm = toMm(typed, draft.unit);
  const change = side === 'across' ? { nearMm: mm / 2, offMm: mm / 2 } : side === 'near' ? { nearMm: mm } : { offMm: mm };
  return { ...draft, rows: draft.rows.map((r, i) => (i === row ? { ...r, ...change } : r)) };
}

export const withDepth = (draft: DraftTake, row: number, typed: number): DraftTake => ({
  ...draft,
  rows: draft.rows.map((r, i) => (i === row ? { ...r, depthMm: toMm(typed, draft.unit) } : r)),
});

export const withRowAdded = (draft: DraftTake): DraftTake => {
  const deepest = Math.max(...draft.rows.map((r) => r.depthMm));
  return { ...draft, rows: [...draft.rows, { depthMm: deepest + 30, nearMm: null, offMm: null }] };
};

export const withRowRemoved = (draft: DraftTake, row: number): DraftTake => ({ ...draft, rows: draft.rows.filter((_, i) => i !== row) });
