import { type Due } from '@fulcra/contract';
import { YStack } from 'tamagui';
import { useSession } from '../platform/session-context';
import { dayNow } from '../platform/clock';
import { useAppointments, useContacts, useHorse } from '../platform/use-views';
import { Banner } from '../ui/banner';
import { LetterForm } from '../letters';
import { CALENDAR_PHRASES } from '../words/calendar-phrases';
import { REASON_WORDS } from '../words/due-words';
import { dayWords } from '../words/measure-words';
import { plannedFor } from './day-plan';

/** A letter to the owner that the horse is due, ready to be changed and sent. */
export function ReminderForm({ due, onSent }: { readonly due: Due; readonly onSent: () => void }) {
  const { session } = useSession();
  const horse = useHorse(due.horseId).data?.horse;
  const planned = plannedFor(useAppointments().data ?? [], due.horseId, dayNow());
  const owner = useContacts().data?.find((c) => c.id === horse?.ownerId);
  return (
    <YStack gap="$s">
      {owner === undefined || owner.email === '' ? (
        <Banner tone="lookOut">{CALENDAR_PHRASES.noAddress}</Banner>
      ) : owner.remind ? null : (
        <Banner tone="lookOut">{CALENDAR_PHRASES.noConsent}</Banner>
      )}
      <LetterForm
        key={`${owner?.id ?? 'nobody'} ${planned?.id ?? ''}`}
        kind="reminder"
        start={{
          to: owner?.email ?? '',
          subject: CALENDAR_PHRASES.reminderSubject(due.horseName),
          text: CALENDAR_PHRASES.reminderText({
            owner: owner?.name ?? '',
            horse: due.horseName,
            why: REASON_WORDS[due.reason],
            planned: planned === undefined ? null : `${dayWords(planned.on)}, ${planned.at}`,
            lapsed: due.lapsed.map((l) => l.name),
            practice: session.practice.name,
          }),
        }}
        onSent={onSent}
      />
    </YStack>
  );
}
