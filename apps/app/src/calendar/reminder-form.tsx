import { type Due } from '@fulcra/contract';
import { YStack } from 'tamagui';
import { useSession } from '../platform/session-context';
import { useContacts, useHorse } from '../platform/use-views';
import { Banner } from '../ui/banner';
import { LetterForm } from '../letters';
import { CALENDAR_PHRASES } from '../words/calendar-phrases';
import { REASON_WORDS } from '../words/due-words';

/** A letter to the owner that the horse is due, ready to be changed and sent. */
export function ReminderForm({ due, onSent }: { readonly due: Due; readonly onSent: () => void }) {
  const { session } = useSession();
  const horse = useHorse(due.horseId).data?.horse;
  const owner = useContacts().data?.find((c) => c.id === horse?.ownerId);
  return (
    <YStack gap="$s">
      {owner === undefined || owner.email === '' ? (
        <Banner tone="lookOut">{CALENDAR_PHRASES.noAddress}</Banner>
      ) : owner.remind ? null : (
        <Banner tone="lookOut">{CALENDAR_PHRASES.noConsent}</Banner>
      )}
      <LetterForm
        key={owner?.id ?? 'nobody'}
        kind="reminder"
        start={{
          to: owner?.email ?? '',
          subject: CALENDAR_PHRASES.reminderSubject(due.horseName),
          text: CALENDAR_PHRASES.reminderText(owner?.name ?? '', due.horseName, REASON_WORDS[due.reason], session.practice.name),
        }}
        onSent={onSent}
      />
    </YStack>
  );
}
