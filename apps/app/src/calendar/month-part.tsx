import { type Due } from '@fulcra/contract';
import { format, parseISO } from 'date-fns';
import { enGB } from 'date-fns/locale/en-GB';
import { useState } from 'react';
import { Pressable } from 'react-native';
import { XStack, YStack } from 'tamagui';
import { dayNow } from '../platform/clock';
import { Button } from '../ui/button';
import { Body, Heading, Small } from '../ui/text';
import { CALENDAR_PHRASES } from '../words/calendar-phrases';
import { dayWords } from '../words/measure-words';
import { type DayPlan, monthAfter, weeksOf } from './day-plan';

const WEEKDAYS = ['Mo', 'Tu', 'We', 'Th', 'Fr', 'Sa', 'Su'];

interface MonthProps {
  readonly plans: readonly DayPlan[];
  readonly due: readonly Due[];
  readonly chosen: string | null;
  readonly onDay: (day: string) => void;
}

/** A month at a look: what is planned, and who falls due. */
export function MonthPart({ plans, due, chosen, onDay }: MonthProps) {
  const [month, setMonth] = useState(dayNow().slice(0, 7));
  return (
    <YStack gap="$s">
      <XStack alignItems="center">
        <Heading flex={1}>{format(parseISO(`${month}-01`), 'MMMM yyyy', { locale: enGB })}</Heading>
        <Button kind="quiet" tight label={CALENDAR_PHRASES.monthBefore} onPress={() => setMonth(monthAfter(month, -1))}>
          <Body fontSize="$lead">‹</Body>
        </Button>
        <Button kind="quiet" tight label={CALENDAR_PHRASES.today} onPress={() => setMonth(dayNow().slice(0, 7))}>
          <Body>·</Body>
        </Button>
        <Button kind="quiet" tight label={CALENDAR_PHRASES.monthAfter} onPress={() => setMonth(monthAfter(month, 1))}>
          <Body fontSize="$lead">›</Body>
        </Button>
      </XStack>
      <XStack aria-hidden>
        {WEEKDAYS.map((d) => (
          <Small key={d} flex={1} textAlign="center">
            {d}
          </Small>
        ))}
      </XStack>
      {weeksOf(month).map((week) => (
        <XStack key={week[0]}>
          {week.map((day) => (
            <Day
              key={day}
              day={day}
              other={!day.startsWith(month)}
              chosen={day === chosen}
              planned={plans.find((p) => p.on === day)?.stops.length ?? 0}
              due={due.filter((d) => d.on === day).length}
              onPress={() => onDay(day)}
            />
          ))}
        </XStack>
      ))}
    </YStack>
  );
}

interface DayProps {
  readonly day: string;
  readonly other: boolean;
  readonly chosen: boolean;
  readonly planned: number;
  readonly due: number;
  readonly onPress: () => void;
}

/** A day with a full peg for each visit that is planned and an open one for each horse that falls due. */
function Day({ day, other, chosen, planned, due, onPress }: DayProps) {
  const today = day === dayNow();
  return (
    <Pressable
      role="button"
      aria-label={CALENDAR_PHRASES.onDay(dayWords(day), planned, due)}
      aria-pressed={chosen}
      onPress={onPress}
      style={{ flex: 1 }}
    >
      <YStack
        minHeight={52}
        alignItems="center"
        justifyContent="center"
        borderWidth={chosen ? 2 : today ? 1 : 0}
        borderColor={chosen ? '$action' : '$ink'}
        borderRadius={10}
      >
        <Body fontWeight={today ? '700' : '400'} color={other ? '$muted' : '$ink'}>
          {Number(day.slice(8))}
        </Body>
        <Small height={18}>
          {'●'.repeat(Math.min(3, planned))}
          {'○'.repeat(Math.min(3, due))}
        </Small>
      </YStack>
    </Pressable>
  );
}
