import { useState } from 'react';
import { XStack, YStack } from 'tamagui';
import { z } from 'zod';
import { api } from '../platform/api';
import { Banner } from '../ui/banner';
import { Button } from '../ui/button';
import { Body, Heading, Small } from '../ui/text';
import { useToast } from '../ui/toast';
import { CALENDAR_PHRASES } from '../words/calendar-phrases';

const secretSchema = z.object({ token: z.string() });

/** A secret address for another calendar program; shown once, taken back at any time. */
export function FeedPart() {
  const [address, setAddress] = useState<string | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const toast = useToast();
  const tried = async (work: () => Promise<void>) => {
    try {
      await work();
      setProblem(null);
    } catch {
      setProblem(CALENDAR_PHRASES.needsSignal);
    }
  };
  const make = () =>
    tried(async () => {
      const { token } = secretSchema.parse(await api.request('POST', '/api/calendar-feed'));
      setAddress(`${window.location.origin}/api/calendar/${token}`);
    });
  const revoke = () =>
    tried(async () => {
      await api.request('DELETE', '/api/calendar-feed');
      setAddress(null);
      toast({ text: CALENDAR_PHRASES.feedGone });
    });
  const copy = () => void navigator.clipboard.writeText(address ?? '').then(() => toast({ text: CALENDAR_PHRASES.copied }));
  return (
    <YStack gap="$xs" borderTopWidth={1} borderColor="$rule" paddingTop="$m">
      <Heading>{CALENDAR_PHRASES.feed}</Heading>
      <Small>{CALENDAR_PHRASES.feedText}</Small>
      {problem === null ? null : <Banner tone="bad">{problem}</Banner>}
      {address === null ? null : (
        <Body selectable testID="feed-address">
          {address}
        </Body>
      )}
      <XStack flexWrap="wrap">
        <Button
          kind="quiet"
          tight
          label={address === null ? CALENDAR_PHRASES.feedMake : CALENDAR_PHRASES.feedAgain}
          onPress={() => void make()}
        />
        {address === null ? null : <Button kind="quiet" tight label={CALENDAR_PHRASES.feedCopy} onPress={copy} />}
        <Button kind="quiet" tight label={CALENDAR_PHRASES.feedRevoke} onPress={() => void revoke()} />
      </XStack>
    </YStack>
  );
}
