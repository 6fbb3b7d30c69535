import { FIT_ROOM_PHRASES } from '../../words/fit-room-phrases';
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
      <Heading>{FIT_ROOM_PHRASES.howSure}</Heading>
      {job.state === 'idle' || job.state === 'stopped' ? (
        <XStack>
          <Button label={FIT_ROOM_PHRASES.measureTheDoubt} onPress={() => start(asked)} />
        </XStack>
      ) : null}
      {job.state === 'running' ? (
        <XStack alignItems="center" gap="$m">
          <Body role="status">{FIT_ROOM_PHRASES.redrawnOf60(job.progress ?? 0)}</Body>
          <Button label={FIT_ROOM_PHRASES.stop} onPress={stop} />
        </XStack>
      ) : null}
      {job.state === 'failed' ? <Body>{FIT_ROOM_PHRASES.itStopped(job.message)}</Body> : null}
      {job.state === 'done' ? (
        <>
          {job.answer.widthWins.map(({ width, count }) => (
            <Body key={width}>
              “{settings[width]?.label}
              {FIT_ROOM_PHRASES.comesOutBest(count, job.answer.redraws)}
            </Body>
          ))}
          <Body>
            {FIT_ROOM_PHRASES.thisSettingIs(
              job.answer.stopped,
              job.answer.redraws,
              job.answer.stoppedFor.length === 0
                ? ''
                : ` (${job.answer.stoppedFor.map((s) => `${SIT_WORDS[s.id as CriterionId].name.toLowerCase()} ${s.count}`).join(', ')})`,
            )}
          </Body>
          <Small>{job.answer.assumedSpread ? FIT_ROOM_PHRASES.someStationsHave : FIT_ROOM_PHRASES.redrawnWithinThe}</Small>
        </>
      ) : null}
    </YStack>
  );
}
