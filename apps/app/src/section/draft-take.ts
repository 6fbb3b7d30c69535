import {
  type BendsReading,
  type Outcome,
  type PointYZ,
  type Section,
  type SectionStation,
  type TakeReading,
  type UnitSlip,
  type WithersShape,
  WIDTH_GAUGES,
  inMeantUnit,
  problem,
  refused,
  sectionFromReading,
  widthDepthsMm,
} from '@fulcra/core';
import { z } from 'zod';
import { type DraftSpec } from '../platform/draft';

export type WayOfSection = (typeof WAYS_OF_SECTION)[number];

/** A take half entered, in any way; all are kept so that changing the way loses nothing. */
export interface DraftTake {
  readonly way: WayOfSection;
  /** Widths across both sides at once, halved; true halves need each side. */
  readonly across: boolean;
  readonly rows: readonly WidthRow[];
  readonly points: readonly PointYZ[];
  /** Earlier states of the points, for undo. */
  readonly past: readonly (readonly PointYZ[])[];
  /** Where it is taken, mm behind the scapula; null for where the visit expects it. */
  readonly atMm: number | null;
}

/** Widths in mm, null until entered. */
export interface WidthRow {
  readonly depthMm: number;
  readonly nearMm: number | null;
  readonly offMm: number | null;
}

const rowsAt = (depths: readonly number[]): WidthRow[] => depths.map((depthMm) => ({ depthMm, nearMm: null, offMm: null }));

const WAYS_OF_SECTION = ['widths', 'points', 'sensor'] as const;
const pointYZ = z.object({ yMm: z.number(), zMm: z.number() });
const known = z.number().nullable();
/** What a half-entered take looks like. */
export const TAKE_DRAFT: DraftSpec<Omit<DraftTake, 'way'>> = {
  version: 1,
  schema: z.object({
    across: z.boolean(),
    rows: z.array(z.object({ depthMm: z.number(), nearMm: known, offMm: known })),
    points: z.array(pointYZ),
    past: z.array(z.array(pointYZ)),
    atMm: known,
  }),
};
export const WAY_DRAFT: DraftSpec<WayOfSection> = { version: 1, schema: z.enum(WAYS_OF_SECTION) };

/** Nothing entered yet, at the depths the station's widths are taken at. */
export const emptyDraft = (station: SectionStation, withers: WithersShape | null): DraftTake => ({
  way: 'widths',
  across: false,
  points: [],
  past: [],
  rows: rowsAt(widthDepthsMm(station, withers)),
  atMm: null,
});
const MOST_PAST = 20;

export const withPoints = (draft: DraftTake, points: readonly PointYZ[]): DraftTake => ({
  ...draft,
  points,
  past: [...draft.past, draft.points].slice(-MOST_PAST),
});

export function undonePoints(draft: DraftTake): DraftTake {
  const before = draft.past.at(-1);
  return before === undefined ? draft : { ...draft, points: before, past: draft.past.slice(0, -1) };
}

/** Ready for the next take: same way, same depths. */
export const nextDraft = (draft: DraftTake): DraftTake => ({
  ...draft,
  points: [],
  past: [],
  rows: rowsAt(draft.rows.map((r) => r.depthMm)),
});

/** The depths of both named gauges: the upper pair and the lower pair share the middle one. */
export const withGaugeDepths = (draft: DraftTake): DraftTake => ({
  ...draft,
  rows: rowsAt([...new Set(WIDTH_GAUGES.flatMap((g) => g.depthsMm))].sort((a, b) => a - b)),
});

/** The reading as it will be kept, mm; null while there is none. */
export function readingOf(draft: DraftTake, bends: BendsReading | null = null): TakeReading | null {
  if (draft.way === 'sensor') return bends === null ? null : { kind: 'bends', ...bends };
  if (draft.way === 'points') return draft.points.length === 0 ? null : { kind: 'points', points: draft.points };
  const widths = draft.rows.flatMap((r) =>
    r.nearMm === null || r.offMm === null ? [] : [{ depthMm: r.depthMm, nearMm: r.nearMm, offMm: r.offMm }],
  );
  return widths.length === 0 && draft.rows.every((r) => r.nearMm === null && r.offMm === null) ? null : { kind: 'widths', widths };
}

export const isEmpty = (draft: DraftTake): boolean =>
  draft.way === 'points' ? draft.points.length === 0 : draft.rows.every((r) => r.nearMm === null && r.offMm === null);

export const isWhole = (draft: DraftTake): boolean =>
  draft.way === 'points' ? draft.points.length > 0 : draft.rows.every((r) => r.nearMm !== null && r.offMm !== null);

export function draftSection(draft: DraftTake, bends: BendsReading | null = null): Outcome<Section> {
  const reading = readingOf(draft, bends);
  return reading === null ? refused(problem('SECTION_TOO_FEW_POINTS', { count: 0, least: 5 })) : sectionFromReading(reading);
}

/** A width, mm; null rubs it out. Across both sides it is halved onto each. */
export function withWidth(draft: DraftTake, row: number, side: 'near' | 'off' | 'across', mm: number | null): DraftTake {
  const half = mm === null ? null : mm / 2;
  const change = side === 'across' ? { nearMm: half, offMm: half } : side === 'near' ? { nearMm: mm } : { offMm: mm };
  return { ...draft, rows: draft.rows.map((r, i) => (i === row ? { ...r, ...change } : r)) };
}

export const withDepth = (draft: DraftTake, row: number, depthMm: number): DraftTake => ({
  ...draft,
  rows: draft.rows.map((r, i) => (i === row ? { ...r, depthMm } : r)),
});

/** Every width once more, had it been typed in another unit. */
export const inOtherUnit = (draft: DraftTake, slip: UnitSlip): DraftTake => ({
  ...draft,
  rows: draft.rows.map((r) =>
    r.nearMm === null || r.offMm === null ? r : inMeantUnit([{ depthMm: r.depthMm, nearMm: r.nearMm, offMm: r.offMm }], slip)[0]!,
  ),
});

export const withRowAdded = (draft: DraftTake): DraftTake => {
  const deepest = Math.max(...draft.rows.map((r) => r.depthMm));
  return { ...draft, rows: [...draft.rows, { depthMm: deepest + 30, nearMm: null, offMm: null }] };
};

export const withRowRemoved = (draft: DraftTake, row: number): DraftTake => ({ ...draft, rows: draft.rows.filter((_, i) => i !== row) });
