import {
  type FrontArch,
  type TreeForecast,
  CROWN_RADIUS_MM,
  frontValues,
  schoolById,
  sectionFromPoints,
  seededRandom,
  slopeRanks,
  treeForecast,
} from '@fulcra/core';
import { type BackTruth, STEADY_HAND, takeOf, trueSection } from '../front-section-generator';

declare const console: { info(text: string): void };

const SCHOOL = schoolById('static-close');
const ARCH: FrontArch = { shape: 'round', crownRadiusMm: CROWN_RADIUS_MM.round, includedAngleDeg: 92, pointLengthMm: 170 };
const TREE = { arch: ARCH, chosen: null };
const START: BackTruth = { nearDeg: 46, offDeg: 46, apexRadiusMm: 35, bowMm: 4, depthMm: 190 };
/** So many, that three hundredths are four deviations of what is counted. */
const SEEDS = 1000;

/** The back after some days of filling out at a steady rate, degrees of each flank a day. */
const grown = (perDay: number, day: number): BackTruth => ({
  ...START,
  nearDeg: START.nearDeg + perDay * day,
  offDeg: START.offDeg + perDay * day,
});

const fitOn = (points: ReturnType<typeof trueSection>) => {
  const read = sectionFromPoints(points);
  if (!read.ok) throw new Error('no section');
  return frontValues(read.value.section, TREE, SCHOOL);
};
/** How the tree lies on a back without any hand's error, mm tip minus top. */
const trueFit = (truth: BackTruth): number => fitOn(trueSection(truth)).find((v) => v.id === 'frontEven')!.value;

/** One horse watched over some dates, once each; and the forecast made of it. */
function watched(dates: number, seed: number): { readonly forecast: TreeForecast; readonly truth: number } {
  const random = seededRandom(seed * 7919 + dates);
  const perDay = (random() - 0.5) * 0.02;
  let day = 0;
  const days = Array.from({ length: dates }, () => (day += 20 + Math.floor(random() * 60)));
  const forecast = treeForecast(
    days.map((on) => ({ day: on, values: fitOn(takeOf(grown(perDay, on), STEADY_HAND, random)) })),
    day,
  );
  const truth = (trueFit(grown(perDay, day)) - trueFit(grown(perDay, days[0]!))) / (day - days[0]!);
  return { forecast, truth };
}

describe('the forecast of a tree, on generated horses whose change and whose hand’s error are known', () => {
  it.each([4, 5, 6, 8])('over %d dates the interval of the fit’s change covers the truth as often as it says', (dates) => {
    let covered = 0;
    for (let seed = 0; seed < SEEDS; seed++) {
      const { forecast, truth } = watched(dates, seed);
      const { trend } = forecast.all.find((f) => f.id === 'frontEven')!.leaves as {
        readonly trend: { readonly interval: { least: number; most: number } };
      };
      if (trend.interval.least <= truth && truth <= trend.interval.most) covered++;
    }
    const { level } = slopeRanks(dates);
    console.info(`${dates} dates: ${((100 * covered) / SEEDS).toFixed(1)} % covered, Kendall's exact level ${(100 * level).toFixed(1)} %`);
    expect(Math.abs(covered / SEEDS - level)).toBeLessThan(0.03);
  });
});
