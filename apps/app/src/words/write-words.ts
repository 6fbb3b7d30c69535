import { lengthWords } from './person-unit';
import { type FactBody, type RecordKind, type Write, type WriteOf } from '@fulcra/contract';
import { dayWords, megabytesWords } from './measure-words';
import { COMPLAINT_WORDS, FIELD_WORDS, valueWords } from './intake-words';
import { LANDMARK_WORDS } from './landmark-words';
import { TRAIT_WORDS } from './shape-words';
import { type WireProblem, wireProblemWords } from './problem-words';
import { STATION_WORDS } from './station-words';

type Named = { readonly [K in RecordKind]: (write: WriteOf<K>) => string };

const NAMES: Named = {
  horse: ({ body }) => `Horse: ${body.name}`,
  binned: ({ body }) => `${body.name}: ${body.restored ? 'put back' : 'into the bin'}`,
  rider: ({ body }) => `Rider: ${body.name}`,
  riderMeasures: ({ body }) => `A rider measured on ${dayWords(body.takenOn)}`,
  leather: ({ body }) => `Leathers: ${body.name}`,
  leatherTake: ({ body }) => `Leathers measured on ${dayWords(body.takenOn)}`,
  saddle: ({ body }) => `Saddle: ${body.name}`,
  visit: ({ body }) => `Visit of ${dayWords(body.startedOn)}`,
  practiceSettings: () => 'What the practice agreed on',
  take: ({ body }) => `A take: ${STATION_WORDS[body.station].name.toLowerCase()}`,
  withdrawal: ({ body }) => (body.withdrawn ? 'A take withdrawn' : 'A take brought back'),
  fact: ({ body }) => factName(body.body),
  factWithdrawal: ({ body }) => (body.withdrawn ? 'A finding withdrawn' : 'A finding brought back'),
  photo: ({ body }) => photoName(body.bytes),
  saddlePhoto: ({ body }) => photoName(body.bytes),
  tackPhoto: ({ body }) => photoName(body.bytes),
  contact: ({ body }) => `Person: ${body.name}`,
  yard: ({ body }) => `Yard: ${body.name}`,
  appointment: ({ body }) => `Visit planned for ${dayWords(body.on)}`,
  order: ({ body }) => `Order: ${body.title}`,
  ownerWord: ({ body }) => `What ${body.ownerName} said, taken up`,
  girth: ({ body }) => `Girth: ${body.name}`,
  tackCheck: ({ body }) => (body.mended === null ? 'A walk round tack' : `Mended by ${body.mended.by}`),
  decision: ({ body }) => `Decision: ${Math.round(body.includedAngleDeg)}°`,
};

const photoName = (bytes: number): string => `A photo, ${megabytesWords(bytes)}`;

/** What a waiting write is called. */
export const writeName = (write: Write): string => (NAMES[write.kind] as (w: Write) => string)(write);

/** What a finding is called. */
export function factName(body: FactBody): string {
  switch (body.kind) {
    case 'intake':
      return `${FIELD_WORDS[body.field]}: ${valueWords(body.field, body.value)}`;
    case 'complaint':
      return `Complaint: ${COMPLAINT_WORDS[body.complaint]}`;
    case 'complaintAnswered':
      return `What became of a complaint: ${COMPLAINT_WORDS[body.complaint]}`;
    case 'saidWithout':
      return `Good to ride without measuring, by ${body.by}`;
    case 'feel':
      return 'What the hand felt';
    case 'bellyLift':
      return 'Belly lift';
    case 'trait':
      return `Shape: ${TRAIT_WORDS[body.trait].toLowerCase()}`;
    case 'landmark':
      return `${LANDMARK_WORDS[body.landmark].name}: ${lengthWords(Math.round(body.atMm))}`;
    case 'barrel':
      return 'The barrel measured';
    case 'sideMarks':
      return 'Marks on a photo from the side';
    case 'leatherHoles':
      return 'Holes of the leathers';
    case 'cautionsShown':
      return 'Cautions were shown';
    case 'holdCleared':
      return `Hold cleared by ${body.by}`;
    case 'ridden':
      return 'Ridden and watched';
    case 'forOwner':
      return 'Words for the owner';
    case 'skipped':
      return 'A step left out for now';
    case 'triedSetting':
      return `Tried: ${body.saddleName} at ${body.widthLabel}`;
    case 'chosenSetting':
      return 'A tried setting chosen';
    case 'refusalOverruled':
      return `A refused setting, answered for by ${body.by}`;
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
  email: 'E-mail',
  phone: 'Telephone',
  remind: 'Reminders',
  address: 'Address',
  place: 'Place on the map',
  contactId: 'Person',
  ownerId: 'Owner',
  payerId: 'Who pays',
  yardId: 'Yard',
  on: 'Day',
  at: 'Time',
  minutes: 'Minutes',
  reason: 'Reason',
  fitter: 'Fitter',
  takenUp: 'Taken up',
  title: 'Title',
  lines: 'What to do',
  dueOn: 'Wanted by',
  history: 'How far it has come',
  timeZone: 'Time zone',
  visitDays: 'Days to the next visit',
  lengthMm: 'Length, mm',
  material: 'Material',
  elastic: 'Elastic',
  whereabouts: 'Where it is',
  serial: 'Serial number',
  ridesIn: 'What it is ridden in',
  gone: 'Sold, moved or died',
  tackDays: 'How long a look at tack lasts',
  fingerMm: 'Width of a finger, mm',
  rider: 'Riders: angles, lengths to buy, weight',
  seat: 'Seat, flap and bars',
  purposes: 'What the leathers are for',
  injuries: 'Old injuries',
  offLegLongerMm: 'Off leg longer by, mm',
  uneven: 'Leathers uneven on purpose',
  lengthsMm: 'Lengths of the rider',
  withdrawn: 'Withdrawn',
  spacingMm: 'Hole spacing, mm',
  holes: 'Number of holes',
  firstHole: 'Number at the shortest hole',
  newOn: 'New since',
  eyeToTreadMm: 'Iron, eye to tread, mm',
  ironWidthMm: 'Iron, inner width, mm',
  riderId: 'Rider',
  saddleId: 'Saddle',
  circumferenceMm: 'Once round the barrel, mm',
  breadthMm: 'Breadth of the barrel, mm',
  widestBelowMm: 'Height of the widest, mm',
  depthMm: 'Depth',
  nearMm: 'Width of the near side',
  offMm: 'Width of the off side',
  takenAtMm: 'Where the station was taken',
  atMm: 'Where it was felt',
  riseMm: 'Rise',
  value: 'Value',
  reasons: 'Reasons',
  bytes: 'Size of the picture',
};

export function fieldValueWords(value: unknown): string {
  if (value === null || value === '') return '(nothing)';
  if (Array.isArray(value)) return value.length === 0 ? '(none)' : `${value.length} chosen`;
  return typeof value === 'string' || typeof value === 'number' ? String(value) : JSON.stringify(value);
}

/** Why the server would not have a write, as a person reads it: one sentence for each problem, and the fields it could not read by name. */
export function refusalWords(problems: readonly WireProblem[], fields: readonly string[]): string[] {
  const named = [...new Set(fields.filter((path) => path !== '').map(writeFieldWords))];
  const unread = named.length === 0 ? [] : [`It could not read: ${named.join(', ').toLowerCase()}.`];
  return [...problems.map(wireProblemWords), ...unread];
}

/** A path of a write leads from the record to the field; the first step with a name names it. */
function writeFieldWords(path: string): string {
  const steps = path.split('.');
  const known = steps.find((step) => RECORD_FIELD_WORDS[step] !== undefined);
  return known === undefined ? steps.at(-1)! : RECORD_FIELD_WORDS[known]!;
}
