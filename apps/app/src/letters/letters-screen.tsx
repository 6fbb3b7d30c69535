import { type Mail, mailSchema, standInMailSchema } from '@fulcra/contract';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { router } from 'expo-router';
import { XStack, YStack } from 'tamagui';
import { z } from 'zod';
import { api } from '../platform/api';
import { Refused } from '../platform/api-client';
import { MARK } from '../ui/banner';
import { Button } from '../ui/button';
import { Columns } from '../ui/columns';
import { EmptyState } from '../ui/empty-state';
import { LoadState } from '../ui/load-state';
import { Screen } from '../ui/screen';
import { Body, Heading, Small } from '../ui/text';
import { CALENDAR_PHRASES } from '../words/calendar-phrases';
import { dayWords } from '../words/measure-words';

const EVERY_MS = 5000;

/** What was written and whether it has gone; in the demo, what arrived. */
export function LettersScreen() {
  const mail = useQuery({
    queryKey: ['mail'],
    refetchInterval: EVERY_MS,
    queryFn: async () => z.array(mailSchema).parse(await api.request('GET', '/api/mail')),
  });
  if (mail.data === undefined) return <LoadState problem={mail.error === null ? null : CALENDAR_PHRASES.needsSignal} />;
  return (
    <Screen title={CALENDAR_PHRASES.letters} note={CALENDAR_PHRASES.lettersNote} onBack={() => router.navigate('/calendar')}>
      <Columns>
        <YStack>
          {mail.data.length === 0 ? <EmptyState title={CALENDAR_PHRASES.noLetters} text={CALENDAR_PHRASES.noLettersText} /> : null}
          {mail.data.map((m) => (
            <Sent key={m.id} mail={m} />
          ))}
        </YStack>
        <LetterBox />
      </Columns>
    </Screen>
  );
}

function Sent({ mail }: { readonly mail: Mail }) {
  const queries = useQueryClient();
  const again = async () => {
    await api.request('POST', `/api/mail/${mail.id}/again`);
    await queries.invalidateQueries({ queryKey: ['mail'] });
  };
  const tone = mail.state === 'sent' ? 'good' : mail.state === 'queued' ? 'lookOut' : 'bad';
  const how =
    mail.state === 'sent'
      ? CALENDAR_PHRASES.sentOn(dayWords(mail.sentAt!.slice(0, 10)))
      : mail.state === 'queued'
        ? CALENDAR_PHRASES.waits(mail.tries, mail.problem)
        : CALENDAR_PHRASES.givenUp(mail.problem);
  return (
    <YStack borderTopWidth={1} borderColor="$rule" paddingVertical="$s">
      <Body fontWeight="700">{mail.subject}</Body>
      <Small>{mail.to}</Small>
      <Small color={`$${tone}`}>
        {MARK[tone]} {how}
      </Small>
      {mail.state === 'given up' ? (
        <XStack>
          <Button kind="quiet" tight label={CALENDAR_PHRASES.sendAgain} onPress={() => void again()} />
        </XStack>
      ) : null}
    </YStack>
  );
}

/** Only the demo has one: everywhere else there is nothing at its address. */
function LetterBox() {
  const box = useQuery({
    queryKey: ['letter-box'],
    refetchInterval: EVERY_MS,
    retry: false,
    queryFn: async () => {
      try {
        return z.array(standInMailSchema).parse(await api.request('GET', '/api/stand-in/mail'));
      } catch (error) {
        if (error instanceof Refused && error.status === 404) return null;
        throw error;
      }
    },
  });
  if (box.data === undefined || box.data === null) return null;
  return (
    <YStack>
      <Heading>{CALENDAR_PHRASES.letterBox}</Heading>
      <Small>{CALENDAR_PHRASES.letterBoxText}</Small>
      {box.data.map((m, i) => (
        <YStack key={i} borderTopWidth={1} borderColor="$rule" paddingVertical="$s" gap="$xs">
          <Body fontWeight="700">{m.subject}</Body>
          <Small>{m.to.join(', ')}</Small>
          <Body>{m.text}</Body>
          {m.attachments.map((a) => (
            <Small key={a.name}>{a.name}</Small>
          ))}
        </YStack>
      ))}
    </YStack>
  );
}
