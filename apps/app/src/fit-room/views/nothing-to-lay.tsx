import { FIT_ROOM_PHRASES } from '../../words/fit-room-phrases';
import { router } from 'expo-router';
import { Button } from '../../ui/button';
import { EmptyState } from '../../ui/empty-state';
import { Screen } from '../../ui/screen';
import { type LoadedVisit } from '../../visit';

interface NothingToLayProps {
  readonly visitId: string;
  readonly loaded: LoadedVisit;
  readonly noSaddle: boolean;
}

/** Why no saddle can be laid on here yet, and where to go on. */
export function NothingToLay({ visitId, loaded, noSaddle }: NothingToLayProps) {
  const back = () => router.navigate(`/visits/${visitId}`);
  return (
    <Screen title={loaded.page.horse.name} note={FIT_ROOM_PHRASES.fitRoom2} onBack={back}>
      {noSaddle ? (
        <EmptyState title={FIT_ROOM_PHRASES.noSaddleIn} text={FIT_ROOM_PHRASES.describeOneOr}>
          <Button
            kind="main"
            label={FIT_ROOM_PHRASES.describeASaddle}
            onPress={() => router.push(`/saddles/new?visit=${visitId}` as '/')}
          />
          <Button label={FIT_ROOM_PHRASES.toTheStock} onPress={() => router.push('/saddles')} />
          <Button label={FIT_ROOM_PHRASES.frontAlone} onPress={() => router.push(`/visits/${visitId}/front` as '/')} />
        </EmptyState>
      ) : (
        <EmptyState title={FIT_ROOM_PHRASES.notEnoughOf} text={FIT_ROOM_PHRASES.twoSectionsMake}>
          <Button kind="main" label={FIT_ROOM_PHRASES.takeTheTracings} onPress={() => router.replace(`/visits/${visitId}/trace/front`)} />
        </EmptyState>
      )}
    </Screen>
  );
}
