import { type LengthUnit, type Section, type SectionStation, type UnitSlip, unitSlip } from '@fulcra/core';
import { useMemo, useState } from 'react';
import { type DraftTake, readingOf } from './draft-take';

interface Question {
  readonly station: SectionStation;
  readonly draft: DraftTake;
  /** The same horse as it is known, where it is. */
  readonly known: Section | null;
  /** The unit that is set while it is typed. */
  readonly unit: LengthUnit;
  /** The take is whole, and no number half typed. */
  readonly ask: boolean;
}

/** What a whole take's widths must be asked about before they are kept, unless the fitter stands by them as typed. */
export function useUnitSlip({ station, draft, known, unit, ask }: Question) {
  const [believed, setBelieved] = useState<string | null>(null);
  const reading = readingOf(draft);
  const widths = reading?.kind === 'widths' ? reading.widths : [];
  const key = JSON.stringify(widths);
  const found = useMemo((): UnitSlip | null => (key === '[]' ? null : unitSlip(station, widths, unit, known)), [key, station, unit, known]); // eslint-disable-line react-hooks/exhaustive-deps -- the key is the widths
  const now = (): UnitSlip | null => (believed === key ? null : found);
  return { slip: ask ? now() : null, now, believe: () => setBelieved(key) };
}
