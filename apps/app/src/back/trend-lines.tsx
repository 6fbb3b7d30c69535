import {
  type DayValue,
  type Section,
  type Trend,
  DAYS_PER_MONTH,
  LEAST_DATES_FOR_INTERVAL,
  dayNumber,
  sectionChange,
  trendOf,
} from '@fulcra/core';
import { YStack } from 'tamagui';
import { Body, Small, Strong } from '../ui/text';
import { BACK_PHRASES } from '../words/back-phrases';

export interface DatedSection {
  readonly on: string;
  readonly section: Section;
}

export interface SideTrend {
  readonly side: 'near' | 'off';
  readonly areaCm2: Trend | null;
  readonly angleDeg: Trend | null;
}

/** Area and angle of each side against the first visit, as trends over the days. */
export function sideTrends(stages: readonly DatedSection[]): SideTrend[] {
  const first = stages[0];
  if (first === undefined) return [];
  const changes = stages.map((s) => ({ day: dayNumber(s.on), change: sectionChange(first.section, s.section) }));
  return (['near', 'off'] as const).map((side) => {
    const values = (of: (c: (typeof changes)[number]['change']['near']) => number | null): DayValue[] =>
      changes.flatMap(({ day, change }) => {
        const value = of(change[side]);
        return value === null ? [] : [{ day, value }];
      });
    return { side, areaCm2: trendOf(values((c) => c.areaCm2)), angleDeg: trendOf(values((c) => c.angleDeg)) };
  });
}

/** How each side changes a month, with its interval where there are dates enough for one. */
export function TrendLines({ stages }: { readonly stages: readonly DatedSection[] }) {
  const trends = sideTrends(stages);
  const dates = Math.max(0, ...trends.map((t) => t.areaCm2?.dates ?? 0));
  if (dates < 2) return null;
  return (
    <YStack borderTopWidth={1} borderColor="$rule" paddingTop="$xs">
      <Strong>{BACK_PHRASES.trend(dates)}</Strong>
      {trends.map(({ side, areaCm2, angleDeg }) => (
        <Body key={side} color={`$${side}`}>
          {side === 'near' ? BACK_PHRASES.nNear : BACK_PHRASES.offO} {areaCm2 === null ? '' : trendWords(areaCm2, 'cm²')}
          {angleDeg === null ? '' : `; ${trendWords(angleDeg, '°')}`}
        </Body>
      ))}
      {dates < LEAST_DATES_FOR_INTERVAL ? <Small>{BACK_PHRASES.trendFewDates(LEAST_DATES_FOR_INTERVAL)}</Small> : null}
    </YStack>
  );
}

const trendWords = ({ perDay, interval }: Trend, unit: string): string =>
  interval === null
    ? BACK_PHRASES.trendDirection(perDay * DAYS_PER_MONTH, unit)
    : BACK_PHRASES.trendInterval(
        perDay * DAYS_PER_MONTH,
        interval.least * DAYS_PER_MONTH,
        interval.most * DAYS_PER_MONTH,
        Math.round(100 * interval.level),
        unit,
      );
