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
    <Screen title={loaded.page.horse.name} note="Fit room" onBack={back}>
      {noSaddle ? (
        <EmptyState
          title="No saddle in the stock yet."
          text="Describe one, or bring a stock in from a file; then it can be laid on this back."
        >
          <Button kind="main" label="To the stock" onPress={() => router.push('/saddles')} />
        </EmptyState>
      ) : (
        <EmptyState
          title="Not enough of a back to lay a saddle on."
          text="Two sections make a surface; the front, base, low point, last rib and the topline make a good one."
        >
          <Button kind="main" label="Take the tracings" onPress={() => router.replace(`/visits/${visitId}/trace/front`)} />
        </EmptyState>
      )}
    </Screen>
  );
}
