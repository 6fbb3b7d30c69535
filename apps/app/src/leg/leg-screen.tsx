import { router } from 'expo-router';
import { YStack } from 'tamagui';
import { LoadState } from '../ui/load-state';
import { Button } from '../ui/button';
import { EmptyState } from '../ui/empty-state';
import { Screen } from '../ui/screen';
import { Small } from '../ui/text';
import { LEG_PHRASES } from '../words/leg-phrases';
import { problemWords } from '../words/problem-words';
import { useVisitPage } from '../visit';
import { LegWork } from './leg-work';
import { Picker } from './picker';
import { type LegChosen, useLeg, useLegChosen } from './use-leg';

/** Step of the visit: rider and leathers on this horse. */
export function LegOnVisit({ visitId }: { readonly visitId: string }) {
  const { loaded, problem } = useVisitPage(visitId);
  const chosen = useLegChosen(visitId, loaded, null);
  if (loaded === null || chosen === null) return <LoadState problem={problem} />;
  return <ChosenLeg chosen={chosen} visitId={visitId} back={`/visits/${visitId}`} />;
}

/** The same without a horse: a plain one, and it says so. */
export function LegOfRider({ riderId }: { readonly riderId: string }) {
  const chosen = useLegChosen(riderId, null, riderId);
  if (chosen === null) return <LoadState problem={null} />;
  return <ChosenLeg chosen={chosen} visitId={null} back={`/riders/${riderId}`} />;
}

interface ChosenLegProps {
  readonly chosen: LegChosen;
  readonly visitId: string | null;
  readonly back: string;
}

function ChosenLeg({ chosen, visitId, back }: ChosenLegProps) {
  const leg = useLeg(chosen);
  if (leg !== null) return <LegWork chosen={chosen} leg={leg} visitId={visitId} back={back} />;
  return (
    <Screen narrow title={LEG_PHRASES.leathers} onBack={() => router.navigate(back)}>
      <NoLeg chosen={chosen} />
    </Screen>
  );
}

/** Nobody rides, or too little is known of who does. */
function NoLeg({ chosen }: { readonly chosen: LegChosen }) {
  const { known, riders, pick, loaded } = chosen;
  const picker =
    loaded === null ? null : (
      <Picker
        label={LEG_PHRASES.rider}
        value={known?.rider.name ?? LEG_PHRASES.chooseRider}
        options={riders.map(({ rider }) => ({ id: rider.id, name: rider.name }))}
        onPick={(riderId) => pick({ riderId })}
      />
    );
  if (known === null) {
    return (
      <EmptyState title={LEG_PHRASES.noRider} text={LEG_PHRASES.noRiderText}>
        {picker}
        <Button label={LEG_PHRASES.measureRider} onPress={() => router.push('/riders')} />
      </EmptyState>
    );
  }
  return (
    <YStack gap="$m">
      {picker}
      <EmptyState title={LEG_PHRASES.notEnough} text={known.rider.name}>
        {known.body.ok ? null : known.body.problems.map((p) => <Small key={JSON.stringify(p)}>{problemWords(p)}</Small>)}
        <Button kind="main" label={LEG_PHRASES.measureRider} onPress={() => router.push(`/riders/${known.rider.id}`)} />
      </EmptyState>
    </YStack>
  );
}
