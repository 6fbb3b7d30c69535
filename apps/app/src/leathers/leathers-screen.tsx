import { type Leather, type LeatherFields } from '@fulcra/contract';
import { hangInHole, newestTake, pairOfTake } from '@fulcra/core';
import { router } from 'expo-router';
import { useState } from 'react';
import { Pressable } from 'react-native';
import { YStack } from 'tamagui';
import { v7 } from 'uuid';
import { useSend } from '../platform/use-send';
import { useLeatherTakes, useLeathers, useRiders } from '../platform/use-views';
import { MARK } from '../ui/banner';
import { Button } from '../ui/button';
import { EmptyState } from '../ui/empty-state';
import { Icon } from '../ui/icons';
import { LoadState } from '../ui/load-state';
import { Screen } from '../ui/screen';
import { Sheet } from '../ui/sheet';
import { Name, Small } from '../ui/text';
import { usePalette } from '../ui/use-palette';
import { KIND_WORDS, LEATHERS_PHRASES } from '../words/leathers-phrases';
import { dayWords } from '../words/measure-words';
import { useHeldTack } from '../tack';
import { LeatherForm } from './leather-form';

export function LeathersScreen() {
  const { data, problem } = useLeathers();
  const [adding, setAdding] = useState(false);
  const palette = usePalette();
  const send = useSend();
  if (data === null) return <LoadState problem={problem} />;
  const add = async (body: LeatherFields) => {
    const leatherId = v7();
    if (!(await send({ kind: 'leather', leatherId, body }))) return;
    setAdding(false);
    router.push(`/leathers/${leatherId}`);
  };
  return (
    <Screen
      narrow
      title={LEATHERS_PHRASES.leathers}
      note={LEATHERS_PHRASES.pairsOf}
      onBack={() => router.navigate('/')}
      action={
        <Button round label={LEATHERS_PHRASES.addAPair} onPress={() => setAdding(true)}>
          <Icon name="plus" color={palette.ink} size={26} />
        </Button>
      }
    >
      {data.length === 0 ? (
        <EmptyState title={LEATHERS_PHRASES.noPairYet} text={LEATHERS_PHRASES.noPairText}>
          <Button kind="main" label={LEATHERS_PHRASES.addAPair} onPress={() => setAdding(true)} />
        </EmptyState>
      ) : (
        <YStack>
          {data.map((leather) => (
            <LeatherRow key={leather.id} leather={leather} />
          ))}
        </YStack>
      )}
      <Sheet title={LEATHERS_PHRASES.aPair} open={adding} onClose={() => setAdding(false)}>
        <LeatherForm draft="new-leather" was={null} onDone={add} />
      </Sheet>
    </Screen>
  );
}

function LeatherRow({ leather }: { readonly leather: Leather }) {
  const takes = useLeatherTakes().data ?? [];
  const held = useHeldTack();
  const rider = useRiders().data?.find((r) => r.id === leather.riderId);
  const take = newestTake(takes.filter((t) => t.leatherId === leather.id));
  const pair = take === null ? null : pairOfTake(leather, take);
  const differ = pair === null ? null : hangInHole(pair, 'off', 1) - hangInHole(pair, 'near', 1);
  const facts = [
    rider?.name ?? LEATHERS_PHRASES.nobodys,
    take === null ? LEATHERS_PHRASES.neverMeasured : LEATHERS_PHRASES.lastMeasured(dayWords(take.takenOn)),
    differ === null ? null : LEATHERS_PHRASES.evenBy(differ),
  ];
  return (
    <Pressable role="link" aria-label={leather.name} onPress={() => router.push(`/leathers/${leather.id}`)}>
      <YStack borderTopWidth={1} borderColor="$rule" paddingVertical="$m" gap="$xs">
        <Name>{leather.name}</Name>
        <Small>{LEATHERS_PHRASES.line(KIND_WORDS[leather.kind], leather.holes, leather.spacingMm)}</Small>
        <Small>{facts.filter((f) => f !== null).join(' · ')}</Small>
        {held.has(leather.id) ? (
          <Small color="$bad">
            {MARK.bad} {LEATHERS_PHRASES.held}
          </Small>
        ) : null}
      </YStack>
    </Pressable>
  );
}
