import { type VisitPage } from '@fulcra/contract';
import { type Lengthwise, type LineMeasurement, type LineStation, type RecordedTake, lineMeasurement } from '@fulcra/core';
import { useMeasuredBefore } from './use-measured-before';

const lineOf = (takes: readonly RecordedTake[], station: LineStation) => lineMeasurement(takes, station).consensus;

/** What an earlier visit traced along the spine, while this one has nothing; null where none did. */
export function useKnownLine(
  page: VisitPage,
  station: LineStation,
  { consensus }: LineMeasurement,
): { readonly day: string; readonly line: Lengthwise } | null {
  const before = useMeasuredBefore(page, station, lineOf);
  return consensus === null && before !== null ? { day: before.day, line: before.found } : null;
}
