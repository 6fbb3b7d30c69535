import { type LengthUnit, fromMm, toMm } from '@fulcra/core';
import { SECTION_PHRASES } from '../words/section-phrases';
import { UNIT_DECIMALS, tapeNumber } from '../words/person-unit';
import { type RunCell } from '../ui/run-order';
import { type DraftTake, withDepth, withWidth } from './draft-take';

export type WidthPart = 'depth' | 'near' | 'off' | 'across';

const STEP: Readonly<Record<LengthUnit, number>> = { mm: 1, cm: 0.1, in: 0.05 };
const DEPTH_STEP: Readonly<Record<LengthUnit, number>> = { mm: 5, cm: 0.5, in: 0.25 };
/** No longer number is typed, mm (defaults): half a very broad back, and how deep a section is taken. */
const MOST_MM: Readonly<Record<WidthPart, number>> = { depth: 300, near: 399, off: 399, across: 800 };

export const cellId = (row: number, part: WidthPart): string => `${row} ${part}`;

/** The numbers of a take in the order they are typed: depth by depth, near then off; depths stand aside. */
export function widthCells(draft: DraftTake, unit: LengthUnit): RunCell[] {
  const shown = (mm: number | null): number | null => (mm === null ? null : tapeNumber(mm, unit));
  return draft.rows.flatMap((row, i): RunCell[] => {
    const name = SECTION_PHRASES.depth(i + 1);
    const cell = (part: WidthPart, label: string, mm: number | null): RunCell => ({
      id: cellId(i, part),
      label,
      unit,
      decimals: UNIT_DECIMALS[unit],
      value: shown(mm),
      most: fromMm(MOST_MM[part], unit),
      step: part === 'depth' ? DEPTH_STEP[unit] : STEP[unit],
      aside: part === 'depth',
    });
    const depth = cell('depth', SECTION_PHRASES.belowTheSpine2(name, unit), row.depthMm);
    const across = row.nearMm === null || row.offMm === null ? null : row.nearMm + row.offMm;
    return draft.across
      ? [depth, cell('across', SECTION_PHRASES.across2(name, unit), across)]
      : [depth, cell('near', SECTION_PHRASES.near2(name, unit), row.nearMm), cell('off', SECTION_PHRASES.off2(name, unit), row.offMm)];
  });
}

/** The draft with one of its numbers typed, in the shown unit; null rubs a width out, a depth stays. */
export function withTyped(draft: DraftTake, id: string, value: number | null, unit: LengthUnit): DraftTake {
  const [row, part] = id.split(' ') as [string, WidthPart];
  const mm = value === null ? null : toMm(value, unit);
  if (part === 'depth') return mm === null ? draft : withDepth(draft, Number(row), mm);
  return withWidth(draft, Number(row), part, mm);
}
