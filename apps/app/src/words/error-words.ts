import { type ErrorSourceId, type Need, type SitRow, type StandsOn, type UnmeasuredId, type ValueError } from '@fulcra/core';
import { unmeasuredList, unmeasuredName } from './saddle-measure-words';
import { needsWords } from './school-words';
import { sitNumber } from './sit-number';
import { STATION_WORDS } from './station-words';

const SOURCE_WORDS: Readonly<Record<Exclude<ErrorSourceId, 'hand'>, string>> = {
  scapulaRest: 'where the scapula’s edge was felt at rest',
  scapulaForward: 'where the scapula’s edge was felt drawn forward',
  lastRib: 'where the last rib was felt',
  girthGroove: 'where the girth groove was felt',
  lowPoint: 'where the low point was marked',
  witherBase: 'where the base of the withers was marked',
  edges: 'where the edges of spine and muscle were felt',
  topline: 'the topline',
  placement: 'where the saddle is put down',
};

/** What an error mostly comes from: what to measure again first. */
function mostlyWords({ mostly }: ValueError): string | null {
  if (mostly === null) return null;
  if (mostly.id === 'saddle') return `the saddle’s ${unmeasuredName(mostly.measure!).toLowerCase()}, which wasn’t measured exactly`;
  if (mostly.id !== 'hand') return SOURCE_WORDS[mostly.id];
  return mostly.station === null ? 'the tracings' : `the tracing “${STATION_WORDS[mostly.station].peg}”`;
}

/** "±2.4 mm"; nothing where the error isn't known, or there is none. */
export const plusMinus = ({ id, unit, value, error }: SitRow): string | null =>
  value === null || error === null || error.half === 0 || unit === 'yesNo' ? null : `±${sitNumber(id, unit, error.half).replace('+', '')}`;

/** "50 mm ±11 mm", or the number alone where its error isn't known or nothing. */
export const valueWithError = (row: SitRow): string => {
  if (row.value === null) return '';
  const value = sitNumber(row.id, row.unit, row.value);
  const error = plusMinus(row);
  return error === null ? value : `${value} ${error}`;
};

/** The end of what is wanted that a number lies nearest to. */
function nearestLimit({ value, least, most }: SitRow): number | null {
  if (value === null) return null;
  if (least === null) return most;
  return most === null || Math.abs(value - least) <= Math.abs(value - most) ? least : most;
}

/** "borderline: 35.6 mm of 36 mm ±2.4 mm, within the error of the hand". */
export function borderlineWords(row: SitRow): string {
  const limit = nearestLimit(row);
  if (row.value === null || row.error === null || limit === null) return 'borderline';
  const say = (v: number): string => sitNumber(row.id, row.unit, v);
  return `borderline: ${say(row.value)} of ${say(limit)} ${plusMinus(row) ?? ''}`.trimEnd();
}

/** Where the error of a number comes from, in a sentence; nothing where it has none. */
export function errorSentence(row: SitRow): string | null {
  const error = plusMinus(row);
  if (row.error === null || error === null) return null;
  const from = mostlyWords(row.error);
  const eye = byEyeWords(row.byEye);
  const share = Math.round(100 * (row.error.mostly?.share ?? 0));
  const told = `Nine in ten measurings would come out within ${error}.`;
  const again = row.error.mostly?.id === 'saddle' ? 'measured' : 'measured again';
  return `${from === null ? told : `${told} ${share} % of that is ${from}: ${again}, it tells more.`}${eye}`;
}

/** Sections nobody sets by eye: they were said to be as last time. */
const isSection = (need: Need): boolean => need === 'frontSection' || need === 'wholeBack';

/** What nobody laid a hand on; empty where everything was felt. */
function byEyeWords(needs: readonly Need[]): string {
  const told = (start: string, of: readonly Need[]): string => (of.length === 0 ? '' : ` ${start}: ${needsWords(of)}.`);
  const eye = needs.filter((n) => !isSection(n));
  return `${told('By eye, not felt', eye)}${told('As last time, not measured', needs.filter(isSection))}`;
}

/** On how much a verdict stands; nothing where it stands on everything. */
export function standsOnWords({ share, waitsFor, byEye, unmeasured }: StandsOn): string | null {
  const eye = `${byEyeWords(byEye)}${unmeasuredWords(unmeasured)}`;
  if (share >= 1) return eye.trim() || null;
  const waits = waitsFor.length === 0 ? '' : ` It waits for ${needsWords(waitsFor)}.`;
  return `Stands on ${Math.round(100 * share)} % of what the school asks.${waits}${eye}`;
}

/** What nobody measured of the saddle, first what decides most; empty where all of it was. */
const unmeasuredWords = (ids: readonly UnmeasuredId[]): string =>
  ids.length === 0 ? '' : ` Not measured exactly on this saddle, what decides most first: ${unmeasuredList(ids)}.`;
