import { type Due, type Forecast } from '@fulcra/contract';
import { type IntervalReason, LEAST_DATES_FOR_INTERVAL, type TreeCriterion, type VisitReason } from '@fulcra/core';
import { dayWords } from './measure-words';

/** Why a horse is looked at again. */
export const REASON_WORDS: Readonly<Record<VisitReason | 'asked', string>> = {
  pain: 'something sore was found and nobody has cleared it: a veterinary surgeon first',
  unsafeTack: 'its tack is held as unsafe',
  fall: 'after a fall the tree is checked before the next ride',
  shimsInUse: 'shims are in use, and a back changes over them',
  newSaddle: 'the saddle is new to it',
  growing: 'it is growing',
  young: 'it is young and fills out',
  returning: 'it comes back from time off',
  newFlocking: 'the filling is new and settles',
  changedWeight: 'its weight changed by a twentieth or more',
  changedWork: 'its work changed or is going to',
  treeForecast: 'its back goes on changing and leaves the present tree',
  settledAdult: 'half a year, as for a settled adult',
  asked: 'its owner asked',
};
export const INTERVAL_WORDS: Readonly<Record<IntervalReason, string>> = {
  shimsInUse: 'Shims in use',
  newSaddle: 'A new saddle',
  growing: 'Growing',
  young: 'Young',
  returning: 'Back from time off',
  newFlocking: 'New filling',
  changedWeight: 'Changed weight',
  changedWork: 'Changed work',
  settledAdult: 'A settled adult',
};

const LEAVES_WORDS: Readonly<Record<TreeCriterion, string>> = {
  frontEven: 'the front stops lying even',
  withersOver: 'the room over the withers runs out',
  withersBeside: 'the room beside the withers runs out',
  bridgeGap: 'the panel stops lying along the back',
  seatLevel: 'the seat stops lying level',
  roll: 'the saddle stops lying straight across',
};

const RESTART_WORDS: Readonly<Record<NonNullable<Forecast['since']>['why'], string>> = {
  timeOff: 'it came back from time off',
  work: 'its work changed',
  weight: 'its weight changed by a twentieth',
};

/** When the present tree leaves its tolerance, with its interval, or why that can't be said. */
export const forecastWords = (forecast: Forecast): string =>
  forecast.since === null
    ? leavesWords(forecast)
    : `${leavesWords(forecast)} Counted from ${dayWords(forecast.since.on)} on, when ${RESTART_WORDS[forecast.since.why]}.`;

function leavesWords({ id, code, dates, on, early, late, until, chance }: Forecast): string {
  switch (code) {
    case 'alreadyOut':
      return `As it changes, ${LEAVES_WORDS[id]} now already.`;
    case 'leaves': {
      const between = `between ${dayWords(early!)} and ${late === null ? 'later than can be said' : dayWords(late)}`;
      return `At this rate ${LEAVES_WORDS[id]} about ${dayWords(on!)} (${between}; ${percentWords(chance!)} likely within what can be foretold, from ${dates} dates).`;
    }
    case 'stays':
      return `That the present tree stops fitting is not within what can be foretold from ${dates} dates, which is until ${dayWords(until!)} (${percentWords(chance!)} likely).`;
    case 'tooFewDates':
      return `When the tree stops fitting can’t be said yet: measured on ${dates === 1 ? 'one date' : `${dates} dates`}, ${LEAST_DATES_FOR_INTERVAL} are needed.`;
  }
}

/** Never surer than the count of dates lets it be. */
const percentWords = (share: number): string => (share > 0.95 ? 'over 95 %' : share < 0.05 ? 'under 5 %' : `${Math.round(100 * share)} %`);

/** "Due 6 Nov 2026: the saddle is new to it." */
export const dueWords = ({ on, reason, atOnce }: Due, today: string): string =>
  `${atOnce ? 'At once' : on < today ? `Overdue since ${dayWords(on)}` : `Due ${dayWords(on)}`}: ${REASON_WORDS[reason]}.`;

/** "Old pair: sound, but not looked at since 3 Oct 2026." A notice, never a hold. */
export const lapsedWords = ({ name, since }: Due['lapsed'][number]): string =>
  `${name}: sound then, but not looked at since ${dayWords(since)}.`;

/** Its last decision was judged by a school that isn't known: nothing is foretold by another in its place. */
export const SCHOOL_UNKNOWN_WORDS = 'Its last decision was judged by a school that is not known here, so nothing is foretold of its tree.';

/** Weeks between two days, as people say them. */
export function weeksWords(from: string, to: string): string {
  const weeks = Math.round((Date.parse(to) - Date.parse(from)) / (7 * 86_400_000));
  return weeks === 1 ? 'one week' : `${weeks} weeks`;
}
