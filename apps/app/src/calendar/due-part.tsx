import { type AppointmentFields, type Due } from '@fulcra/contract';
import { router } from 'expo-router';
import { useState } from 'react';
import { XStack, YStack } from 'tamagui';
import { dayNow } from '../platform/clock';
import { useSession } from '../platform/session-context';
import { useAppointments, useDue } from '../platform/use-views';
import { MARK } from '../ui/banner';
import { Button } from '../ui/button';
import { EmptyState } from '../ui/empty-state';
import { Sheet } from '../ui/sheet';
import { Body, Heading, Name, Small } from '../ui/text';
import { CALENDAR_PHRASES } from '../words/calendar-phrases';
import { REASON_WORDS, dueWords, forecastWords, weeksWords } from '../words/due-words';
import { dayWords } from '../words/measure-words';
import { AppointmentForm } from './appointment-form';
import { ReminderForm } from './reminder-form';
import { usePlanning } from './use-calendar';

/** Who is due, the soonest first, each with its reason. */
export function DuePart() {
  const { data, problem } = useDue();
  const [planning, setPlanning] = useState<Due | null>(null);
  const [writing, setWriting] = useState<Due | null>(null);
  if (data === null) return <Body color="$muted">{problem ?? ''}</Body>;
  return (
    <YStack>
      <Heading>{CALENDAR_PHRASES.due}</Heading>
      {data.length === 0 ? <EmptyState title={CALENDAR_PHRASES.nothingDue} text={CALENDAR_PHRASES.nothingDueText} /> : null}
      {data.map((due) => (
        <DueRow key={due.horseId} due={due} onPlan={() => setPlanning(due)} onWrite={() => setWriting(due)} />
      ))}
      <PlanSheet due={planning} onClose={() => setPlanning(null)} />
      <Sheet
        title={writing === null ? '' : CALENDAR_PHRASES.letterTo(writing.horseName)}
        open={writing !== null}
        onClose={() => setWriting(null)}
      >
        {writing === null ? null : <ReminderForm due={writing} onSent={() => setWriting(null)} />}
      </Sheet>
    </YStack>
  );
}

interface DueRowProps {
  readonly due: Due;
  readonly onPlan: () => void;
  readonly onWrite: () => void;
}

function DueRow({ due, onPlan, onWrite }: DueRowProps) {
  const today = dayNow();
  const late = due.atOnce || due.on < today;
  const planned = useAppointments().data?.find((a) => a.horseId === due.horseId && a.state === 'planned' && a.on >= today);
  return (
    <YStack borderTopWidth={1} borderColor="$rule" paddingVertical="$m" gap="$xs" role="group" aria-label={due.horseName}>
      <Name>{due.horseName}</Name>
      <Body color={due.atOnce ? '$bad' : late ? '$lookOut' : '$ink'}>
        {MARK[due.atOnce ? 'bad' : late ? 'lookOut' : 'plain']} {dueWords(due, today)}
      </Body>
      {due.atOnce ? null : <Small>{CALENDAR_PHRASES.dueFrom(weeksWords(due.lastVisitOn, due.on), dayWords(due.lastVisitOn))}</Small>}
      {planned === undefined ? null : <Body color="$good">{CALENDAR_PHRASES.plannedFor(dayWords(planned.on), planned.at)}</Body>}
      {due.forecast === null ? null : <Small>{forecastWords(due.forecast)}</Small>}
      <XStack flexWrap="wrap">
        <Button kind="quiet" tight label={CALENDAR_PHRASES.plan} onPress={onPlan} />
        <Button kind="quiet" tight label={CALENDAR_PHRASES.write} onPress={onWrite} />
        <Button kind="quiet" tight label={CALENDAR_PHRASES.open(due.horseName)} onPress={() => router.push(`/horses/${due.horseId}`)} />
      </XStack>
    </YStack>
  );
}

const MINUTES = 60;

function PlanSheet({ due, onClose }: { readonly due: Due | null; readonly onClose: () => void }) {
  const { session } = useSession();
  const { plan } = usePlanning();
  const today = dayNow();
  return (
    <Sheet title={due === null ? '' : CALENDAR_PHRASES.planFor(due.horseName)} open={due !== null} onClose={onClose}>
      {due === null ? null : (
        <YStack gap="$s">
          <Body>{REASON_WORDS[due.reason]}</Body>
          <AppointmentForm
            draft={`plan-${due.horseId}`}
            start={{ on: due.on < today ? today : due.on, at: '09:00', minutes: MINUTES, fitter: session.person.name, note: '' }}
            label={CALENDAR_PHRASES.keepPlan}
            onDone={async (typed) => {
              const body: AppointmentFields = { ...typed, horseId: due.horseId, reason: due.reason, state: 'planned' };
              const kept = await plan(body);
              if (kept) onClose();
              return kept;
            }}
          />
        </YStack>
      )}
    </Sheet>
  );
}
