import { type HorseSummary } from '@fulcra/contract';
import { useQueryClient } from '@tanstack/react-query';
import { router } from 'expo-router';
import { useState } from 'react';
import { XStack, YStack } from 'tamagui';
import { heldSince } from '../platform/prepare-horse';
import { KEPT_MS } from '../platform/query-client';
import { useYard } from '../platform/use-views';
import { Banner } from '../ui/banner';
import { Button } from '../ui/button';
import { LoadState } from '../ui/load-state';
import { Screen } from '../ui/screen';
import { Body, Heading, Small } from '../ui/text';
import { ToggleChip } from '../ui/toggle-chip';
import { dayWords, momentWords } from '../words/measure-words';
import { PREPARE_PHRASES } from '../words/prepare-phrases';
import { type DayPlan } from './day-plan';
import { useDayPlans } from './use-calendar';
import { type Prepared, usePreparing } from './use-preparing';

/** All that a day in a barn without signal needs, fetched beforehand. */
export function PrepareScreen() {
  const yard = useYard('', 'name');
  const plans = useDayPlans();
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  const { prepared, fetchAll, stop } = usePreparing();
  if (yard.data === null) return <LoadState problem={yard.problem} />;
  const toggle = (id: string): void => {
    const next = new Set(chosen);
    if (!next.delete(id)) next.add(id);
    setChosen(next);
  };
  const busy = prepared.state === 'fetching';
  return (
    <Screen
      narrow
      title={PREPARE_PHRASES.title}
      note={PREPARE_PHRASES.note}
      onBack={() => router.navigate('/calendar')}
      bottom={
        busy ? (
          <Button grow label={PREPARE_PHRASES.stop} onPress={stop} />
        ) : (
          <Button
            grow
            kind="main"
            off={chosen.size === 0}
            label={PREPARE_PHRASES.fetch(chosen.size)}
            onPress={() => void fetchAll([...chosen])}
          />
        )
      }
    >
      <HowFar prepared={prepared} />
      <PlannedDays plans={plans} onChoose={(ids) => setChosen(new Set([...chosen, ...ids]))} />
      <YStack>
        <Heading>{PREPARE_PHRASES.choose}</Heading>
        {yard.data.map((summary) => (
          <HorseToTake
            key={summary.horse.id}
            summary={summary}
            on={chosen.has(summary.horse.id)}
            onPress={() => toggle(summary.horse.id)}
          />
        ))}
      </YStack>
    </Screen>
  );
}

function PlannedDays({
  plans,
  onChoose,
}: {
  readonly plans: readonly DayPlan[];
  readonly onChoose: (horseIds: readonly string[]) => void;
}) {
  if (plans.length === 0) return null;
  return (
    <XStack gap="$s" flexWrap="wrap">
      {plans.map(({ on, stops }) => (
        <Button
          key={on}
          label={PREPARE_PHRASES.plannedFor(dayWords(on), stops.length)}
          onPress={() => onChoose(stops.map((s) => s.appointment.horseId))}
        />
      ))}
    </XStack>
  );
}

interface HorseToTakeProps {
  readonly summary: HorseSummary;
  readonly on: boolean;
  readonly onPress: () => void;
}

function HorseToTake({ summary: { horse }, on, onPress }: HorseToTakeProps) {
  const since = heldSince(useQueryClient(), horse.id);
  return (
    <XStack borderTopWidth={1} borderColor="$rule" paddingVertical="$s" gap="$m" alignItems="center" justifyContent="space-between">
      <ToggleChip label={horse.name} on={on} onPress={onPress} />
      <Small flexShrink={1} textAlign="right" color={since === null ? '$muted' : '$good'}>
        {since === null ? PREPARE_PHRASES.notHere : PREPARE_PHRASES.here(momentWords(since))}
      </Small>
    </XStack>
  );
}

/** How much has come, and until when it stays. */
function HowFar({ prepared: { state, all, horses, answers, photos, bytes, why } }: { readonly prepared: Prepared }) {
  if (state === 'idle') return null;
  if (state === 'fetching') return <Body role="status">{PREPARE_PHRASES.doing(horses, all, answers, photos, bytes)}</Body>;
  if (state === 'failed') return <Banner tone="bad">{PREPARE_PHRASES.failed(why)}</Banner>;
  if (state === 'stopped') return <Banner tone="lookOut">{PREPARE_PHRASES.stopped}</Banner>;
  return <Banner tone="good">{PREPARE_PHRASES.done(all, bytes, momentWords(Date.now() + KEPT_MS))}</Banner>;
}
