import { type ReportTack } from '@fulcra/contract';
import { spotsOf } from '@fulcra/core';
import { useRef, useState } from 'react';
import { YStack } from 'tamagui';
import { v7 } from 'uuid';
import { useMeasuredWidth } from '../../drawings/use-measured-width';
import { Refused } from '../../platform/api-client';
import { useDraft } from '../../platform/use-draft';
import { Banner } from '../../ui/banner';
import { Button } from '../../ui/button';
import { EmptyState } from '../../ui/empty-state';
import { Screen } from '../../ui/screen';
import { Body, Small } from '../../ui/text';
import { useToast } from '../../ui/toast';
import { NEW_WALK, WALK_DRAFT, WalkBottom, WalkDrawing, WalkFound, WalkStopPanel, keptFound, markedSpots, stopsOf } from '../../tack';
import { OWNER_PHRASES } from '../../words/owner-phrases';
import { TACK_KIND_WORDS, TACK_STATE_WORDS } from '../../words/tack-words';
import { sendCheck } from './shared-api';

interface LookProps {
  readonly token: string;
  readonly tack: readonly ReportTack[];
  readonly onBack: () => void;
  readonly onDone: () => void;
}

/** The owner's five minutes: one item after the other, with the fitter's own drawings. */
export function MonthlyLook({ token, tack, onBack, onDone }: LookProps) {
  const [itemId, setItemId] = useState<string | null>(tack.length === 1 ? tack[0]!.id : null);
  const item = tack.find((t) => t.id === itemId);
  if (item !== undefined)
    return (
      <LookAt key={item.id} token={token} item={item} onBack={() => (tack.length === 1 ? onBack() : setItemId(null))} onDone={onDone} />
    );
  return (
    <Screen narrow title={OWNER_PHRASES.monthly} onBack={onBack}>
      <Body>{OWNER_PHRASES.monthlyIntro}</Body>
      {tack.length === 0 ? <EmptyState title={OWNER_PHRASES.tack} text={OWNER_PHRASES.tackNone} /> : <Small>{OWNER_PHRASES.choose}</Small>}
      {tack.map((t) => (
        <YStack key={t.id} gap="$xs">
          <Button label={`${TACK_KIND_WORDS[t.kind]}: ${t.name}`} onPress={() => setItemId(t.id)} />
          <Small>{TACK_STATE_WORDS[t.state]}</Small>
        </YStack>
      ))}
    </Screen>
  );
}

interface LookAtProps {
  readonly token: string;
  readonly item: ReportTack;
  readonly onBack: () => void;
  readonly onDone: () => void;
}

function LookAt({ token, item, onBack, onDone }: LookAtProps) {
  const [draft, keep, forget] = useDraft(`owner-look-${item.id}`, WALK_DRAFT, NEW_WALK);
  const [width, onLayout] = useMeasuredWidth();
  const [problem, setProblem] = useState<string | null>(null);
  const checkId = useRef(v7());
  const toast = useToast();
  const stops = stopsOf(item, 'monthly');
  const stop = stops[draft.at] ?? null;
  const send = async () => {
    const found = keptFound(draft, stops);
    try {
      await sendCheck(token, checkId.current, item.id, found);
    } catch (error) {
      setProblem(error instanceof Refused ? `${error.reply.message} ${error.reply.remedy}` : OWNER_PHRASES.notSent);
      return;
    }
    forget();
    toast({ text: found.some((f) => f.finding === 'unsafe') ? OWNER_PHRASES.heldNow : OWNER_PHRASES.thanks });
    onDone();
  };
  return (
    <Screen
      narrow
      title={item.name}
      note={OWNER_PHRASES.monthly}
      onBack={onBack}
      bottom={<WalkBottom stops={stops} draft={draft} keep={keep} finish={OWNER_PHRASES.send} onFinish={() => void send()} />}
    >
      {problem === null ? null : <Banner tone="bad">{problem}</Banner>}
      <YStack onLayout={onLayout}>
        {width === 0 ? null : (
          <WalkDrawing
            item={item}
            widthPx={Math.min(width, 480)}
            here={stop?.spots[0] ?? null}
            spots={markedSpots(spotsOf(item, 'monthly'), draft.found)}
            onSpot={(spot) => keep({ ...draft, at: stops.findIndex((s) => s.point === spot.point) })}
          />
        )}
      </YStack>
      {stop === null ? (
        <WalkFound stops={stops} draft={draft} onStop={(at) => keep({ ...draft, at })} onAgain={() => keep(NEW_WALK)} />
      ) : (
        <WalkStopPanel stop={stop} at={draft.at} of={stops.length} draft={draft} keep={keep} />
      )}
    </Screen>
  );
}
