import { type PointYZ } from '../geometry';
import { type Outcome, done, refused, problem } from '../problems';
import { type BendsReading, pointsFromBends } from './bends';
import { type DropAt, type Lengthwise, type PointXZ, lengthwiseFromDrops, lengthwiseFromPoints } from './lengthwise';
import { type Section } from './section';
import { sectionFromPoints } from './section-from-points';
import { type WidthAtDepth, sectionFromWidths } from './section-from-widths';

type BendsTake = { readonly kind: 'bends' } & BendsReading;
/** What a hand or a device wrote down across the back, never altered; everything else is derived from it. */
export type TakeReading =
  | { readonly kind: 'points'; readonly points: readonly PointYZ[] }
  | { readonly kind: 'widths'; readonly widths: readonly WidthAtDepth[] }
  | BendsTake;
/** What was written down along the spine. */
export type LineReading =
  { readonly kind: 'line'; readonly line: readonly PointXZ[] } | { readonly kind: 'drops'; readonly drops: readonly DropAt[] } | BendsTake;
/** Nobody measured: a hand says that it is as the last visit found it. The points are what was found then; of a line, along it. */
export interface AsLastReading {
  readonly kind: 'asLast';
  /** Day of the visit that measured it, YYYY-MM-DD. */
  readonly day: string;
  readonly points: readonly PointYZ[];
}
export type AnyReading = TakeReading | LineReading | AsLastReading;

export interface Take {
  readonly id: string;
  readonly section: Section;
  /** The day it was measured, where it was only said to be as it was then. */
  readonly asLast?: string;
}
export interface LineTake {
  readonly id: string;
  readonly line: Lengthwise;
  /** As of a take across. */
  readonly asLast?: string;
}

/** Most takes one station keeps; more than this is a horse that won't stand still. */
export const MOST_TAKES = 5;

/** Reads any take across the back into a section. */
export function sectionFromReading(reading: AnyReading): Outcome<Section> {
  if (reading.kind === 'widths') return sectionFromWidths(reading.widths);
  if (reading.kind === 'line' || reading.kind === 'drops') return refused(problem('TAKE_OTHER_DIRECTION', { kind: reading.kind }));
  const points = reading.kind === 'bends' ? pointsFromBends(reading) : done([...reading.points]);
  if (!points.ok) return points;
  const outcome = sectionFromPoints(points.value);
  return outcome.ok ? done(outcome.value.section) : outcome;
}

/** Reads any take along the spine into a line. */
export function lineFromReading(reading: AnyReading): Outcome<Lengthwise> {
  if (reading.kind === 'line') return lengthwiseFromPoints(reading.line);
  if (reading.kind === 'drops') return lengthwiseFromDrops(reading.drops);
  if (reading.kind !== 'bends' && reading.kind !== 'asLast') return refused(problem('TAKE_OTHER_DIRECTION', { kind: reading.kind }));
  const points = reading.kind === 'asLast' ? done([...reading.points]) : pointsFromBends(reading);
  return points.ok ? lengthwiseFromPoints(points.value.map((p) => ({ xMm: p.yMm, zMm: p.zMm }))) : points;
}

interface Readable<T> {
  readonly takes: readonly T[];
  readonly unreadable: readonly { readonly id: string; readonly outcome: Outcome<unknown> }[];
}
type Readings = readonly { readonly id: string; readonly reading: AnyReading }[];

/** For lists that must hold only readable takes: the readable ones, and the problems of the rest. */
export function readTakes(readings: Readings): Readable<Take> {
  return readable(readings, sectionFromReading, (section, about) => ({ ...about, section }));
}

export function readLineTakes(readings: Readings): Readable<LineTake> {
  return readable(readings, lineFromReading, (line, about) => ({ ...about, line }));
}

function readable<Shape, T>(
  readings: Readings,
  read: (reading: AnyReading) => Outcome<Shape>,
  take: (shape: Shape, about: Pick<Take, 'id' | 'asLast'>) => T,
): Readable<T> {
  const outcomes = readings.map(({ id, reading }) => ({ id, reading, outcome: read(reading) }));
  return {
    takes: outcomes.flatMap(({ id, outcome, reading }) =>
      outcome.ok ? [take(outcome.value, { id, ...(reading.kind === 'asLast' && { asLast: reading.day }) })] : [],
    ),
    unreadable: outcomes.filter(({ outcome }) => !outcome.ok),
  };
}

/** How far the highest place of a traced reading lies from its spine mark, mm, + to the off side; null for widths, which have no top. */
export function highestOffSpineMm(reading: TakeReading): number | null {
  if (reading.kind === 'widths') return null;
  const points = reading.kind === 'bends' ? pointsFromBends(reading) : done([...reading.points]);
  const outcome = points.ok ? sectionFromPoints(points.value) : points;
  return outcome.ok ? outcome.value.highestOffSpineMm : null;
}
