import {
  type BendsReading,
  type LineReading,
  type LineStation,
  type Lengthwise,
  type Outcome,
  type PointXZ,
  type PointYZ,
  lineFromReading,
  problem,
  refused,
} from '@fulcra/core';
import { z } from 'zod';
import { type DraftSpec } from '../platform/draft';

/** A line along the back, half entered. Points are kept as the grid has them: y for the distance along the spine. */
export interface DraftLine {
  readonly way: 'points' | 'drops' | 'sensor';
  readonly points: readonly PointYZ[];
  readonly past: readonly (readonly PointYZ[])[];
  readonly drops: readonly DropRow[];
}
export interface DropRow {
  readonly xMm: number;
  readonly dropMm: number | null;
}

const WAYS_OF_LINE = ['points', 'drops', 'sensor'] as const;
const pointYZ = z.object({ yMm: z.number(), zMm: z.number() });
/** What a half-entered line looks like. */
export const LINE_DRAFT: DraftSpec<DraftLine> = {
  version: 1,
  schema: z.object({
    way: z.enum(WAYS_OF_LINE),
    points: z.array(pointYZ),
    past: z.array(z.array(pointYZ)),
    drops: z.array(z.object({ xMm: z.number(), dropMm: z.number().nullable() })),
  }),
};
export const LINE_WAY_DRAFT: DraftSpec<DraftLine['way']> = { version: 1, schema: z.enum(WAYS_OF_LINE) };

/** Where a drop below a straight edge is read (defaults): few and evenly, a hand and a bit apart; the test holds them against whole toplines. */
const DROPS_AT: Readonly<Record<LineStation, readonly number[]>> = {
  topline: [-100, 0, 120, 240, 360, 480, 620],
  withers: [-100, -50, 0, 50, 100],
};
const MOST_PAST = 20;

export const emptyLine = (station: LineStation): DraftLine => ({
  way: 'drops',
  points: [],
  past: [],
  drops: DROPS_AT[station].map((xMm) => ({ xMm, dropMm: null })),
});

export const nextLine = (draft: DraftLine): DraftLine => ({
  ...draft,
  points: [],
  past: [],
  drops: draft.drops.map((d) => ({ ...d, dropMm: null })),
});

export const withLinePoints = (draft: DraftLine, points: readonly PointYZ[]): DraftLine => ({
  ...draft,
  points,
  past: [...draft.past, draft.points].slice(-MOST_PAST),
});

export function undoneLine(draft: DraftLine): DraftLine {
  const before = draft.past.at(-1);
  if (draft.way !== 'points' || before === undefined) return nextLine(draft);
  return { ...draft, points: before, past: draft.past.slice(0, -1) };
}

export const withDrop = (draft: DraftLine, row: number, change: Partial<DropRow>): DraftLine => ({
  ...draft,
  drops: draft.drops.map((d, i) => (i === row ? { ...d, ...change } : d)),
});

const asLine = (points: readonly PointYZ[]): PointXZ[] => points.map((p) => ({ xMm: p.yMm, zMm: p.zMm }));

/** The reading as it will be kept; null while there is none. Drops not read are left out. */
export function lineReadingOf(draft: DraftLine, bends: BendsReading | null): LineReading | null {
  if (draft.way === 'sensor') return bends === null ? null : { kind: 'bends', ...bends };
  if (draft.way === 'points') return draft.points.length === 0 ? null : { kind: 'line', line: asLine(draft.points) };
  const drops = draft.drops.flatMap(({ xMm, dropMm }) => (dropMm === null ? [] : [{ xMm, dropMm }]));
  return drops.length === 0 ? null : { kind: 'drops', drops };
}

export function draftLine(draft: DraftLine, bends: BendsReading | null): Outcome<Lengthwise> {
  const reading = lineReadingOf(draft, bends);
  return reading === null ? refused(problem('LINE_TOO_FEW_POINTS', { count: 0, least: 3 })) : lineFromReading(reading);
}
