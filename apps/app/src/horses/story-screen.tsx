import { storySchema } from '@fulcra/contract';
import { useQuery } from '@tanstack/react-query';
import { router } from 'expo-router';
import { XStack, YStack } from 'tamagui';
import { api } from '../platform/api';
import { NoAnswer } from '../platform/api-client';
import { OutlinesOver } from '../drawings/outlines-over';
import { Button } from '../ui/button';
import { EmptyState } from '../ui/empty-state';
import { LoadState } from '../ui/load-state';
import { PrintStyle } from '../ui/print-style';
import { Screen } from '../ui/screen';
import { Body, Name, Small, Strong } from '../ui/text';
import { PLATFORM_PHRASES } from '../words/platform-phrases';
import { ownerWordWords } from '../words/report-words';
import { rideWords } from '../words/ride-words';
import { STORY_PHRASES, foretoldWords, moveWords, onDay } from '../words/story-phrases';
import { FINDING_WORDS, spotWords } from '../words/tack-words';
import { TACK_PHRASES } from '../words/tack-phrases';
import { type StoryEntry, storyEntries } from './story-entries';

const OUTLINE_PX = { width: 300, height: 150 } as const;

/** Everything that happened with a horse, on one scroll and on paper. */
export function StoryScreen({ horseId }: { readonly horseId: string }) {
  const query = useQuery({
    queryKey: ['story', horseId],
    queryFn: async () => storySchema.parse(await api.request('GET', `/api/horses/${horseId}/story`)),
  });
  if (query.data === undefined) {
    const { error } = query;
    return <LoadState problem={error === null ? null : error instanceof NoAnswer ? PLATFORM_PHRASES.thereIsNo : error.message} />;
  }
  const entries = storyEntries(query.data);
  return (
    <Screen
      narrow
      title={STORY_PHRASES.storyOf(query.data.horse.name)}
      onBack={() => router.navigate(`/horses/${horseId}`)}
      bottom={<Button grow kind="main" label={STORY_PHRASES.print} onPress={() => window.print()} />}
    >
      <PrintStyle />
      {entries.length === 0 ? <EmptyState title={STORY_PHRASES.nothing} text={STORY_PHRASES.nothingText} /> : null}
      {entries.map((entry) => (
        <Entry key={entry.key} entry={entry} />
      ))}
    </Screen>
  );
}

function Entry({ entry }: { readonly entry: StoryEntry }) {
  return (
    <YStack borderTopWidth={1} borderColor="$rule" paddingTop="$s" gap="$xs" role="group" aria-label={onDay(entry.on)}>
      <Small>{onDay(entry.on)}</Small>
      {entry.kind === 'visit' ? <Visit {...entry} /> : entry.kind === 'tack' ? <Tack {...entry} /> : <Said {...entry} />}
    </YStack>
  );
}

function Visit({ visit, before }: Extract<StoryEntry, { kind: 'visit' }>) {
  const ride = rideWords(visit.ride);
  const facts = [
    STORY_PHRASES.by(visit.fitter),
    visit.weightKg === null ? null : STORY_PHRASES.weighs(visit.weightKg),
    visit.work === null ? null : STORY_PHRASES.work(visit.work),
  ].filter((f) => f !== null);
  return (
    <>
      {visit.saddleName === null ? null : <Name>{STORY_PHRASES.saddle(visit.saddleName)}</Name>}
      <Small>{facts.join(' · ')}</Small>
      {visit.outline.length === 0 ? null : (
        <OutlinesOver
          now={visit.outline}
          before={before?.outline ?? null}
          label={STORY_PHRASES.outline(onDay(visit.on), before === null ? null : onDay(before.on))}
          widthPx={OUTLINE_PX.width}
          heightPx={OUTLINE_PX.height}
        />
      )}
      {visit.decision === null ? null : <Body>{visit.decision.reasons}</Body>}
      {ride === null ? null : <Body color={visit.ride.stands === 'goodToRide' ? '$good' : '$bad'}>{ride}</Body>}
      {visit.move === null ? null : <Small>{moveWords(visit.move)}</Small>}
      {visit.move?.improving === true ? <Strong color="$good">{STORY_PHRASES.improving}</Strong> : null}
      {visit.step.straps === null ? null : <Small>{STORY_PHRASES.straps(visit.step.straps)}</Small>}
      {visit.foretold === null ? null : <Small>{foretoldWords(visit.foretold)}</Small>}
      <XStack>
        <Button kind="quiet" tight label={STORY_PHRASES.openVisit} onPress={() => router.push(`/visits/${visit.visitId}`)} />
      </XStack>
    </>
  );
}

function Tack({ check }: Extract<StoryEntry, { kind: 'tack' }>) {
  const rest = check.found.filter((f) => f.finding !== 'sound');
  const said =
    check.mended !== null
      ? TACK_PHRASES.mendedLine(check.mended.by, check.mended.what)
      : rest.length === 0
        ? TACK_PHRASES.allSound(check.found.length)
        : rest.map((f) => `${spotWords(f)}: ${FINDING_WORDS[f.finding]}${f.note === '' ? '' : `, ${f.note}`}`).join('; ');
  const unsafe = rest.some((f) => f.finding === 'unsafe');
  return (
    <Body color={unsafe ? '$bad' : '$ink'}>
      {STORY_PHRASES.tackFound(check.itemName)}
      {said}
    </Body>
  );
}

function Said({ word }: Extract<StoryEntry, { kind: 'word' }>) {
  return (
    <Body>
      {STORY_PHRASES.ownerSaid(word.ownerName)}
      {ownerWordWords(word.body)}
    </Body>
  );
}
