import { FIT_ROOM_PHRASES } from '../../words/fit-room-phrases';
import { type Ranking, type Saddle, rankingSchema } from '@fulcra/contract';
import { type SaddleSetup, CRITERIA, type SitJobKind, describedOf } from '@fulcra/core';
import { useQuery } from '@tanstack/react-query';
import { YStack } from 'tamagui';
import { NoAnswer } from '../../platform/api-client';
import { api } from '../../platform/api';
import { Banner } from '../../ui/banner';
import { Button } from '../../ui/button';
import { Body, Name, Small } from '../../ui/text';
import { SIT_WORDS } from '../../words/criterion-words';
import { setupLine } from '../../words/setup-words';
import { sitNumber } from '../../words/sit-number';
import { StandsOnLine } from '../views/stands-on';
import { HeldBanner } from '../../tack';

/** A whole stock in three poses and ridden takes the server's threads this long at most, ms. */
const RANKED_WITHIN_MS = 240_000;

interface RankedByServerProps {
  readonly saddles: readonly Saddle[];
  readonly visitId: string;
  readonly ask: Omit<SitJobKind['rank']['ask'], 'saddles'>;
  readonly onTake: (saddle: Saddle, setup: SaddleSetup) => void;
  /** Ranks on this device instead. */
  readonly onHere: () => void;
}

/** The same ranking done by the server's own threads: for a slow device, or a stock of many. It derives the back from the visit's own takes. */
export function RankedByServer({ saddles, visitId, ask, onTake, onHere }: RankedByServerProps) {
  const asked = { visitId, schoolId: ask.school.id, rider: ask.rider, strapPullN: ask.strapPullN };
  const query = useQuery({
    queryKey: ['ranking', asked],
    queryFn: async () => rankingSchema.parse(await api.request('POST', '/api/rankings', asked, RANKED_WITHIN_MS)),
    retry: false,
    gcTime: 0,
  });
  if (query.isPending) return <Body role="status">{FIT_ROOM_PHRASES.theServerRanks}</Body>;
  if (query.error !== null) {
    const why = query.error instanceof NoAnswer ? FIT_ROOM_PHRASES.thereIsNo : query.error.message;
    return (
      <YStack gap="$m">
        <Banner tone="lookOut">{FIT_ROOM_PHRASES.theServerCould(why)}</Banner>
        <Button label={FIT_ROOM_PHRASES.rankItOn} onPress={onHere} />
      </YStack>
    );
  }
  return (
    <YStack gap="$m">
      <Small>{FIT_ROOM_PHRASES.rankedByThe(query.data.threads)}</Small>
      {query.data.ranked.map((entry, i) => (
        <Entry key={entry.id} place={i + 1} entry={entry} saddle={saddles.find((s) => s.id === entry.id)} onTake={onTake} />
      ))}
    </YStack>
  );
}

interface EntryProps {
  readonly place: number;
  readonly entry: Ranking['ranked'][number];
  readonly saddle: Saddle | undefined;
  readonly onTake: RankedByServerProps['onTake'];
}

function Entry({ place, entry, saddle, onTake }: EntryProps) {
  if (saddle === undefined) return null;
  const name = (id: (typeof entry.stops)[number]) => SIT_WORDS[id].name.toLowerCase();
  return (
    <YStack borderTopWidth={1} borderColor="$rule" paddingTop="$s" gap="$xs">
      <Name>
        {place}. {saddle.name}
      </Name>
      <HeldBanner id={saddle.id} />
      <Body>
        {entry.stops.length > 0
          ? FIT_ROOM_PHRASES.refused(entry.stops.map(name).join(', '))
          : FIT_ROOM_PHRASES.score(entry.standing, entry.ridden ? entry.score : null)}
      </Body>
      <StandsOnLine of={entry.standsOn} />
      {entry.against.length === 0 ? null : (
        <Small>
          {FIT_ROOM_PHRASES.against(
            entry.against.map(({ id, value }) => `${name(id)} ${value === null ? '' : sitNumber(id, CRITERIA[id].unit, value)}`).join('; '),
          )}
        </Small>
      )}
      <Small>{FIT_ROOM_PHRASES.atItsBest(setupLine(describedOf(saddle), entry.setup))}</Small>
      <Button kind="quiet" label={FIT_ROOM_PHRASES.putOnAt(saddle.name)} onPress={() => onTake(saddle, entry.setup)} />
    </YStack>
  );
}
