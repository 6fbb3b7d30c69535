import { SESSION_PHRASES } from '../words/session-phrases';
import { useQuery } from '@tanstack/react-query';
import { type Session, sessionSchema, welcomeSchema } from '@fulcra/contract';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { z } from 'zod';
import { YStack } from 'tamagui';
import { NoAnswer, Refused } from '../platform/api-client';
import { api } from '../platform/api';
import { asWritten, formResolver } from '../platform/form-resolver';
import { Banner } from '../ui/banner';
import { Button } from '../ui/button';
import { FormField } from '../ui/form-field';
import { Body, Title, Small } from '../ui/text';
import { FORM_WORDS } from '../words/form-words';
import { useToast } from '../ui/toast';
import { SignInMark } from './sign-in-mark';
import { useSealedCount } from './use-sealed-count';

export interface SignInScreenProps {
  /** Entries kept on this device that will be sent after signing in. */
  readonly waiting: number;
  readonly offline: boolean;
  /** @returns how much of what was left here could not be opened */
  readonly onSignedIn: (session: Session) => Promise<{ readonly failed: number }>;
}

const accountSchema = z.object({ email: z.string().trim().min(1, FORM_WORDS.email), password: z.string().min(1, FORM_WORDS.password) });

export function SignInScreen({ waiting, offline, onSignedIn }: SignInScreenProps) {
  const { control, handleSubmit } = useForm({
    defaultValues: { email: '', password: '' },
    resolver: formResolver(accountSchema, asWritten),
  });
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const toast = useToast();
  const sealed = useSealedCount();
  const welcome = useQuery({
    queryKey: ['welcome'],
    queryFn: async () => welcomeSchema.parse(await api.request('GET', '/api/welcome')),
    staleTime: Infinity,
  });
  const signIn = async (account: { email: string; password: string }) => {
    setBusy(true);
    setProblem(null);
    try {
      const { failed } = await onSignedIn(sessionSchema.parse(await api.request('POST', '/api/session', account)));
      if (failed > 0) toast({ text: SESSION_PHRASES.couldNotOpen(failed) });
    } catch (error) {
      setProblem(wordsOf(error));
    } finally {
      setBusy(false);
    }
  };
  const submit = (): void => void handleSubmit(signIn)();
  const demo = welcome.data?.demoAccount ?? null;
  return (
    <YStack flex={1} backgroundColor="$paper" alignItems="center" justifyContent="center" padding="$xl" role="main">
      <YStack width="100%" maxWidth={420} gap="$l">
        <YStack gap="$xs">
          <SignInMark />
          <Title>{SESSION_PHRASES.fulcra}</Title>
          <Body>{SESSION_PHRASES.measureTheBack}</Body>
        </YStack>
        {sealed > 0 ? <Banner tone="lookOut">{SESSION_PHRASES.entriesAreSealed(sealed)}</Banner> : null}
        {waiting > 0 ? <Banner tone="lookOut">{SESSION_PHRASES.entriesAreKept(waiting)}</Banner> : null}
        {offline ? <Banner tone="lookOut">{SESSION_PHRASES.theServerDoes}</Banner> : null}
        <FormField control={control} name="email" label={SESSION_PHRASES.eMail} kind="email" />
        <FormField control={control} name="password" label={SESSION_PHRASES.password} kind="password" onSubmit={submit} />
        {problem === null ? null : <Banner tone="bad">{problem}</Banner>}
        <Button kind="main" label={SESSION_PHRASES.signIn} off={busy} onPress={submit} />
        {demo === null ? null : (
          <YStack gap="$xs">
            <Button label={SESSION_PHRASES.lookRoundWith} off={busy} onPress={() => void signIn(demo)} />
            <Small textAlign="center">{SESSION_PHRASES.anInventedIsland}</Small>
          </YStack>
        )}
      </YStack>
    </YStack>
  );
}

const wordsOf = (error: unknown): string =>
  error instanceof Refused
    ? `${error.reply.message} ${error.reply.remedy}`
    : error instanceof NoAnswer
      ? SESSION_PHRASES.theServerDoesNot
      : SESSION_PHRASES.theServerSent;
