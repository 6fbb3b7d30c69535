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
import { SignInMark } from './sign-in-mark';

export interface SignInScreenProps {
  /** Entries kept on this device that will be sent after signing in. */
  readonly waiting: number;
  readonly offline: boolean;
  readonly onSignedIn: (session: Session) => void;
}

const accountSchema = z.object({ email: z.string().trim().min(1, FORM_WORDS.email), password: z.string().min(1, FORM_WORDS.password) });

export function SignInScreen({ waiting, offline, onSignedIn }: SignInScreenProps) {
  const { control, handleSubmit } = useForm({
    defaultValues: { email: '', password: '' },
    resolver: formResolver(accountSchema, asWritten),
  });
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const welcome = useQuery({
    queryKey: ['welcome'],
    queryFn: async () => welcomeSchema.parse(await api.request('GET', '/api/welcome')),
    staleTime: Infinity,
  });
  const signIn = async (account: { email: string; password: string }) => {
    setBusy(true);
    setProblem(null);
    try {
      onSignedIn(sessionSchema.parse(await api.request('POST', '/api/session', account)));
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
          <Title>Fulcra</Title>
          <Body>Measure the back, see what fits it and why.</Body>
        </YStack>
        {waiting > 0 ? (
          <Banner tone="lookOut">{`${waiting} entries are kept on this device. Sign in and they are sent; you come back to where you were.`}</Banner>
        ) : null}
        {offline ? <Banner tone="lookOut">The server does not answer. Signing in needs signal once.</Banner> : null}
        <FormField control={control} name="email" label="E-mail" kind="email" />
        <FormField control={control} name="password" label="Password" kind="password" onSubmit={submit} />
        {problem === null ? null : <Banner tone="bad">{problem}</Banner>}
        <Button kind="main" label="Sign in" off={busy} onPress={submit} />
        {demo === null ? null : (
          <YStack gap="$xs">
            <Button label="Look round with the demo account" off={busy} onPress={() => void signIn(demo)} />
            <Small textAlign="center">An invented island co-operative; change anything.</Small>
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
      ? 'The server does not answer. Check the signal and try again.'
      : 'The server sent something that cannot be read. Reload and try again.';
