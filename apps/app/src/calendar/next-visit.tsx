import { YStack } from 'tamagui';
import { dayNow } from '../platform/clock';
import { useDue } from '../platform/use-views';
import { Body, Small } from '../ui/text';
import { CALENDAR_PHRASES } from '../words/calendar-phrases';
import { REASON_WORDS, dueWords } from '../words/due-words';
import { dayWords } from '../words/measure-words';
import { DueNotices } from './due-notices';

/** When this horse is due and why, with what else would bring it back. */
export function NextVisit({ horseId }: { readonly horseId: string }) {
  const due = useDue().data?.find((d) => d.horseId === horseId);
  if (due === undefined) return null;
  const today = dayNow();
  return (
    <YStack>
      <Body color={due.atOnce ? '$bad' : due.on < today ? '$lookOut' : '$ink'}>{dueWords(due, today)}</Body>
      {due.others.length === 0 ? null : (
        <Small>{CALENDAR_PHRASES.also(due.others.map((o) => `${dayWords(o.on)}, ${REASON_WORDS[o.reason]}`).join('; '))}</Small>
      )}
      <DueNotices due={due} />
    </YStack>
  );
}
