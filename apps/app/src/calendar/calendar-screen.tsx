import { router } from 'expo-router';
import { useState } from 'react';
import { YStack } from 'tamagui';
import { useDue } from '../platform/use-views';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { Columns } from '../ui/columns';
import { Screen } from '../ui/screen';
import { CALENDAR_PHRASES } from '../words/calendar-phrases';
import { PREPARE_PHRASES } from '../words/prepare-phrases';
import { DuePart } from './due-part';
import { FeedPart } from './feed-part';
import { MonthPart } from './month-part';
import { PlannedPart } from './planned-part';
import { useDayPlans } from './use-calendar';

const VIEWS = [
  { value: 'agenda', label: CALENDAR_PHRASES.agenda },
  { value: 'month', label: CALENDAR_PHRASES.month },
] as const;

/** The calendar of the practice: what is planned and who is due, with the reason. */
export function CalendarScreen() {
  const plans = useDayPlans();
  const due = useDue().data ?? [];
  const [view, setView] = useState<(typeof VIEWS)[number]['value']>('agenda');
  const [day, setDay] = useState<string | null>(null);
  return (
    <Screen
      title={CALENDAR_PHRASES.calendar}
      note={CALENDAR_PHRASES.note}
      onBack={() => router.navigate('/')}
      action={<Button kind="quiet" tight label={CALENDAR_PHRASES.letters} onPress={() => router.push('/letters')} />}
    >
      <Choice label={CALENDAR_PHRASES.view} value={view} options={VIEWS} onChange={setView} />
      <Columns>
        <YStack gap="$l">
          {view === 'month' ? <MonthPart plans={plans} due={due} chosen={day} onDay={setDay} /> : null}
          <PlannedPart plans={view === 'month' && day !== null ? plans.filter((p) => p.on === day) : plans} />
          <Button label={PREPARE_PHRASES.title} onPress={() => router.push('/prepare')} />
          <FeedPart />
        </YStack>
        <DuePart />
      </Columns>
    </Screen>
  );
}
