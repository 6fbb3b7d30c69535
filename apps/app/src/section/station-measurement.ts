import { type TakeRecord } from '@fulcra/contract';
import {
  type Agreement,
  type Lengthwise,
  type LineTake,
  type Section,
  type Station,
  type Take,
  consensusLine,
  consensusSection,
  lineAgreement,
  readLineTakes,
  readTakes,
  takesAgreement,
} from '@fulcra/core';
import { type PegState } from '../drawings/backline';

/** What the takes of one station say together. */
interface Measured<Shape> {
  /** Takes that count, oldest first, with their number as the fitter knows them. */
  readonly takes: readonly (Shape & { readonly id: string; readonly number: number; readonly odd: boolean })[];
  readonly withdrawn: readonly TakeRecord[];
  /** All takes ever made here, the withdrawn ones too. */
  readonly everTaken: number;
  readonly agreement: Agreement;
  /** Where the last take that counts was taken, mm behind the scapula. */
  readonly takenAtMm: number;
  readonly peg: PegState;
}
export interface SectionMeasurement extends Measured<{ readonly section: Section }> {
  readonly accepted: readonly Take[];
  readonly consensus: Section | null;
}
export interface LineMeasurement extends Measured<{ readonly line: Lengthwise }> {
  readonly accepted: readonly LineTake[];
  readonly consensus: Lengthwise | null;
}
export type StationMeasurement = SectionMeasurement | LineMeasurement;

/** @param otherwiseAtMm where this station is expected while nobody has taken it */
export function sectionMeasurement(all: readonly TakeRecord[], station: Station, otherwiseAtMm: number): SectionMeasurement {
  const records = all.filter((r) => r.station === station);
  const { takes } = readTakes(counted(records));
  const agreement = takesAgreement(takes);
  return {
    ...shared(records, agreement, otherwiseAtMm),
    takes: takes.map((t) => ({ ...t, ...numbered(records, agreement, t.id) })),
    accepted: takes.filter((t) => agreement.accepted.includes(t.id)),
    consensus: consensusSection(takes, agreement),
  };
}

export function lineMeasurement(all: readonly TakeRecord[], station: Station): LineMeasurement {
  const records = all.filter((r) => r.station === station);
  const { takes } = readLineTakes(counted(records));
  const agreement = lineAgreement(takes);
  return {
    ...shared(records, agreement, 0),
    takes: takes.map((t) => ({ ...t, ...numbered(records, agreement, t.id) })),
    accepted: takes.filter((t) => agreement.accepted.includes(t.id)),
    consensus: consensusLine(takes, agreement),
  };
}

const counted = (records: readonly TakeRecord[]) => records.filter((r) => !r.withdrawn).map(({ id, reading }) => ({ id, reading }));

const numbered = (records: readonly TakeRecord[], agreement: Agreement, id: string) => ({
  number: records.findIndex((r) => r.id === id) + 1,
  odd: agreement.odd.some((o) => o.id === id),
});

function shared(records: readonly TakeRecord[], agreement: Agreement, otherwiseAtMm: number) {
  const peg: PegState = agreement.state === 'agree' ? 'measured' : agreement.state === 'none' ? 'open' : 'doubtful';
  const last = records.filter((r) => !r.withdrawn).at(-1);
  return {
    withdrawn: records.filter((r) => r.withdrawn),
    everTaken: records.length,
    agreement,
    takenAtMm: last?.takenAtMm ?? otherwiseAtMm,
    peg,
  };
}
