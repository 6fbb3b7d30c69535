import { type PointYZ } from '../geometry';
import { type Outcome, done } from '../problems';
import { type Section } from './section';
import { sectionFromPoints } from './section-from-points';
import { type WidthAtDepth, sectionFromWidths } from './section-from-widths';

/** What a hand wrote down, never altered; everything else is derived from it. */
export type TakeReading =
  { readonly kind: 'points'; readonly points: readonly PointYZ[] } | { readonly kind: 'widths'; readonly widths: readonly WidthAtDepth[] };

export interface Take {
  readonly id: string;
  readonly section: Section;
}

/** Most takes one station keeps; more than this is a horse that won't stand still. */
export const MOST_TAKES = 5;

/** Reads either kind of take into a section. */
export function sectionFromReading(reading: TakeReading): Outcome<Section> {
  if (reading.kind === 'widths') return sectionFromWidths(reading.widths);
  const outcome = sectionFromPoints(reading.points);
  return outcome.ok ? done(outcome.value.section) : outcome;
}

/** For lists that must hold only readable takes: the readable ones, and the problems of the rest. */
export function readTakes(readings: readonly { id: string; reading: TakeReading }[]): {
  readonly takes: readonly Take[];
  readonly unreadable: readonly { id: string; outcome: Outcome<Section> }[];
} {
  const outcomes = readings.map(({ id, reading }) => ({ id, outcome: sectionFromReading(reading) }));
  return {
    takes: outcomes.flatMap(({ id, outcome }) => (outcome.ok ? [{ id, section: outcome.value }] : [])),
    unreadable: outcomes.filter(({ outcome }) => !outcome.ok),
  };
}
