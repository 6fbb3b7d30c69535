import { HORSES_PHRASES } from '../words/horses-phrases';
import { router } from 'expo-router';
import { XStack, YStack } from 'tamagui';
import { v7 } from 'uuid';
import { schoolById } from '@fulcra/core';
import { dayNow } from '../platform/clock';
import { useSend } from '../platform/use-send';
import { useHorse, useSaddles } from '../platform/use-views';
import { Button } from '../ui/button';
import { EmptyState } from '../ui/empty-state';
import { LoadState } from '../ui/load-state';
import { Screen } from '../ui/screen';
import { Body } from '../ui/text';
import { ageWords, heightWords } from '../words/measure-words';
import { WordsOfHorse } from '../owners';
import { KeptBy } from '../people';
import { NextVisit } from '../calendar';
import { GonePart } from './gone-part';
import { RiddenIn } from './ridden-in';
import { VisitEntry } from './visit-entry';

/** The school a visit begins with; it can be changed at any time. */
const FIRST_SCHOOL = schoolById('static-close');

export function HorseScreen({ horseId }: { readonly horseId: string }) {
  const { data, problem, known } = useHorse(horseId);
  const saddles = useSaddles().data ?? [];
  const send = useSend();
  if (data === null) return <LoadState problem={problem} />;
  const { horse, visits } = data;
  const open = visits.find((v) => v.visit.status === 'open')?.visit;
  const start = async () => {
    const visitId = v7();
    const startedOn = dayNow();
    const { id: schoolId, front } = FIRST_SCHOOL;
    const body = { horseId, startedOn, schoolId, stationMm: front.stationMm, status: 'open' as const, note: '', result: null };
    if (!(await send({ kind: 'visit', visitId, body }))) return;
    router.push(`/visits/${visitId}`);
  };
  const facts = [horse.kind, horse.heightMm === null ? null : heightWords(horse.heightMm), ageWords(horse.bornYear, new Date())];
  return (
    <Screen
      narrow
      title={horse.name}
      note={facts.filter(Boolean).join(' · ')}
      onBack={() => router.navigate('/')}
      action={<Button kind="quiet" label={HORSES_PHRASES.change} onPress={() => router.push(`/horses/${horseId}/edit`)} />}
      bottom={
        open ? (
          <Button grow kind="main" label={HORSES_PHRASES.goOnWith} onPress={() => router.push(`/visits/${open.id}`)} />
        ) : (
          <Button grow kind="main" label={HORSES_PHRASES.startAVisit} onPress={() => void start()} />
        )
      }
    >
      {horse.note ? <Body>{horse.note}</Body> : null}
      {horse.gone === null ? null : <GonePart horse={horse} />}
      <KeptBy horse={horse} />
      <RiddenIn {...data} />
      <NextVisit horseId={horseId} />
      <WordsOfHorse horseId={horseId} />
      <XStack>
        <Button kind="quiet" tight label={HORSES_PHRASES.story} onPress={() => router.push(`/horses/${horseId}/story`)} />
      </XStack>
      {horse.gone === null ? <GonePart horse={horse} /> : null}
      {known === 'whole' ? null : <NotHere asking={known === 'asking'} />}
      {visits.length === 0 ? (
        known !== 'whole' ? null : (
          <EmptyState title={HORSES_PHRASES.noVisitYet} text={HORSES_PHRASES.aVisitBegins} />
        )
      ) : (
        <YStack>
          {visits.map((entry) => (
            <XStack key={entry.visit.id} borderTopWidth={1} borderColor="$rule" paddingVertical="$l">
              <VisitEntry {...entry} saddle={saddles.find((s) => s.id === entry.decision?.saddleId) ?? null} />
            </XStack>
          ))}
        </YStack>
      )}
    </Screen>
  );
}

/** Without signal on a device that never opened this horse: its visits exist, they only aren't here. */
const NotHere = ({ asking }: { readonly asking: boolean }) =>
  asking ? (
    <Body role="status">{HORSES_PHRASES.askingForVisits}</Body>
  ) : (
    <EmptyState title={HORSES_PHRASES.notOnThisDevice} text={HORSES_PHRASES.notOnThisDeviceText}>
      <Button label={HORSES_PHRASES.prepareADay} onPress={() => router.push('/prepare')} />
    </EmptyState>
  );
