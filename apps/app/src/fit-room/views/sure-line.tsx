import { type BodyInput, type CriterionId, type SitAsked } from '@fulcra/core';
import { useEffect } from 'react';
import { XStack, YStack } from 'tamagui';
import { Button } from '../../ui/button';
import { Body, Heading, Small } from '../../ui/text';
import { SIT_WORDS } from '../../words/criterion-words';
import { useSitJob } from '../../engine/use-sit-job';

/** How sure: the takes redrawn within their spread, and how often each width would win. Asked for, because it takes seconds. */
export function SureLine({ asked, input }: { readonly asked: SitAsked; readonly input: BodyInput }) {
  const { job, start, stop, forget } = useSitJob('confidence', input);
  const key = JSON.stringify(asked);
  useEffect(() => forget(), [key, forget]);
  const { settings } = asked.saddle.front;
  return (
    <YStack gap="$xs" borderTopWidth={1} borderColor="$rule" paddingTop="$s">
      <Heading>How sure</Heading>
      {job.state === 'idle' || job.state === 'stopped' ? (
        <XStack>
          <Button label="Measure the doubt" onPress={() => start(asked)} />
        </XStack>
      ) : null}
      {job.state === 'running' ? (
        <XStack alignItems="center" gap="$m">
          <Body role="status">Redrawn {job.progress ?? 0} of 60…</Body>
          <Button label="Stop" onPress={stop} />
        </XStack>
      ) : null}
      {job.state === 'failed' ? <Body>It stopped: {job.message}.</Body> : null}
      {job.state === 'done' ? (
        <>
          {job.answer.widthWins.map(({ width, count }) => (
            <Body key={width}>
              “{settings[width]?.label}” comes out best in {count} of {job.answer.redraws} redraws.
            </Body>
          ))}
          <Body>
            This setting is refused in {job.answer.stopped} of {job.answer.redraws}
            {job.answer.stoppedFor.length === 0
              ? ''
              : ` (${job.answer.stoppedFor.map((s) => `${SIT_WORDS[s.id as CriterionId].name.toLowerCase()} ${s.count}`).join(', ')})`}
            .
          </Body>
          <Small>
            {job.answer.assumedSpread
              ? 'Some stations have one take: there the spread is a default, not measured.'
              : 'Redrawn within the spread of the accepted takes.'}
          </Small>
        </>
      ) : null}
    </YStack>
  );
}
