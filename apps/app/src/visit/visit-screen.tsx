import { schoolById, chosenSettingOf, measuredNeeds } from '@fulcra/core';
import { router } from 'expo-router';
import { XStack, YStack } from 'tamagui';
import { useSaddles } from '../platform/use-views';
import { Banner } from '../ui/banner';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { Columns } from '../ui/columns';
import { LoadState } from '../ui/load-state';
import { Screen } from '../ui/screen';
import { Stepper } from '../ui/stepper';
import { Small, Strong } from '../ui/text';
import { dayWords } from '../words/measure-words';
import { nextStep } from './next-step';
import { SchoolPicker } from './school-picker';
import { type LoadedVisit, useVisitPage } from './use-visit-page';
import { VisitBackline } from './visit-backline';
import { VisitNote } from './visit-note';
import { VisitSteps } from './visit-steps';

export function VisitScreen({ visitId }: { readonly visitId: string }) {
  const { loaded, problem } = useVisitPage(visitId);
  if (loaded === null) return <LoadState problem={problem} />;
  const { page } = loaded;
  const next = nextStep(loaded);
  return (
    <Screen
      title={page.horse.name}
      note={`Visit of ${dayWords(page.visit.startedOn)}, ${page.visit.fitter}`}
      onBack={() => router.navigate(`/horses/${page.horse.id}`)}
      top={<VisitBackline visitId={visitId} loaded={loaded} />}
      bottom={<Button grow kind="main" label={next.label} onPress={() => router.push(`/visits/${visitId}/${next.path}`)} />}
    >
      <Columns shares={[3, 2]}>
        <VisitSteps loaded={loaded} visitId={visitId} />
        <Facts loaded={loaded} />
      </Columns>
    </Screen>
  );
}

function Facts({ loaded: { page, front, change, measured } }: { readonly loaded: LoadedVisit }) {
  const { visit } = page;
  const wanted = schoolById(visit.schoolId).front.stationMm;
  const saddles = useSaddles().data ?? [];
  const worn = [chosenSettingOf(page.facts)?.tried.saddleId, page.decision?.saddleId];
  const unsafe = saddles.find((s) => worn.includes(s.id) && s.state === 'unsafe')?.name ?? null;
  return (
    <YStack gap="$l">
      <SchoolPicker
        value={visit.schoolId}
        has={measuredNeeds(measured)}
        onChange={(schoolId) =>
          void change({ schoolId, ...(front.takes.length === 0 && { stationMm: schoolById(schoolId).front.stationMm }) })
        }
      />
      <YStack gap="$xs">
        <Small>Front section, mm behind the resting scapula’s rear edge</Small>
        <XStack>
          <Stepper
            label="Station, mm"
            unit="mm"
            value={visit.stationMm}
            step={5}
            decimals={0}
            onChange={(stationMm) => void change({ stationMm: Math.min(200, stationMm) })}
          />
        </XStack>
        {visit.stationMm === wanted ? null : (
          <Banner tone="lookOut">{`This school reads its front at ${wanted} mm; this visit takes it at ${visit.stationMm} mm.`}</Banner>
        )}
      </YStack>
      <VisitNote value={visit.note} onSave={(note, from) => void change({ note }, { note: from })} />
      <Result result={visit.result} held={measured.hold.state === 'held'} unsafe={unsafe} onSay={(result) => void change({ result })} />
      <Button
        label={visit.status === 'open' ? 'Close this visit' : 'Open this visit again'}
        onPress={() => void change({ status: visit.status === 'open' ? 'done' : 'open' })}
      />
      <Small>
        A helper at the head, hat and boots on. Pain, heat or swelling: stop, and call a veterinary surgeon first. The fitter decides.
      </Small>
    </YStack>
  );
}

interface ResultProps {
  readonly result: LoadedVisit['page']['visit']['result'];
  readonly held: boolean;
  /** The saddle of this visit, where it is noted as unsafe. */
  readonly unsafe: string | null;
  readonly onSay: (result: 'goodToRide' | 'notGoodToRide') => void;
}

/** What the fitter says at the end; "good to ride" can't be said while something sore holds the visit. */
function Result({ result, held, unsafe, onSay }: ResultProps) {
  const options = [
    ...(held || unsafe !== null ? [] : [{ value: 'goodToRide' as const, label: 'good to ride' }]),
    { value: 'notGoodToRide' as const, label: 'not good to ride' },
  ];
  return (
    <YStack gap="$xs">
      <Strong>Result of this visit</Strong>
      <Choice
        label="Result of this visit"
        value={(held || unsafe !== null) && result === 'goodToRide' ? '' : (result ?? '')}
        options={options}
        onChange={onSay}
      />
      {unsafe === null ? null : (
        <Banner tone="bad">{`${unsafe} is noted as unsafe: this visit can’t be called good to ride with it.`}</Banner>
      )}
      {held ? (
        <Banner tone="bad">
          Something sore holds this visit: it can’t be called good to ride until a named person clears it with a reason.
        </Banner>
      ) : null}
    </YStack>
  );
}
