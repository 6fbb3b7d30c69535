import { VISIT_PHRASES } from '../words/visit-phrases';
import {
  againstRiding,
  chosenSettingOf,
  measuredNeeds,
  rideResult,
  type RideResult,
  type RideWord,
  type TakenBack,
  RIDE_WORDS,
} from '@fulcra/core';
import { router } from 'expo-router';
import { XStack, YStack } from 'tamagui';
import { Banner } from '../ui/banner';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { Columns } from '../ui/columns';
import { LoadState } from '../ui/load-state';
import { Locked } from '../ui/locked';
import { Screen } from '../ui/screen';
import { Stepper } from '../ui/stepper';
import { Small, Strong } from '../ui/text';
import { PutAway } from '../bin';
import { BIN_PHRASES } from '../words/bin-phrases';
import { dayWords } from '../words/measure-words';
import { ClosedVisit } from './closed-visit';
import { StandForIt } from './stand-for-it';
import { RIDE_SAID_WORDS, caveatWords, takenBackWords } from '../words/ride-words';
import { nextStep } from './next-step';
import { OrdersBack } from './orders-back';
import { SaidWithout } from './said-without';
import { useRideQuestion } from './use-ride-question';
import { SchoolPicker } from './school-picker';
import { type LoadedVisit, useVisitPage } from './use-visit-page';
import { VisitBackline } from './visit-backline';
import { VisitNote } from './visit-note';
import { RiddenPart } from './ridden-part';
import { VisitSteps } from './visit-steps';

export function VisitScreen({ visitId }: { readonly visitId: string }) {
  const { loaded, problem } = useVisitPage(visitId);
  if (loaded === null) return <LoadState problem={problem} />;
  const { page } = loaded;
  const next = nextStep(loaded);
  return (
    <Screen
      title={page.horse.name}
      note={VISIT_PHRASES.visitOf(dayWords(page.visit.startedOn), page.visit.fitter)}
      onBack={() => router.navigate(`/horses/${page.horse.id}`)}
      top={<VisitBackline visitId={visitId} loaded={loaded} />}
      bottom={<Button grow kind="main" label={next.label} onPress={() => router.push(`/visits/${visitId}/${next.path}`)} />}
    >
      <ClosedVisit loaded={loaded} />
      <Columns shares={[3, 2]}>
        <VisitSteps loaded={loaded} visitId={visitId} />
        <Facts loaded={loaded} />
      </Columns>
    </Screen>
  );
}

function Facts({ loaded: { page, front, school, change, measured, note, closed } }: { readonly loaded: LoadedVisit }) {
  const { visit } = page;
  const wanted = school.front.stationMm;
  const question = useRideQuestion(page);
  const refused = againstRiding(question).some((r) => r.code === 'SETTING_REFUSED') ? (chosenSettingOf(page.facts)?.tried ?? null) : null;
  return (
    <YStack gap="$l">
      <Locked when={closed}>
        <SchoolPicker
          value={visit.schoolId}
          has={measuredNeeds(measured)}
          onChange={(next) => void change({ schoolId: next.id, ...(front.takes.length === 0 && { stationMm: next.front.stationMm }) })}
        />
        <YStack gap="$xs">
          <Small>{VISIT_PHRASES.frontSectionMm}</Small>
          <XStack>
            <Stepper
              label={VISIT_PHRASES.stationMm}
              unit="mm"
              value={visit.stationMm}
              step={5}
              decimals={0}
              onChange={(stationMm) => void change({ stationMm: Math.min(200, stationMm) })}
            />
          </XStack>
          {visit.stationMm === wanted ? null : <Banner tone="lookOut">{VISIT_PHRASES.thisSchoolReads(wanted, visit.stationMm)}</Banner>}
        </YStack>
        <VisitNote visitId={visit.id} value={visit.note} onSave={(note, from) => void change({ note }, { note: from })} />
        <Result
          ride={rideResult({ said: visit.result, ...question })}
          against={againstRiding(question)}
          onSay={(result) => void change({ result })}
        />
        <OrdersBack horseId={page.horse.id} visitId={visit.id} />
        <RiddenPart facts={page.facts} note={note} />
        {refused === null ? null : <StandForIt tried={refused} note={note} />}
        {question.done || question.saidWithout !== null ? null : <SaidWithout note={note} />}
      </Locked>
      {closed ? null : <Button label={VISIT_PHRASES.report} onPress={() => router.push(`/visits/${visit.id}/report`)} />}
      {closed ? null : <Button label={VISIT_PHRASES.closeThisVisit} onPress={() => void change({ status: 'done' })} />}
      <XStack>
        <PutAway
          thing={{ kind: 'visit', id: visit.id, name: BIN_PHRASES.visitOf(dayWords(visit.startedOn)) }}
          onGone={() => router.replace(`/horses/${page.horse.id}`)}
        />
      </XStack>
      <Small>{VISIT_PHRASES.aHelperAt}</Small>
    </YStack>
  );
}

interface ResultProps {
  readonly ride: RideResult;
  /** What would take "good to ride" back if it were said now. */
  readonly against: readonly TakenBack[];
  readonly onSay: (result: RideWord) => void;
}

/** What the fitter says at the end, and what of it stands: "good to ride" is taken back by what is found or noted later. */
function Result({ ride, against, onSay }: ResultProps) {
  const options = RIDE_WORDS.filter((word) => word !== 'goodToRide' || against.length === 0).map((value) => ({
    value,
    label: RIDE_SAID_WORDS[value].toLowerCase(),
  }));
  return (
    <YStack gap="$xs">
      <Strong>{VISIT_PHRASES.resultOfThis}</Strong>
      <Choice
        label={VISIT_PHRASES.resultOfThis}
        value={ride.takenBack.length > 0 ? '' : (ride.said ?? '')}
        options={options}
        onChange={onSay}
      />
      {ride.takenBack.length > 0 ? <Banner tone="bad">{VISIT_PHRASES.goodToRide}</Banner> : null}
      {ride.caveats.map((caveat) => (
        <Banner key={caveat.code} tone="lookOut">
          {caveatWords(caveat)}
        </Banner>
      ))}
      {against.map((reason) => (
        <Banner key={reason.code} tone="bad">
          {takenBackWords(reason)}
        </Banner>
      ))}
      {ride.overruled === null ? null : (
        <Banner tone="lookOut">{VISIT_PHRASES.aRefusedSetting(ride.overruled.by, ride.overruled.reason)}</Banner>
      )}
    </YStack>
  );
}
