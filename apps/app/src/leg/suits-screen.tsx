import { type BodyInput, type RiderBody, type StockRanking, describedOf, footOf } from '@fulcra/core';
import { router } from 'expo-router';
import { useMemo } from 'react';
import { XStack, YStack } from 'tamagui';
import { useSitJob } from '../engine/use-sit-job';
import { usePracticeSettings } from '../platform/use-views';
import { Banner, MARK } from '../ui/banner';
import { Button } from '../ui/button';
import { EmptyState } from '../ui/empty-state';
import { LoadState } from '../ui/load-state';
import { Screen } from '../ui/screen';
import { Body, Name, Small } from '../ui/text';
import { useVisitPage } from '../visit';
import { LEG_PHRASES, SUITS_WORDS } from '../words/leg-phrases';
import { problemWords } from '../words/problem-words';
import { sitHeadline, verdictTone } from '../words/sit-words';
import { SUITS_PHRASES } from '../words/suits-phrases';
import { SUITS_TONE } from './saddle-panel';
import { type SuitsBoth, suitsBoth, suitsOne } from './suits-both';
import { type LegChosen, loadOf, useLegChosen } from './use-leg';
import { useHeldTack } from '../tack';

export function SuitsScreen({ visitId }: { readonly visitId: string }) {
  const { loaded, problem } = useVisitPage(visitId);
  const chosen = useLegChosen(visitId, loaded, null);
  if (loaded === null || chosen === null) return <LoadState problem={problem} />;
  const back = () => router.navigate(`/visits/${visitId}/rider`);
  const { known, horse } = chosen;
  if (known === null || !known.body.ok || horse === null) {
    return (
      <Screen narrow title={SUITS_PHRASES.title} onBack={back}>
        <EmptyState title={LEG_PHRASES.notEnough} text={LEG_PHRASES.noRiderText}>
          {known?.body.ok === false ? known.body.problems.map((p) => <Small key={JSON.stringify(p)}>{problemWords(p)}</Small>) : null}
          <Button kind="main" label={LEG_PHRASES.toTheLeg} onPress={back} />
        </EmptyState>
      </Screen>
    );
  }
  return (
    <Screen title={SUITS_PHRASES.title} note={SUITS_PHRASES.note(known.rider.name, loaded.page.horse.name)} onBack={back}>
      <Both visitId={visitId} chosen={chosen} body={known.body.value} input={horse.input} />
    </Screen>
  );
}

interface BothProps {
  readonly visitId: string;
  readonly chosen: LegChosen;
  readonly body: RiderBody;
  readonly input: BodyInput;
}

function Both({ visitId, chosen, body, input }: BothProps) {
  const { horse, saddles, known, picked } = chosen;
  const habits = usePracticeSettings().rider;
  const purpose = picked.purpose ?? known!.rider.purposes[0] ?? 'general';
  const band = habits.bands[habits.bandSet][purpose];
  const load = useMemo(() => loadOf(known), [known]);
  const riders = useMemo(
    () => new Map(saddles.map((s) => [s.id, suitsOne(horse, s, body, footOf(known!.measured), band, load)])),
    [horse, saddles, body, known, band, load],
  );
  const { job, start, stop } = useSitJob('rank', input);
  const rank = () => {
    const { school } = horse!;
    start({ rider: load, strapPullN: school.engine.strapPullN, school, saddles: saddles.map(describedOf) });
  };
  const heldTack = useHeldTack();
  const ranking: StockRanking | null = job.state === 'done' ? job.answer : null;
  const rows = useMemo(() => suitsBoth(saddles, (s) => riders.get(s.id)!, ranking, heldTack), [saddles, riders, ranking, heldTack]);
  if (saddles.length === 0) return <Body>{SUITS_PHRASES.noStock}</Body>;
  return (
    <YStack gap="$m">
      <Small>{SUITS_PHRASES.how}</Small>
      {job.state === 'running' ? (
        <XStack alignItems="center" gap="$s">
          <Body role="status" flex={1}>
            {job.progress === null ? SUITS_PHRASES.beginning : SUITS_PHRASES.ranking(job.progress.saddle, job.progress.saddles)}
          </Body>
          <Button label={SUITS_PHRASES.stop} onPress={stop} />
        </XStack>
      ) : job.state === 'done' ? null : (
        <Button kind="main" label={SUITS_PHRASES.rank} onPress={rank} />
      )}
      {job.state === 'stopped' ? <Small>{SUITS_PHRASES.stopped}</Small> : null}
      {job.state === 'failed' ? <Banner tone="bad">{SUITS_PHRASES.failed(job.message)}</Banner> : null}
      {ranking !== null && ranking.ranked.length === 0 ? <Banner tone="lookOut">{SUITS_PHRASES.noHorse}</Banner> : null}
      {rows.map((row) => (
        <BothRow
          key={row.saddle.id}
          row={row}
          held={heldTack.has(row.saddle.id)}
          of={ranking?.ranked.length ?? 0}
          onOpen={() => {
            chosen.pick({ saddleId: row.saddle.id });
            router.navigate(`/visits/${visitId}/rider`);
          }}
        />
      ))}
    </YStack>
  );
}

function BothRow({
  row: { saddle, rider, horse },
  of,
  held,
  onOpen,
}: {
  readonly row: SuitsBoth;
  readonly of: number;
  readonly held: boolean;
  readonly onOpen: () => void;
}) {
  const named = (word: 'misses' | 'unknown'): string =>
    rider.rows
      .filter((r) => r.word === word)
      .map((r) => LEG_PHRASES.criterion(r.id).toLowerCase())
      .join(', ');
  const [misses, unknown] = [named('misses'), named('unknown')];
  const horseWords =
    horse === null
      ? `${MARK.plain} ${SUITS_PHRASES.notRanked}`
      : horse === 'refused'
        ? `${MARK.bad} ${SUITS_PHRASES.refused}`
        : `${MARK[verdictTone(horse.entry.best.resting)]} ${SUITS_PHRASES.place(horse.place, of, sitHeadline(horse.entry.best.resting))}`;
  return (
    <YStack borderTopWidth={1} borderColor="$rule" paddingTop="$s" gap="$xs">
      <Name>{saddle.name}</Name>
      {held ? (
        <Small color="$bad">
          {MARK.bad} {SUITS_PHRASES.unsafe}
        </Small>
      ) : null}
      <Body>
        {SUITS_PHRASES.rider}: {MARK[SUITS_TONE[rider.word]]} {SUITS_WORDS[rider.word]}
        {rider.hangMm === null ? `, ${SUITS_PHRASES.cannot}` : `, ${SUITS_PHRASES.leather(rider.hangMm)}`}
      </Body>
      {misses === '' ? null : <Small>{SUITS_PHRASES.fails(misses)}</Small>}
      {unknown === '' ? null : <Small>{SUITS_PHRASES.unknown(unknown)}</Small>}
      <Body>
        {SUITS_PHRASES.horse}: {horseWords}
      </Body>
      <XStack>
        <Button kind="quiet" tight label={SUITS_PHRASES.open(saddle.name)} onPress={onOpen} />
      </XStack>
    </YStack>
  );
}
