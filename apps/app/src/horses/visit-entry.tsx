import { HORSES_PHRASES } from '../words/horses-phrases';
import { type HorseHistory, type Saddle } from '@fulcra/contract';
import { useSchools } from '../platform/use-schools';
import { type RideResult } from '@fulcra/core';
import { router } from 'expo-router';
import { XStack, YStack } from 'tamagui';
import { DecisionDrawing } from '../drawings/decision-drawing';
import { Banner } from '../ui/banner';
import { Button } from '../ui/button';
import { Body, Name, Small } from '../ui/text';
import { dayWords, degWords, mmWords } from '../words/measure-words';
import { rideWords, takenBackWords } from '../words/ride-words';
import { SHAPE_WORDS } from '../words/verdict-words';

const WIDTH = 320;
const HEIGHT = 190;
type HistoryEntry = HorseHistory['visits'][number];

export interface VisitEntryProps extends HistoryEntry {
  readonly saddle: Saddle | null;
}

/** One visit in a horse's history, with the drawing it was decided on, what it superseded, and what of its result stands. */
export function VisitEntry({ visit, decision, superseded, ride, saddle }: VisitEntryProps) {
  const schools = useSchools();
  return (
    <YStack flex={1} gap="$s">
      <Name>{dayWords(visit.startedOn)}</Name>
      <Small>
        {visit.fitter} · {visit.status === 'open' ? HORSES_PHRASES.underWay : 'done'}
      </Small>
      {decision === null ? (
        <Body color="$muted">{HORSES_PHRASES.nothingDecidedYet}</Body>
      ) : (
        <>
          <DecisionDrawing decision={decision} label={HORSES_PHRASES.sectionWithThe} widthPx={WIDTH} heightPx={HEIGHT} />
          <Body fontWeight="700">
            {HORSES_PHRASES.at100(
              saddle ? `${saddle.name}, ${saddle.maker} “${decision.settingLabel}”: ` : '',
              degWords(decision.includedAngleDeg),
              mmWords(decision.spanAt100Mm),
              SHAPE_WORDS[decision.shape],
            )}
          </Body>
          <Body>{decision.reasons}</Body>
          <Small>{HORSES_PHRASES.schoolVersionCore(schools.nameOf(decision.schoolId), decision.schoolVersion, decision.coreVersion)}</Small>
        </>
      )}
      {superseded.map((d) => (
        <Small key={d.id} textDecorationLine="line-through">
          {HORSES_PHRASES.beforeThatAt(degWords(d.includedAngleDeg), mmWords(d.spanAt100Mm), d.fitter)}
        </Small>
      ))}
      <RideLine ride={ride} />
      <XStack gap="$s" flexWrap="wrap">
        <Button kind="quiet" label={HORSES_PHRASES.report} onPress={() => router.push(`/visits/${visit.id}/report`)} />
        <Button kind="quiet" label={HORSES_PHRASES.openThisVisit} onPress={() => router.push(`/visits/${visit.id}`)} />
        {decision === null ? null : (
          <Button kind="quiet" label={HORSES_PHRASES.template} onPress={() => router.push(`/visits/${visit.id}/template`)} />
        )}
      </XStack>
    </YStack>
  );
}

/** What was said about riding, as it stands now. */
function RideLine({ ride }: { readonly ride: RideResult }) {
  const text = rideWords(ride);
  if (text === null) return null;
  if (ride.takenBack.length === 0) return <Body color={ride.stands === 'goodToRide' ? '$good' : '$bad'}>{text}</Body>;
  return (
    <Banner tone="bad">
      <Body>{text}</Body>
      {ride.takenBack.map((reason) => (
        <Body key={reason.code}>{takenBackWords(reason)}</Body>
      ))}
    </Banner>
  );
}
