import { type Leather } from '@fulcra/contract';
import { type LeatherLine, factsOfKind } from '@fulcra/core';
import { router } from 'expo-router';
import { type ReactNode } from 'react';
import { XStack, YStack } from 'tamagui';
import { dayNow } from '../platform/clock';
import { useSession } from '../platform/session-context';
import { useLeathers, useRiders, useSaddles } from '../platform/use-views';
import { Button } from '../ui/button';
import { EmptyState } from '../ui/empty-state';
import { LoadState } from '../ui/load-state';
import { PrintStyle } from '../ui/print-style';
import { Screen } from '../ui/screen';
import { Big, Body, Name, Small } from '../ui/text';
import { type LoadedVisit, useVisitPage } from '../visit';
import { PAPER_CAUTION } from '../words/paper-caution';
import { LEG_PHRASES } from '../words/leg-phrases';
import { bothUnitsWords, dayWords } from '../words/measure-words';
import { PURPOSE_WORDS } from '../words/riders-phrases';
import { OtherMoves, otherSaddle } from './against-panel';
import { HoleDots } from './hole-dots';
import { holeShown, leatherLines } from './leg-words';
import { type LegChosen, useLeg, useLegChosen } from './use-leg';
import { HeldBanner } from '../tack';

/** The holes that were kept last with a visit. */
export function VisitCard({ visitId }: { readonly visitId: string }) {
  const { loaded, problem } = useVisitPage(visitId);
  const riders = useRiders().data;
  const leathers = useLeathers().data;
  const saddles = useSaddles().data;
  if (loaded === null || riders === null || leathers === null || saddles === null) return <LoadState problem={problem} />;
  const { page } = loaded;
  const kept = factsOfKind(page.facts, 'leatherHoles').at(-1);
  const leather = leathers.find((l) => l.id === kept?.leatherId);
  const back = `/visits/${visitId}/rider`;
  if (kept === undefined || leather === undefined) return <NoCard back={back} />;
  return (
    <Card
      back={back}
      rider={riders.find((r) => r.id === kept.riderId)?.name ?? LEG_PHRASES.rider}
      horse={page.horse.name}
      saddle={saddles.find((s) => s.id === kept.saddleId)?.name ?? LEG_PHRASES.plainSaddle}
      leather={leather}
      lines={kept.lines}
      on={page.visit.startedOn}
      other={<OtherSaddle visitId={visitId} loaded={loaded} />}
    />
  );
}

/** Holes to move when the same rider sits on the other saddle that was picked. */
function OtherSaddle({ visitId, loaded }: { readonly visitId: string; readonly loaded: LoadedVisit }) {
  const chosen = useLegChosen(visitId, loaded, null);
  return chosen === null ? null : <OtherLines chosen={chosen} />;
}

function OtherLines({ chosen }: { readonly chosen: LegChosen }) {
  const leg = useLeg(chosen);
  const other = otherSaddle(chosen);
  if (leg === null || other === null) return null;
  return (
    <YStack borderTopWidth={1} borderColor="$rule" paddingTop="$s">
      <Body fontWeight="700">{LEG_PHRASES.cardOther(other.name)}</Body>
      <OtherMoves leg={leg} chosen={chosen} />
    </YStack>
  );
}

/** The same for a rider without a horse, as it is computed now. */
export function RiderCard({ riderId }: { readonly riderId: string }) {
  const chosen = useLegChosen(riderId, null, riderId);
  return chosen === null ? <LoadState problem={null} /> : <ComputedCard riderId={riderId} chosen={chosen} />;
}

function ComputedCard({ riderId, chosen }: { readonly riderId: string; readonly chosen: LegChosen }) {
  const leg = useLeg(chosen);
  const lines = leatherLines(leg?.plans ?? []);
  const back = `/riders/${riderId}/leg`;
  if (chosen.leather === null || lines.length === 0) return <NoCard back={back} />;
  const { rider } = chosen.known!;
  const saddle = chosen.saddle?.name ?? LEG_PHRASES.plainSaddle;
  return (
    <Card
      back={back}
      rider={rider.name}
      horse={null}
      saddle={saddle}
      leather={chosen.leather}
      lines={lines}
      on={dayNow()}
      other={<OtherLines chosen={chosen} />}
    />
  );
}

function NoCard({ back }: { readonly back: string }) {
  const go = () => router.navigate(back);
  return (
    <Screen narrow title={LEG_PHRASES.card} onBack={go}>
      <EmptyState title={LEG_PHRASES.cardNone} text={LEG_PHRASES.cardNoneText}>
        <Button kind="main" label={LEG_PHRASES.toTheLeg} onPress={go} />
      </EmptyState>
    </Screen>
  );
}

interface CardProps {
  readonly back: string;
  readonly rider: string;
  readonly horse: string | null;
  readonly saddle: string;
  readonly leather: Leather;
  readonly lines: readonly LeatherLine[];
  readonly on: string;
  readonly other?: ReactNode;
}

/** For the tack room's wall. */
function Card({ back, rider, horse, saddle, leather, lines, on, other = null }: CardProps) {
  const { session } = useSession();
  return (
    <Screen
      narrow
      title={LEG_PHRASES.card}
      note={LEG_PHRASES.cardFor(rider, horse)}
      onBack={() => router.navigate(back)}
      bottom={<Button grow kind="main" label={LEG_PHRASES.print} onPress={() => window.print()} />}
    >
      <PrintStyle />
      <HeldBanner id={leather.id} />
      <YStack backgroundColor="$sheet" borderWidth={2} borderColor="$ink" borderRadius={14} padding="$l" gap="$s">
        <Name>{LEG_PHRASES.cardFor(rider, horse)}</Name>
        <Small>{LEG_PHRASES.cardOn(dayWords(on), session.person.name)}</Small>
        <Small>
          {LEG_PHRASES.cardLeather(leather.name)}; {LEG_PHRASES.cardSaddle(saddle)}
        </Small>
        {lines.map((line) => (
          <CardLine key={line.purpose} line={line} leather={leather} first={lines[0]!} />
        ))}
        {other}
        <Small>{LEG_PHRASES.cardCount}</Small>
        <Small>{LEG_PHRASES.cardCheck}</Small>
        <Small>{PAPER_CAUTION}</Small>
      </YStack>
    </Screen>
  );
}

const DOTS_PX = 190;

function CardLine({ line, leather, first }: { readonly line: LeatherLine; readonly leather: Leather; readonly first: LeatherLine }) {
  const moves = (line.near - first.near + line.off - first.off) / 2;
  const hole = (n: number): string => String(holeShown(leather, n));
  return (
    <YStack borderTopWidth={1} borderColor="$rule" paddingTop="$s">
      <XStack alignItems="center" gap="$m" flexWrap="wrap">
        <YStack flex={1} minWidth={130}>
          <Body fontWeight="700">{PURPOSE_WORDS[line.purpose]}</Body>
          <Small>{bothUnitsWords(line.hangMm)}</Small>
        </YStack>
        <Big>{LEG_PHRASES.whichHole(hole(line.near), hole(line.off))}</Big>
      </XStack>
      <HoleDots count={leather.holes} holes={{ near: line.near, off: line.off }} widthPx={DOTS_PX} />
      {line === first ? null : <Small>{LEG_PHRASES.fromFirst(moves, PURPOSE_WORDS[first.purpose])}</Small>}
    </YStack>
  );
}
