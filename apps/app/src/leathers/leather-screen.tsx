import { type Leather, type LeatherFields, type LeatherTakeFields, type LeatherTaken } from '@fulcra/contract';
import { newestFirst, newestTake, pairOfTake, perHoleMm, stretchSinceFirst } from '@fulcra/core';
import { router } from 'expo-router';
import { useState } from 'react';
import { XStack, YStack } from 'tamagui';
import { v7 } from 'uuid';
import { useMeasuredWidth } from '../drawings/use-measured-width';
import { clock } from '../platform/clock';
import { useSend } from '../platform/use-send';
import { useLeatherTakes, useLeathers } from '../platform/use-views';
import { Button } from '../ui/button';
import { EmptyState } from '../ui/empty-state';
import { LoadState } from '../ui/load-state';
import { Screen } from '../ui/screen';
import { Sheet } from '../ui/sheet';
import { Body, Heading, Small } from '../ui/text';
import { useToast } from '../ui/toast';
import { KIND_WORDS, LEATHERS_PHRASES, WAY_WORDS } from '../words/leathers-phrases';
import { dayWords, spanWords } from '../words/measure-words';
import { LeatherForm } from './leather-form';
import { TackLine } from '../tack';
import { PairDrawing } from './pair-drawing';
import { TakeForm } from './take-form';

/** One pair: what it is made like, how it hangs, how it has stretched. */
export function LeatherScreen({ leatherId }: { readonly leatherId: string }) {
  const { data, problem } = useLeathers();
  const takes = useLeatherTakes().data ?? [];
  if (data === null) return <LoadState problem={problem} />;
  const leather = data.find((l) => l.id === leatherId);
  if (leather === undefined) {
    return (
      <Screen title={LEATHERS_PHRASES.leathers} onBack={() => router.navigate('/leathers')}>
        <EmptyState title={LEATHERS_PHRASES.thisPairIs} text={LEATHERS_PHRASES.mayHave}>
          <Button kind="main" label={LEATHERS_PHRASES.toThePairs} onPress={() => router.navigate('/leathers')} />
        </EmptyState>
      </Screen>
    );
  }
  return <Pair key={leatherId} leather={leather} takes={takes.filter((t) => t.leatherId === leatherId)} />;
}

interface PairProps {
  readonly leather: Leather;
  readonly takes: readonly LeatherTaken[];
}

function Pair({ leather, takes }: PairProps) {
  const [measuring, setMeasuring] = useState(false);
  const [changing, setChanging] = useState(false);
  const [width, onLayout] = useMeasuredWidth();
  const send = useSend();
  const toast = useToast();
  const { id: leatherId, ...was } = leather;
  const newest = newestTake(takes);
  const keepTake = async (body: LeatherTakeFields) => {
    const leatherTakeId = v7();
    if (!(await send({ kind: 'leatherTake', leatherTakeId, body }))) return;
    setMeasuring(false);
    const undo = () => void send({ kind: 'leatherTake', leatherTakeId, body: { ...body, withdrawn: true, was: body } });
    toast({ text: LEATHERS_PHRASES.takeKept, undo });
  };
  const change = async (fields: LeatherFields) => {
    if (await send({ kind: 'leather', leatherId, body: { ...fields, was } })) setChanging(false);
  };
  return (
    <Screen
      narrow
      title={leather.name}
      note={LEATHERS_PHRASES.line(KIND_WORDS[leather.kind], leather.holes, leather.spacingMm)}
      onBack={() => router.navigate('/leathers')}
      bottom={
        <>
          <Button label={LEATHERS_PHRASES.change} onPress={() => setChanging(true)} />
          <Button grow kind="main" label={LEATHERS_PHRASES.measure} onPress={() => setMeasuring(true)} />
        </>
      }
    >
      <TackLine id={leather.id} />
      {leather.holes === 1 ? <Small>{LEATHERS_PHRASES.oneHole}</Small> : null}
      <YStack onLayout={onLayout}>
        {width > 0 && newest !== null ? <PairDrawing pair={pairOfTake(leather, newest)} widthPx={width} heightPx={280} /> : null}
      </YStack>
      <Facts leather={leather} takes={takes} />
      <TakesHistory takes={takes} />
      <Sheet title={LEATHERS_PHRASES.measure} open={measuring} onClose={() => setMeasuring(false)}>
        <TakeForm leather={leather} onKeep={keepTake} />
      </Sheet>
      <Sheet title={LEATHERS_PHRASES.aPair} open={changing} onClose={() => setChanging(false)}>
        <LeatherForm draft={`leather-${leatherId}`} was={was} onDone={change} />
      </Sheet>
    </Screen>
  );
}

function Facts({ leather, takes }: PairProps) {
  const grown = stretchSinceFirst(leather, takes);
  const last = newestTake(takes);
  const pair = last === null ? null : pairOfTake(leather, last);
  return (
    <YStack gap="$xs">
      {leather.newOn === null ? null : <Body>{LEATHERS_PHRASES.age(spanWords(clock.now().getTime() - Date.parse(leather.newOn)))}</Body>}
      {pair === null ? null : <Body>{LEATHERS_PHRASES.perHole(perHoleMm(pair), pair.measuredPerHoleMm !== undefined)}</Body>}
      {grown === null ? null : <Body>{LEATHERS_PHRASES.stretched(grown.near, grown.off)}</Body>}
      {leather.note === '' ? null : <Small>{leather.note}</Small>}
    </YStack>
  );
}

function TakesHistory({ takes }: { readonly takes: readonly LeatherTaken[] }) {
  const send = useSend();
  const toggle = ({ id: leatherTakeId, ...was }: LeatherTaken) =>
    void send({ kind: 'leatherTake', leatherTakeId, body: { ...was, withdrawn: !was.withdrawn, was } });
  return (
    <YStack gap="$xs">
      <Heading>{LEATHERS_PHRASES.history}</Heading>
      {takes.length === 0 ? <Small>{LEATHERS_PHRASES.noHistory}</Small> : null}
      {newestFirst(takes).map((t) => (
        <XStack key={t.id} borderTopWidth={1} borderColor="$rule" alignItems="center" opacity={t.withdrawn ? 0.6 : 1}>
          <YStack flex={1} paddingVertical="$xs">
            <Body>
              {LEATHERS_PHRASES.by(dayWords(t.takenOn), t.hand)}
              {t.withdrawn ? `, ${LEATHERS_PHRASES.withdrawn}` : ''}
            </Body>
            <Small>{LEATHERS_PHRASES.takeLine(WAY_WORDS[t.way], t.near.hole, t.near.hangMm, t.off.hole, t.off.hangMm)}</Small>
          </YStack>
          <Button
            kind="quiet"
            tight
            label={t.withdrawn ? LEATHERS_PHRASES.bringBack : LEATHERS_PHRASES.withdraw}
            onPress={() => toggle(t)}
          />
        </XStack>
      ))}
    </YStack>
  );
}
