import { type Appointment } from '@fulcra/contract';
import { router } from 'expo-router';
import { useState } from 'react';
import { XStack, YStack } from 'tamagui';
import { Button } from '../ui/button';
import { Sheet } from '../ui/sheet';
import { Body, Heading, Name, Small } from '../ui/text';
import { CALENDAR_PHRASES } from '../words/calendar-phrases';
import { REASON_WORDS } from '../words/due-words';
import { dayWords } from '../words/measure-words';
import { AppointmentForm } from './appointment-form';
import { Clash } from './clash';
import { type DayPlan, type PlannedStop, clashingWith } from './day-plan';
import { usePlanning } from './use-calendar';

/** What is planned, day by day, with the order of the road. */
export function PlannedPart({ plans }: { readonly plans: readonly DayPlan[] }) {
  const [changing, setChanging] = useState<PlannedStop | null>(null);
  const { change } = usePlanning();
  return (
    <YStack gap="$s">
      <Heading>{CALENDAR_PHRASES.planned}</Heading>
      {plans.length === 0 ? <Body color="$muted">{CALENDAR_PHRASES.nothingPlanned}</Body> : null}
      {plans.map((plan) => (
        <Day key={plan.on} plan={plan} onChange={setChanging} onCancel={(a) => void change(a, { state: 'cancelled' })} />
      ))}
      <Sheet
        title={changing === null ? '' : CALENDAR_PHRASES.planFor(changing.horseName)}
        open={changing !== null}
        onClose={() => setChanging(null)}
      >
        {changing === null ? null : (
          <AppointmentForm
            draft={`appointment-${changing.appointment.id}`}
            start={changing.appointment}
            label={CALENDAR_PHRASES.keepChanges}
            horseId={changing.appointment.horseId}
            onDone={async (typed) => {
              const kept = await change(changing.appointment, typed);
              if (kept) setChanging(null);
              return kept;
            }}
          />
        )}
      </Sheet>
    </YStack>
  );
}

interface DayProps {
  readonly plan: DayPlan;
  readonly onChange: (stop: PlannedStop) => void;
  readonly onCancel: (appointment: Appointment) => void;
}

function Day({ plan: { on, stops, road }, onChange, onCancel }: DayProps) {
  return (
    <YStack borderTopWidth={2} borderColor="$ink" paddingTop="$s" gap="$xs" role="group" aria-label={dayWords(on)}>
      <Name>{dayWords(on)}</Name>
      {road === null ? null : (
        <YStack>
          <Body>{road.yards.map((y) => y.name).join(' → ')}</Body>
          <Small>
            {CALENDAR_PHRASES.route(`${road.km.toFixed(1)} km`)}
            {road.yards.some((y) => y.place === null) ? `. ${CALENDAR_PHRASES.routeUnknown}` : ''}
          </Small>
        </YStack>
      )}
      {stops.map((stop) => (
        <Stop
          key={stop.appointment.id}
          stop={stop}
          clashing={clashingWith(stop, stops)}
          onChange={() => onChange(stop)}
          onCancel={() => onCancel(stop.appointment)}
        />
      ))}
    </YStack>
  );
}

interface StopProps {
  readonly stop: PlannedStop;
  /** Other visits of the same person at the same time. */
  readonly clashing: readonly PlannedStop[];
  readonly onChange: () => void;
  readonly onCancel: () => void;
}

function Stop({ stop, clashing, onChange, onCancel }: StopProps) {
  const { appointment: a, horseName, yard } = stop;
  return (
    <YStack paddingVertical="$xs">
      <XStack gap="$m">
        <Body fontWeight="700" fontVariant={['tabular-nums']}>
          {a.at}
        </Body>
        <YStack flex={1}>
          <Body>{horseName}</Body>
          <Small>
            {yard === undefined ? '' : `${yard === null ? CALENDAR_PHRASES.noYard : CALENDAR_PHRASES.atYard(yard.name)}; `}
            {REASON_WORDS[a.reason]}; {a.minutes} min, {a.fitter}
          </Small>
          {a.note === '' ? null : <Small>{a.note}</Small>}
          {clashing.map((c) => (
            <Clash key={c.appointment.id} with={c} yardId={yard?.id ?? null} />
          ))}
        </YStack>
      </XStack>
      <XStack flexWrap="wrap">
        <Button kind="quiet" tight label={CALENDAR_PHRASES.open(horseName)} onPress={() => router.push(`/horses/${a.horseId}`)} />
        <Button kind="quiet" tight label={CALENDAR_PHRASES.change} onPress={onChange} />
        <Button kind="quiet" tight label={CALENDAR_PHRASES.file} onPress={() => window.open(`/api/appointments/${a.id}/ics`, '_self')} />
        <Button kind="quiet" tight label={CALENDAR_PHRASES.cancel} onPress={onCancel} />
      </XStack>
    </YStack>
  );
}
