import { type CriterionId, type School, type SitPicture, type SitRow, type SitVerdict, CRITERIA } from '@fulcra/core';
import { SIT_WORDS } from './criterion-words';
import { MARK } from './tone';
import { borderlineWords } from './error-words';
import { lower } from './letter-case';
import { sitNumber } from './sit-number';

export function wantedWords({ id, unit, least, most }: SitRow): string {
  if (unit === 'yesNo') return least !== null ? 'must' : most !== null ? 'rather not' : 'free choice';
  const say = (v: number) => sitNumber(id, unit, v);
  if (least !== null && most !== null) return `wants ${say(least)} to ${say(most)}`;
  if (least !== null) return `wants ≥ ${say(least)}`;
  return most === null ? 'no opinion' : `wants ≤ ${say(most)}`;
}

/** What a school wants of a number: "36 to 54 mm". */
export function limitsWords(id: CriterionId, { rules }: Pick<School, 'rules'>): string {
  const { least, most } = rules[id] ?? { least: null, most: null };
  const say = (v: number) => sitNumber(id, CRITERIA[id].unit, v);
  if (least !== null && most !== null) return `${say(least)} to ${say(most)}`;
  return least !== null ? `at least ${say(least)}` : most !== null ? `at most ${say(most)}` : 'no opinion';
}

/** What a row says: its fault where it misses, its name where it doesn't. */
export function rowWords(row: SitRow): string {
  const words = SIT_WORDS[row.id];
  if (row.outside === 0) return words.name;
  return row.outside < 0 ? words.low : words.high;
}

/** What may help where it can't be tried beside the horse. */
export const remedyOfRow = (row: SitRow): string => (row.outside < 0 ? SIT_WORDS[row.id].raise : SIT_WORDS[row.id].lower);

const REFUSED = 'Refused: ';
const valueOf = (row: SitRow): string => (row.value === null || row.unit === 'yesNo' ? '' : ` (${sitNumber(row.id, row.unit, row.value)})`);

/** The same after a word that already says it is refused, within a sentence and without its stop. */
export const reasonWithin = (verdict: SitVerdict): string => lower(sitHeadline(verdict).replace(REFUSED, '').replace(/\.$/, ''));

/** The verdict in one sentence, the reason in it. */
export function sitHeadline(verdict: SitVerdict): string {
  const [first, second] = verdict.worst;
  if (first === undefined) return nothingMissedWords(verdict);
  const bad = verdict.worst.filter((r) => r.verdict === 'bad');
  if (verdict.stops.length > 0) {
    const more = verdict.stops.length - 1;
    const stop = verdict.worst.find((r) => r.stops) ?? verdict.stops[0]!;
    return `${REFUSED}${lower(rowWords(stop))}${valueOf(stop)}${more > 0 ? `, and ${more} more` : ''}.`;
  }
  const clear = verdict.worst.find((r) => r.verdict !== 'borderline');
  if (clear === undefined)
    return `As it should be, as far as the hand can tell: ${lower(SIT_WORDS[first.id].name)} is ${borderlineWords(first)}.`;
  if (bad.length === 0) return `Close: ${lower(rowWords(clear))}${valueOf(clear)}.`;
  return second !== undefined && second.verdict === 'bad'
    ? `${rowWords(first)}, and ${lower(rowWords(second))}.`
    : `${rowWords(first)}${valueOf(first)}.`;
}

/** Nothing is missed: said with what can't be told yet, and with what it stands on. */
function nothingMissedWords({ rows, standsOn }: SitVerdict): string {
  const told = standsOn.share < 1 ? 'Nothing that was measured speaks against it' : 'Sits level, even and clear';
  const near = rows.filter((r) => r.verdict === 'borderline');
  return near.length === 0
    ? `${told}.`
    : `${told}; ${near.length === 1 ? lower(SIT_WORDS[near[0]!.id].name) : `${near.length} numbers`} borderline.`;
}

export const verdictTone = (verdict: SitVerdict): 'good' | 'lookOut' | 'bad' =>
  verdict.stops.length > 0 || verdict.worst.some((r) => r.verdict === 'bad') ? 'bad' : verdict.worst.length > 0 ? 'lookOut' : 'good';

export const ROW_TONE = {
  good: 'good',
  borderline: 'plain',
  lookOut: 'lookOut',
  bad: 'bad',
  notMeasured: 'plain',
  noOpinion: 'plain',
} as const;

/** What the drawing says to someone who can't see it. */
export function spokenSitting(picture: SitPicture): string {
  const [front, middle, rear] = picture.measures.thirds.map((t) => Math.round(100 * t));
  return `Pressure: mean ${picture.measures.meanKPa.toFixed(0)}, peak ${picture.measures.peakKPa.toFixed(0)} kilopascal; front ${front}, middle ${middle}, rear ${rear} per cent; near side ${Math.round(100 * picture.measures.near)} per cent`;
}

/** The mark of a row: what refuses, what can't be told from its limit, and else how serious it is. */
export const rowMark = (row: Pick<SitRow, 'verdict' | 'stops'>): string =>
  row.stops ? '■' : row.verdict === 'borderline' ? '≈' : MARK[ROW_TONE[row.verdict]];
