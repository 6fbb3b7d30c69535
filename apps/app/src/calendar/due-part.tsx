import { type Due } from '@fulcra/contract';
import { router } from 'expo-router';
import { useState } from 'react';
import { XStack, YStack } from 'tamagui';
import { dayNow } from '../platform/clock';
import { useAppointments, useDue } from '../platform/use-views';
import { MARK } from '../ui/banner';
import { Button } from '../ui/button';
import { EmptyState } from '../ui/empty-state';
import { Sheet } from '../ui/sheet';
import { Body, Heading, Name, Small } from '../ui/text';
import { CALENDAR_PHRASES } from '../words/calendar-phrases';
import { dueWords, weeksWords } from '../words/due-words';
import { dayWords } from '../words/measure-words';
import { plannedFor } from './day-plan';
import { DueNotices } from './due-notices';
import { PlanSheet } from './plan-sheet';
import { ReminderForm } from './reminder-form';

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
      <PlanSheet
        of={
          planning === null ? null : { horseId: planning.horseId, horseName: planning.horseName, reason: planning.reason, on: planning.on }
        }
        onClose={() => setPlanning(null)}
      />
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
  const planned = plannedFor(useAppointments().data ?? [], due.horseId, today);
  return (
    <YStack borderTopWidth={1} borderColor="$rule" paddingVertical="$m" gap="$xs" role="group" aria-label={due.horseName}>
      <Name>{due.horseName}</Name>
      <Body color={due.atOnce ? '$bad' : late ? '$lookOut' : '$ink'}>
        {MARK[due.atOnce ? 'bad' : late ? 'lookOut' : 'plain']} {dueWords(due, today)}
      </Body>
      {due.atOnce ? null : <Small>{CALENDAR_PHRASES.dueFrom(weeksWords(due.lastVisitOn, due.on), dayWords(due.lastVisitOn))}</Small>}
      {planned === undefined ? null : <Body color="$good">{CALENDAR_PHRASES.plannedFor(dayWords(planned.on), planned.at)}</Body>}
      <DueNotices due={due} />
      <XStack flexWrap="wrap">
        <Button kind="quiet" tight label={CALENDAR_PHRASES.plan} onPress={onPlan} />
        <Button kind="quiet" tight label={CALENDAR_PHRASES.write} onPress={onWrite} />
        <Button kind="quiet" tight label={CALENDAR_PHRASES.open(due.horseName)} onPress={() => router.push(`/horses/${due.horseId}`)} />
      </XStack>
    </YStack>
  );
}
