import { type TakeRecord } from '@fulcra/contract';
import { type Agreement, type Section, type Take, consensusSection, readTakes, takesAgreement } from '@fulcra/core';
import { type PegState } from '../drawings/backline';

/** What a visit's takes of the front say together. */
export interface FrontMeasurement {
  /** Takes that count, oldest first, with their number as the fitter knows them. */
  readonly takes: readonly { readonly id: string; readonly number: number; readonly section: Section; readonly odd: boolean }[];
  readonly withdrawn: readonly TakeRecord[];
  readonly agreement: Agreement;
  readonly accepted: readonly Take[];
  readonly consensus: Section | null;
  /** Distance behind the scapula the accepted takes were taken at, mm. */
  readonly takenAtMm: number;
  readonly peg: PegState;
}

export function frontMeasurement(records: readonly TakeRecord[], stationMm: number): FrontMeasurement {
  const counted = records.filter((r) => !r.withdrawn);
  const { takes } = readTakes(counted.map((r) => ({ id: r.id, reading: r.reading })));
  const agreement = takesAgreement(takes);
  const oddIds = agreement.odd.map((o) => o.id);
  return {
    takes: takes.map((t) => ({
      id: t.id,
      number: records.findIndex((r) => r.id === t.id) + 1,
      section: t.section,
      odd: oddIds.includes(t.id),
    })),
    withdrawn: records.filter((r) => r.withdrawn),
    agreement,
    accepted: takes.filter((t) => agreement.accepted.includes(t.id)),
    consensus: consensusSection(takes, agreement),
    takenAtMm: counted.at(-1)?.takenAtMm ?? stationMm,
    peg: agreement.state === 'agree' ? 'measured' : agreement.state === 'none' ? 'open' : 'doubtful',
  };
}
