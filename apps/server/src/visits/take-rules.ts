import { isDeepStrictEqual } from 'node:util';
import { type TakeWrite } from '@fulcra/contract';
import { MOST_TAKES, isLine, lineFromReading, sectionFromReading } from '@fulcra/core';
import { FulcraError } from '../platform/errors/fulcra-error';

/** @param held takes of this station that count now */
export function refuseSixth(held: number): void {
  if (held >= MOST_TAKES) throw new FulcraError('TAKES_FULL');
}

/** A reading that the core can't make a section or a line of is no take. */
export function refuseUnreadable({ station, reading }: Pick<TakeWrite, 'station' | 'reading'>): void {
  const read = isLine(station) ? lineFromReading(reading) : sectionFromReading(reading);
  if (!read.ok) throw new FulcraError('SECTION_REFUSED', { problems: read.problems });
}

type Taken = Pick<TakeWrite, 'station' | 'takenAtMm' | 'reading'>;

/** The same take, sent again: what was measured is the same, whenever and by whomever it is sent. */
export const sameTake = (stored: Taken, sent: Taken): boolean =>
  stored.station === sent.station && stored.takenAtMm === sent.takenAtMm && isDeepStrictEqual(stored.reading, sent.reading);
