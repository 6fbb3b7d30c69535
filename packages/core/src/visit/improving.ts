import { interceptOf, onePerDay, trendOf } from '../change';
import { type FitOnDay, type TreeCriterion } from '../care';
import { measureTopline } from '../back';
import { type StrapId, STRAP_IDS } from '../saddle';
import { chosenSettingOf } from './facts-read';
import { measuredVisit } from './measured-visit';
import { type PastVisit } from './forecast-of-horse';

/** What of a visit tells whether a horse improves: withers, how far the front is lifted, where the straps pull. */
export interface ChainStep {
  readonly on: string;
  /** Withers over the lowest place of the back, mm; null where the topline wasn't taken. */
  readonly witherMm: number | null;
  /** Panel in front, with what was put into it and under it on the mean of both sides, mm; null where no setting was chosen. */
  readonly frontMm: number | null;
  readonly straps: readonly StrapId[] | null;
}

export function chainStep(visit: PastVisit): ChainStep {
  const measured = measuredVisit(visit);
  const { topline, landmarks, sections } = measured;
  const lastRibMm = landmarks.lastRib.atMm;
  const line = topline.consensus;
  const read = line === null || lastRibMm === null ? null : measureTopline(line, { frontMm: sections.front.takenAtMm, lastRibMm });
  const setup = chosenSettingOf(visit.facts)?.tried.setup ?? null;
  return {
    on: visit.on,
    witherMm: read?.witherOverLowMm ?? null,
    frontMm:
      setup === null
        ? null
        : setup.frontDepthMm + (setup.flock.near.front + setup.flock.off.front) / 2 + (setup.shims.near.front + setup.shims.off.front) / 2,
    straps: setup?.straps ?? null,
  };
}

/** The hand and the line over the withers err by so much: less is no change, mm (default). */
export const CHAIN_ERROR_MM = 3;

export interface ChainMove {
  readonly witherMm: number | null;
  readonly frontMm: number | null;
  /** Places the straps moved toward the tail, counted along the girth straps; null where one of both isn't known. */
  readonly strapsBack: number | null;
  /** Withers came up, and neither the front was lifted nor the straps moved forward. */
  readonly improving: boolean;
}

/** From one visit to the next: withers up lets the front come down and the straps go back. */
export function chainMove(before: ChainStep, after: ChainStep): ChainMove {
  const less = (a: number | null, b: number | null): number | null => (a === null || b === null ? null : b - a);
  const [witherMm, frontMm] = [less(before.witherMm, after.witherMm), less(before.frontMm, after.frontMm)];
  const strapsBack = less(meanPlace(before.straps), meanPlace(after.straps));
  const improving = witherMm !== null && witherMm > CHAIN_ERROR_MM && (frontMm ?? 0) <= 0 && (strapsBack ?? 0) >= 0;
  return { witherMm, frontMm, strapsBack, improving };
}

const meanPlace = (straps: readonly StrapId[] | null): number | null =>
  straps === null || straps.length === 0 ? null : straps.reduce((sum, s) => sum + STRAP_IDS.indexOf(s), 0) / straps.length;

/** What the dates before a visit let one expect of the fit, and what came. */
export interface ForecastHeld {
  readonly day: number;
  readonly dates: number;
  readonly expected: number;
  readonly least: number;
  readonly most: number;
  readonly came: number;
  readonly held: boolean;
}

/** Each date's fit against what the four dates and more before it foretold; nothing where there were fewer. */
export function forecastsHeld(fits: readonly FitOnDay[], id: TreeCriterion = 'frontEven'): ForecastHeld[] {
  const series = fits.flatMap(({ day, values }) => values.filter((v) => v.id === id).map(({ value }) => ({ day, value })));
  return onePerDay(series).flatMap(({ day, value: came }, i, all) => {
    const before = all.slice(0, i);
    const trend = trendOf(before);
    if (trend === null || trend.interval === null) return [];
    const at = (perDay: number): number => interceptOf(before, perDay) + perDay * day;
    const ends = [at(trend.interval.least), at(trend.interval.most)];
    const [least, most] = [Math.min(...ends), Math.max(...ends)];
    const expected = at(trend.perDay);
    return [{ day, dates: before.length, expected, least, most, came, held: came >= least && came <= most }];
  });
}
