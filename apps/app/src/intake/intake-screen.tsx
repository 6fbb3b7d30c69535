import { INTAKE_PHRASES } from '../words/intake-phrases';
import { router } from 'expo-router';
import { YStack } from 'tamagui';
import { Button } from '../ui/button';
import { Columns } from '../ui/columns';
import { LoadState } from '../ui/load-state';
import { Locked } from '../ui/locked';
import { Screen } from '../ui/screen';
import { UndoRedo } from '../ui/undo-redo';
import { ageWords, heightWords } from '../words/measure-words';
import { SEX_WORDS } from '../words/intake-words';
import { Complaints } from './complaints';
import { HorseFacts } from './horse-facts';
import { RidersOfHorse } from './riders-of-horse';
import { closedBanner, ConsequencesPart, nextStep, SkipStep, type LoadedVisit, useRecorded, useVisitPage, VisitBackline } from '../visit';
import { WordsOfHorse } from '../owners';
import { PhotoStrip } from '../photos';

export function IntakeScreen({ visitId }: { readonly visitId: string }) {
  const { loaded, problem } = useVisitPage(visitId);
  return loaded === null ? <LoadState problem={problem} /> : <Intake visitId={visitId} loaded={loaded} />;
}

function Intake({ visitId, loaded: visit }: { readonly visitId: string; readonly loaded: LoadedVisit }) {
  const { loaded, history } = useRecorded(visit);
  const { horse } = loaded.page;
  const next = nextStep(loaded, { step: 'intake' });
  const facts = [
    horse.kind,
    horse.sex === 'unknown' || horse.kind.includes(horse.sex) ? null : SEX_WORDS[horse.sex],
    ageWords(horse.bornYear, new Date()),
    horse.heightMm === null ? null : heightWords(horse.heightMm),
  ];
  return (
    <Screen
      title={horse.name}
      note={facts.filter(Boolean).join(' · ')}
      onBack={() => router.navigate(`/visits/${visitId}`)}
      top={<VisitBackline visitId={visitId} loaded={loaded} />}
      closed={closedBanner(loaded)}
      bottom={
        <>
          <UndoRedo of={history} />
          <Button grow kind="main" label={next.label} onPress={() => router.push(`/visits/${visitId}/${next.path}`)} />
        </>
      }
    >
      <Columns>
        <YStack gap="$xl">
          <Locked when={false}>
            <WordsOfHorse horseId={horse.id} visitId={visitId} />
          </Locked>
          <Complaints loaded={loaded} />
          <HorseFacts loaded={loaded} />
          <ConsequencesPart loaded={loaded} />
        </YStack>
        <YStack gap="$xl">
          <Locked when={false}>
            <Button label={INTAKE_PHRASES.changeNameAge} onPress={() => router.push(`/horses/${horse.id}/edit`)} />
            <RidersOfHorse horse={horse} />
          </Locked>
          <PhotoStrip
            name={INTAKE_PHRASES.photosOfThis}
            hint={INTAKE_PHRASES.fromBehindAnd}
            views={['behind', 'above', 'nearSide', 'offSide', 'saddle', 'detail']}
            canPutAway={!loaded.closed}
            photos={loaded.page.photos}
            urlOf={(photoId) => `/api/visits/${visitId}/photos/${photoId}/content`}
            writeOf={(photoId, body) => ({ kind: 'photo', visitId, photoId, body })}
          />
          <SkipStep step="intake" loaded={loaded} />
        </YStack>
      </Columns>
    </Screen>
  );
}
