import { type Section, type SectionStation, type UnitSlip, unitSlip } from '@fulcra/core';
import { useMemo, useState } from 'react';
import { useTapeUnit } from '../platform/use-tape-unit';
import { type DraftTake, readingOf } from './draft-take';

/** What a whole take's widths must be asked about before they are kept, unless the fitter stands by them as typed. */
export function useUnitSlip(station: SectionStation, draft: DraftTake, known: Section | null, ask: boolean) {
  const [unit] = useTapeUnit();
  const [believed, setBelieved] = useState<string | null>(null);
  const reading = readingOf(draft);
  const widths = reading?.kind === 'widths' ? reading.widths : [];
  const key = JSON.stringify(widths);
  const found = useMemo((): UnitSlip | null => (key === '[]' ? null : unitSlip(station, widths, unit, known)), [key, station, unit, known]); // eslint-disable-line react-hooks/exhaustive-deps -- the key is the widths
  const now = (): UnitSlip | null => (believed === key ? null : found);
  return { slip: ask ? now() : null, now, believe: () => setBelieved(key) };
}
