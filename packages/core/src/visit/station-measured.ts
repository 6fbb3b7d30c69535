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
} from '../back';
import { type RecordedTake, measuredTakes } from './recorded';

/** How far a station is: nothing taken, takes that don't agree yet, or takes that do. */
export type PegState = 'open' | 'doubtful' | 'measured';

/** What the takes of one station say together. */
interface Measured<Shape, Place> {
  /** Takes that count, oldest first, with their number as the fitter knows them. */
  readonly takes: readonly (Shape & { readonly id: string; readonly number: number; readonly odd: boolean })[];
  /** Takes that were withdrawn, with their numbers: they stay, and can be put back. */
  readonly withdrawn: readonly (RecordedTake & { readonly number: number })[];
  /** All takes ever made here, the withdrawn ones too. */
  readonly everTaken: number;
  readonly agreement: Agreement;
  /** Where the last take that counts was taken, mm behind the scapula. */
  readonly takenAtMm: Place;
  readonly peg: PegState;
}
export interface SectionMeasurement<Place = number> extends Measured<{ readonly section: Section }, Place> {
  readonly accepted: readonly Take[];
  readonly consensus: Section | null;
}
export interface LineMeasurement extends Measured<{ readonly line: Lengthwise }, number> {
  readonly accepted: readonly LineTake[];
  readonly consensus: Lengthwise | null;
}
export type StationMeasurement = SectionMeasurement | LineMeasurement;

/** @param otherwiseAtMm where this station is expected while nobody has taken it */
export function sectionMeasurement<Place extends number | null>(
  all: readonly RecordedTake[],
  station: Station,
  otherwiseAtMm: Place,
): SectionMeasurement<number | Place> {
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

export function lineMeasurement(all: readonly RecordedTake[], station: Station): LineMeasurement {
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

/** What counts: what wasn't withdrawn; and what was only said to be as last time, while nobody has measured. */
function counted(records: readonly RecordedTake[]) {
  const standing = records.filter((r) => !r.withdrawn);
  const measured = measuredTakes(standing);
  return (measured.length > 0 ? measured : standing.slice(-1)).map(({ id, reading }) => ({ id, reading }));
}

const numbered = (records: readonly RecordedTake[], agreement: Agreement, id: string) => ({
  number: records.findIndex((r) => r.id === id) + 1,
  odd: agreement.odd.some((o) => o.id === id),
});

function shared<Place extends number | null>(records: readonly RecordedTake[], agreement: Agreement, otherwiseAtMm: Place) {
  const peg: PegState = agreement.state === 'agree' ? 'measured' : agreement.state === 'none' ? 'open' : 'doubtful';
  const last = records.filter((r) => !r.withdrawn).at(-1);
  const takenAtMm: number | Place = last === undefined ? otherwiseAtMm : last.takenAtMm;
  return {
    withdrawn: records.flatMap((r, i) => (r.withdrawn ? [{ ...r, number: i + 1 }] : [])),
    everTaken: records.length,
    agreement,
    takenAtMm,
    peg,
  };
}
