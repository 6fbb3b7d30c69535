import { FIT_ROOM_PHRASES } from '../../words/fit-room-phrases';
import { type Saddle } from '@fulcra/contract';
import { type BodyInput, type RankedBySitting, type SaddleSetup, type SitJobKind, describedOf } from '@fulcra/core';
import { useEffect, useState } from 'react';
import { XStack, YStack } from 'tamagui';
import { MARK } from '../../ui/banner';
import { Button } from '../../ui/button';
import { Sheet } from '../../ui/sheet';
import { Body, Name, Small } from '../../ui/text';
import { problemWords } from '../../words/problem-words';
import { setupLine } from '../../words/setup-words';
import { sitNumber } from '../../words/sit-number';
import { StandsOnLine } from '../views/stands-on';
import { SIT_WORDS } from '../../words/criterion-words';
import { sitHeadline, verdictTone } from '../../words/sit-words';
import { useSitJob } from '../../engine/use-sit-job';
import { WeighedLine } from '../views/weighed-line';
import { RankedByServer } from './ranked-by-server';
import { HeldBanner, useTackThing } from '../../tack';
import { TACK_STATE_WORDS } from '../../words/tack-words';

export interface StockSheetProps {
  readonly open: boolean;
  readonly onClose: () => void;
  readonly visitId: string;
  readonly saddles: readonly Saddle[];
  readonly input: BodyInput;
  readonly ask: Omit<SitJobKind['rank']['ask'], 'saddles'>;
  readonly onTake: (saddle: Saddle, setup: SaddleSetup | null) => void;
}

/** The whole stock on this horse, each saddle at its best, with what speaks for and against it. */
export function StockSheet({ open, onClose, ...rest }: StockSheetProps) {
  return (
    <Sheet title={FIT_ROOM_PHRASES.theStockOn} open={open} onClose={onClose}>
      {open ? (
        <>
          <WeighedLine school={rest.ask.school} />
          <Stock {...rest} />
        </>
      ) : null}
    </Sheet>
  );
}

type StockProps = Omit<StockSheetProps, 'open' | 'onClose'>;

function Stock({ visitId, saddles, input, ask, onTake }: StockProps) {
  const { job, start, stop } = useSitJob('rank', input);
  const begin = () => start({ ...ask, saddles: saddles.map(describedOf) });
  useEffect(begin, [start]); // eslint-disable-line react-hooks/exhaustive-deps -- asked once, as it stood when the sheet was opened
  const [onServer, setOnServer] = useState(false);
  const toServer = () => {
    stop();
    setOnServer(true);
  };
  const back = () => {
    setOnServer(false);
    begin();
  };
  if (saddles.length === 0) return <Body>{FIT_ROOM_PHRASES.thereIsNoSaddle}</Body>;
  if (onServer) return <RankedByServer saddles={saddles} visitId={visitId} ask={ask} onTake={onTake} onHere={back} />;
  switch (job.state) {
    case 'failed':
      return <Body>{FIT_ROOM_PHRASES.theRankingStopped(job.message)}</Body>;
    case 'stopped':
      return (
        <YStack gap="$m">
          <Body>{FIT_ROOM_PHRASES.stoppedTakeAny}</Body>
          <Button label={FIT_ROOM_PHRASES.rankAgain} onPress={begin} />
          <Plain saddles={saddles} onTake={onTake} />
        </YStack>
      );
    case 'done':
      return <RankedHere ranking={job.answer} saddles={saddles} onTake={onTake} />;
    default:
      return (
        <YStack gap="$m">
          <Body role="status">{progressWords(job.state === 'running' ? job.progress : null)}</Body>
          <XStack gap="$s" flexWrap="wrap">
            <Button label={FIT_ROOM_PHRASES.stop} onPress={stop} />
            <Button label={FIT_ROOM_PHRASES.letTheServer} onPress={toServer} />
          </XStack>
          <Plain saddles={saddles} onTake={onTake} />
        </YStack>
      );
  }
}

const progressWords = (progress: SitJobKind['rank']['progress'] | null): string =>
  progress === null ? FIT_ROOM_PHRASES.beginning : FIT_ROOM_PHRASES.saddleOfSetups(progress.saddle, progress.saddles, progress.tried);

interface RankedHereProps extends Pick<StockProps, 'saddles' | 'onTake'> {
  readonly ranking: SitJobKind['rank']['answer'];
}

function RankedHere({ ranking: { ranked, refused }, saddles, onTake }: RankedHereProps) {
  return (
    <YStack gap="$m">
      {ranked.map((entry, i) => (
        <Entry key={entry.id} place={i + 1} entry={entry} saddle={saddles.find((s) => s.id === entry.id)!} onTake={onTake} />
      ))}
      {refused.map(({ id, problems }) => (
        <YStack key={id} borderTopWidth={1} borderColor="$rule" paddingTop="$s">
          <Name>{saddles.find((s) => s.id === id)!.name}</Name>
          <Small>{problems.map(problemWords).join(' ')}</Small>
        </YStack>
      ))}
    </YStack>
  );
}

/** Without waiting for the ranking: every saddle as it hangs there. */
function Plain({ saddles, onTake }: Pick<StockSheetProps, 'saddles' | 'onTake'>) {
  return saddles.map((saddle) => (
    <Button key={saddle.id} kind="quiet" label={FIT_ROOM_PHRASES.putOnAs(saddle.name)} onPress={() => onTake(saddle, null)} />
  ));
}

interface EntryProps {
  readonly place: number;
  readonly entry: RankedBySitting;
  readonly saddle: Saddle;
  readonly onTake: StockSheetProps['onTake'];
}

function Entry({ place, entry, saddle, onTake }: EntryProps) {
  const { best, against, good } = entry;
  const tone = verdictTone(best.resting);
  const state = useTackThing(saddle.id)?.shown ?? 'notChecked';
  return (
    <YStack borderTopWidth={1} borderColor="$rule" paddingTop="$s" gap="$xs">
      <Name>
        {place}. {saddle.name}
      </Name>
      <HeldBanner id={saddle.id} />
      <Small>
        {saddle.maker}; {saddle.whereabouts === '' ? FIT_ROOM_PHRASES.placeNotNoted : saddle.whereabouts}; {TACK_STATE_WORDS[state]}
      </Small>
      <Body>
        {MARK[tone]} {sitHeadline(best.resting)}{' '}
        {best.stops.length === 0 ? FIT_ROOM_PHRASES.score(best.standing, best.ridden ? best.score : null) : ''}
      </Body>
      <StandsOnLine of={best.resting.standsOn} />
      {against.length === 0 ? null : (
        <Small>
          {FIT_ROOM_PHRASES.against(
            against
              .map((r) => `${SIT_WORDS[r.id].name.toLowerCase()} ${r.value === null ? '' : sitNumber(r.id, r.unit, r.value)}`)
              .join('; '),
          )}
        </Small>
      )}
      {good.length === 0 ? null : (
        <Small>
          {FIT_ROOM_PHRASES.for(good.map((r) => `${SIT_WORDS[r.id].name.toLowerCase()} ${sitNumber(r.id, r.unit, r.value!)}`).join('; '))}
        </Small>
      )}
      <Small>{FIT_ROOM_PHRASES.atItsBest(setupLine(describedOf(saddle), best.setup))}</Small>
      <YStack flexDirection="row" flexWrap="wrap">
        <Button kind="quiet" label={FIT_ROOM_PHRASES.putOnAt(saddle.name)} onPress={() => onTake(saddle, best.setup)} />
        <Button kind="quiet" label={FIT_ROOM_PHRASES.putOnAs(saddle.name)} onPress={() => onTake(saddle, null)} />
      </YStack>
    </YStack>
  );
}
