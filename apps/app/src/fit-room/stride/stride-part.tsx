import { type RiddenPicture, type School, type SitRow, CRITERIA, STRIDE_GAITS } from '@fulcra/core';
import { XStack, YStack } from 'tamagui';
import { Button } from '../../ui/button';
import { Body, Heading, Small, Strong, Verdict } from '../../ui/text';
import { ToggleChip } from '../../ui/toggle-chip';
import { problemWords } from '../../words/problem-words';
import { SIT_WORDS } from '../../words/criterion-words';
import { ROW_TONE, rowMark, rowWords, wantedWords } from '../../words/sit-words';
import { sitNumber } from '../../words/sit-number';
import { GAIT_NAMES, STRIDE_PHRASES, motionHeadline, pushLine, reinsLine, strideLine } from '../../words/stride-words';
import { type FitRoom } from '../model/use-room';
import { StridePlayer } from './stride-player';
import { type Ride } from './use-ride';

/** The saddle in motion: pushed, and gone through stride by stride, in the gaits that are chosen. */
export function StridePart({ fit, ride }: { readonly fit: FitRoom; readonly ride: Ride }) {
  const { asked, picture } = fit;
  const { gaits, job } = ride;
  return (
    <YStack gap="$m">
      <Heading>{STRIDE_PHRASES.inMotion}</Heading>
      <Small>{asked.rider === null ? STRIDE_PHRASES.nobody : STRIDE_PHRASES.whatItIs}</Small>
      <XStack gap="$s" flexWrap="wrap" role="group" aria-label={STRIDE_PHRASES.gaits}>
        {STRIDE_GAITS.map((gait) => (
          <ToggleChip key={gait} label={GAIT_NAMES[gait]} on={gaits.includes(gait)} onPress={() => ride.toggle(gait)} />
        ))}
      </XStack>
      <Going ride={ride} off={picture === null || gaits.length === 0} />
      {job.state === 'done' && !job.answer.ok ? job.answer.problems.map((p, i) => <Body key={i}>{problemWords(p)}</Body>) : null}
      {job.state === 'done' && job.answer.ok && picture !== null ? (
        <Told fit={fit} ridden={job.answer.value} stale={ride.stale} picture={picture} />
      ) : null}
    </YStack>
  );
}

/** Begins it, tells how far it is, stops it. */
function Going({ ride: { job, start, stop }, off }: { readonly ride: Ride; readonly off: boolean }) {
  if (job.state === 'running') {
    const { progress } = job;
    return (
      <YStack gap="$s">
        <Body role="status">{progress === null ? STRIDE_PHRASES.beginning : STRIDE_PHRASES.done(progress.done / progress.of)}</Body>
        <Button label={STRIDE_PHRASES.stop} onPress={stop} />
      </YStack>
    );
  }
  return (
    <>
      <Button label={job.state === 'done' ? STRIDE_PHRASES.rideAgain : STRIDE_PHRASES.rideIt} off={off} onPress={start} />
      {job.state === 'stopped' ? <Body role="status">{STRIDE_PHRASES.stopped}</Body> : null}
      {job.state === 'failed' ? <Body>{STRIDE_PHRASES.failed(job.message)}</Body> : null}
    </>
  );
}

interface ToldProps {
  readonly fit: FitRoom;
  readonly ridden: RiddenPicture;
  readonly stale: boolean;
  readonly picture: NonNullable<FitRoom['picture']>;
}

function Told({ fit, ridden, stale, picture }: ToldProps) {
  const told = Object.values(ridden.ridden.strides);
  const reins = reinsLine(ridden.ridden);
  return (
    <YStack gap="$m">
      {stale ? <Body role="status">{STRIDE_PHRASES.changed}</Body> : null}
      {told.length === 0 ? null : <Verdict>{motionHeadline(picture, ridden.ridden)}</Verdict>}
      {told.map((stride) => (
        <Body key={stride.gait}>{strideLine(stride)}</Body>
      ))}
      {reins === null ? null : <Body>{reins}</Body>}
      {told.length === 0 || stale ? null : <StridePlayer key={ridden.grid.fromXMm} fit={fit} ridden={ridden} />}
      <Heading>{STRIDE_PHRASES.pushed}</Heading>
      <Body>{pushLine(ridden.ridden)}</Body>
      <Judged ridden={ridden} school={picture.asked.school} />
    </YStack>
  );
}

/** A way as far as it may go at all stands for an instant without rest. */
const movedOff = (row: SitRow, levelMm: number): boolean => row.id.startsWith('creep') && (row.value ?? 0) >= levelMm;

/** The criteria only strides and pushes answer, those that miss first. */
function Judged({ ridden: { verdict }, school }: { readonly ridden: RiddenPicture; readonly school: School }) {
  const rows = verdict.rows.filter((r) => CRITERIA[r.id].from === 'ridden' && r.value !== null && r.verdict !== 'noOpinion');
  const missing = rows.filter((r) => r.verdict !== 'good');
  const { stays } = school.engine;
  return (
    <YStack gap="$xs">
      <Heading>{STRIDE_PHRASES.judged}</Heading>
      {missing.length === 0 ? <Body>{STRIDE_PHRASES.nothing}</Body> : null}
      {[...missing, ...rows.filter((r) => r.verdict === 'good')].map((row) => {
        const tone = ROW_TONE[row.verdict];
        return (
          <XStack key={row.id} gap="$s" alignItems="baseline" borderTopWidth={1} borderColor="$rule" paddingVertical="$xs">
            <Body color={tone === 'plain' ? '$muted' : `$${tone}`} aria-hidden>
              {rowMark(row)}
            </Body>
            <YStack flex={1} minWidth={0}>
              <Body>{SIT_WORDS[row.id].name}</Body>
              <Small>
                {wantedWords(row)}
                {row.outside === 0 ? '' : `. ${rowWords(row)}`}
              </Small>
            </YStack>
            <Strong>{movedOff(row, stays.levelMm) ? STRIDE_PHRASES.noRestValue : sitNumber(row.id, row.unit, row.value!)}</Strong>
          </XStack>
        );
      })}
    </YStack>
  );
}
