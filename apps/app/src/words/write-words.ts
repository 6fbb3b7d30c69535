import { type FactBody } from '@fulcra/contract';
import { type Write } from '../platform/write';
import { COMPLAINT_WORDS, FIELD_WORDS, valueWords } from './intake-words';
import { LANDMARK_WORDS } from './landmark-words';
import { TRAIT_WORDS } from './shape-words';
import { STATION_WORDS } from './station-words';

/** What a waiting write is called. */
export function writeName(write: Write): string {
  switch (write.kind) {
    case 'horse':
      return `Horse: ${write.body.name}`;
    case 'rider':
      return `Rider: ${write.body.name}`;
    case 'saddle':
      return `Saddle: ${write.body.name}`;
    case 'visit':
      return `Visit of ${write.body.startedOn}`;
    case 'take':
      return `A take: ${STATION_WORDS[write.body.station].name.toLowerCase()}`;
    case 'withdrawal':
      return write.body.withdrawn ? 'A take withdrawn' : 'A take brought back';
    case 'fact':
      return factName(write.body.body);
    case 'factWithdrawal':
      return write.body.withdrawn ? 'A finding withdrawn' : 'A finding brought back';
    case 'photo':
    case 'saddlePhoto':
      return `A photo, ${(write.body.bytes / 1e6).toFixed(1)} MB`;
    case 'decision':
      return `Decision: ${Math.round(write.body.includedAngleDeg)}°`;
  }
}

function factName(body: FactBody): string {
  switch (body.kind) {
    case 'intake':
      return `${FIELD_WORDS[body.field]}: ${valueWords(body.field, body.value)}`;
    case 'complaint':
      return `Complaint: ${COMPLAINT_WORDS[body.complaint]}`;
    case 'feel':
      return 'What the hand felt';
    case 'bellyLift':
      return 'Belly lift';
    case 'trait':
      return `Shape: ${TRAIT_WORDS[body.trait].toLowerCase()}`;
    case 'landmark':
      return `${LANDMARK_WORDS[body.landmark].name}: ${Math.round(body.atMm)} mm`;
    case 'cautionsShown':
      return 'Cautions were shown';
    case 'holdCleared':
      return `Hold cleared by ${body.by}`;
    case 'skipped':
      return 'A step left out for now';
    case 'triedSetting':
      return `Tried: ${body.saddleName} at ${body.widthLabel}`;
    case 'chosenSetting':
      return 'A tried setting chosen';
  }
}

/** Fields of records that two people may change. */
export const RECORD_FIELD_WORDS: Readonly<Record<string, string>> = {
  name: 'Name',
  kind: 'Type or breed',
  bornYear: 'Year of birth',
  heightMm: 'Height, mm',
  note: 'Note',
  sex: 'Sex',
  riderIds: 'Riders',
  weightKg: 'Weight, kg',
  horseId: 'Horse',
  startedOn: 'Day',
  schoolId: 'School',
  stationMm: 'Front station, mm',
  status: 'Open or done',
  result: 'Result',
  maker: 'Maker',
  change: 'How its width is changed',
  front: 'Front of the saddle',
  build: 'Tree, panel and straps',
  state: 'State',
  whereabouts: 'Where it is',
};

export function fieldValueWords(value: unknown): string {
  if (value === null || value === '') return '(nothing)';
  if (Array.isArray(value)) return value.length === 0 ? '(none)' : `${value.length} chosen`;
  return typeof value === 'string' || typeof value === 'number' ? String(value) : JSON.stringify(value);
}
