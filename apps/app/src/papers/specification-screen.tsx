import { PAPERS_PHRASES } from '../words/papers-phrases';
import { PAPER_CAUTION } from '../words/paper-caution';
import { useSchools } from '../platform/use-schools';
import { CRITERIA, RETIRED_CRITERIA, isRetired, type Sitting } from '@fulcra/core';
import { router } from 'expo-router';
import { useMemo } from 'react';
import { XStack, YStack } from 'tamagui';
import { useSaddles } from '../platform/use-views';
import { Banner } from '../ui/banner';
import { Button } from '../ui/button';
import { EmptyState } from '../ui/empty-state';
import { LoadState } from '../ui/load-state';
import { PrintStyle } from '../ui/print-style';
import { Screen } from '../ui/screen';
import { Body, Heading, Name, Small, Strong } from '../ui/text';
import { TACK_STATE_WORDS } from '../words/tack-words';
import { sitNumber } from '../words/sit-number';
import { dayWords } from '../words/measure-words';
import { criterionName } from '../words/criterion-words';
import { useOrderOf } from './use-order-of';
import { type Line, specificationLines } from './specification-lines';
import { useVisitPage, type LoadedVisit } from '../visit';
import { type Choice, choiceOf, useChosenSitting, ThumbMap } from '../fit-room';
import { ShimDrawing } from '../drawings/shim-drawing';
import { shimsPut } from '../words/shim-words';
import { HeldBanner, useTackThing } from '../tack';

/** What the workshop or the maker is told: neutral measures first, the maker's own labels where they are known. */
export function SpecificationScreen({ visitId }: { readonly visitId: string }) {
  const { loaded, problem } = useVisitPage(visitId);
  const saddles = useSaddles();
  if (loaded === null) return <LoadState problem={problem} />;
  if (saddles.data === null) return <LoadState problem={saddles.problem} />;
  const choice = choiceOf(loaded, saddles.data);
  const back = () => router.navigate(`/visits/${visitId}/fit-room`);
  if (choice === null) {
    return (
      <Screen title={loaded.page.horse.name} note={PAPERS_PHRASES.specification} onBack={back}>
        <EmptyState title={PAPERS_PHRASES.nothingChosenYet} text={PAPERS_PHRASES.keepWhatYou}>
          <Button kind="main" label={PAPERS_PHRASES.toTheFit} onPress={back} />
        </EmptyState>
      </Screen>
    );
  }
  return <Specification visitId={visitId} loaded={loaded} choice={choice} />;
}

interface SpecificationProps {
  readonly visitId: string;
  readonly loaded: LoadedVisit;
  readonly choice: Choice;
}

function Specification({ visitId, loaded, choice }: SpecificationProps) {
  const { tried, saddle } = choice;
  const { page } = loaded;
  const lines = useMemo(() => specificationLines(saddle, tried), [saddle, tried]);
  const sits = useChosenSitting(loaded, choice);
  const order = useOrderOf(loaded, choice, lines);
  return (
    <Screen
      narrow
      title={page.horse.name}
      note={PAPERS_PHRASES.specification2(dayWords(page.visit.startedOn))}
      onBack={() => router.navigate(`/visits/${visitId}/fit-room`)}
      bottom={
        <>
          <Button label={PAPERS_PHRASES.order} onPress={() => void order()} />
          <Button label={PAPERS_PHRASES.templates} onPress={() => router.push(`/visits/${visitId}/template?of=chosen`)} />
          <Button grow kind="main" label={PAPERS_PHRASES.print} onPress={() => window.print()} />
        </>
      }
    >
      <PrintStyle />
      <Cautions held={loaded.measured.hold.state === 'held'} choice={choice} />
      <WhichSaddle choice={choice} />
      <Part title={PAPERS_PHRASES.toMakeOr} lines={lines.make} />
      <Part title={PAPERS_PHRASES.toChangeFrom} lines={lines.change} empty={PAPERS_PHRASES.nothingItHangs} />
      <Part title={PAPERS_PHRASES.onTheHorse} lines={lines.horse} />
      {shimsPut(tried.setup.shims).length === 0 ? null : <ShimDrawing shims={tried.setup.shims} />}
      {sits === null ? null : <Part title={PAPERS_PHRASES.howItThen} lines={sittingLines(sits)} />}
      <Part title={PAPERS_PHRASES.whatStillMisses} lines={missedLines(tried.missed)} empty={PAPERS_PHRASES.nothingOfThis} />
      <Small>{PAPERS_PHRASES.templatesAtFull}</Small>
      <Small>{PAPER_CAUTION}</Small>
    </Screen>
  );
}

/** What whoever makes it has to know first. */
function Cautions({ held, choice: { tried, saddle } }: { readonly held: boolean; readonly choice: Choice }) {
  const state = useTackThing(saddle.id)?.shown ?? 'notChecked';
  const refusing = tried.missed.filter((m) => m.stops).map((m) => criterionName(m.id).toLowerCase());
  return (
    <>
      {held ? <Banner tone="bad">{PAPERS_PHRASES.somethingSoreHolds}</Banner> : null}
      <HeldBanner id={saddle.id} />
      {refusing.length > 0 ? <Banner tone="bad">{PAPERS_PHRASES.thisSettingWas(refusing.join(', '))}</Banner> : null}
      {state === 'notChecked' ? <Banner tone="lookOut">{PAPERS_PHRASES.thisSaddleHas}</Banner> : null}
    </>
  );
}

function WhichSaddle({ choice: { tried, saddle } }: { readonly choice: Choice }) {
  const schools = useSchools();
  const state = useTackThing(saddle.id)?.shown ?? 'notChecked';
  return (
    <XStack gap="$m" alignItems="flex-start">
      <ThumbMap tried={tried} />
      <YStack flex={1}>
        <Name>{saddle.name}</Name>
        <Small>
          {saddle.maker}; {saddle.whereabouts || PAPERS_PHRASES.placeNotNoted}; {TACK_STATE_WORDS[state]}
        </Small>
        <Small>{PAPERS_PHRASES.chosenByUnder(tried.hand, schools.nameOf(tried.schoolId), tried.schoolVersion, tried.coreVersion)}</Small>
      </YStack>
    </XStack>
  );
}

const sittingLines = ({ withers, measures, drift }: Sitting): Line[] => [
  [PAPERS_PHRASES.overTheWithers, withers.overMm === null ? PAPERS_PHRASES.notMeasured : PAPERS_PHRASES.mm2(withers.overMm.toFixed(0))],
  [PAPERS_PHRASES.frontMiddleRearThird, measures.thirds.map((t) => `${Math.round(100 * t)} %`).join(', ')],
  [PAPERS_PHRASES.meanAndPeak, PAPERS_PHRASES.andKPaScreening(measures.meanKPa.toFixed(1), measures.peakKPa.toFixed(1))],
  [PAPERS_PHRASES.drift, PAPERS_PHRASES.alongAcross(drift.along.toFixed(2), drift.across.toFixed(2))],
];

const missedLines = (missed: Choice['tried']['missed']): Line[] =>
  missed.map((m) => [
    criterionName(m.id),
    `${m.value === null ? '' : sitNumber(m.id, isRetired(m.id) ? RETIRED_CRITERIA[m.id] : CRITERIA[m.id].unit, m.value)}${m.stops ? PAPERS_PHRASES.refusesIt : ''}`,
  ]);

function Part({ title, lines, empty }: { readonly title: string; readonly lines: readonly Line[]; readonly empty?: string }) {
  return (
    <YStack>
      <Heading>{title}</Heading>
      {lines.length === 0 && empty !== undefined ? <Body>{empty}</Body> : null}
      {lines.map(([name, value]) => (
        <XStack key={name} borderTopWidth={1} borderColor="$rule" paddingVertical="$s" gap="$m">
          <Body flex={1} color="$muted">
            {name}
          </Body>
          <Strong flex={1}>{value}</Strong>
        </XStack>
      ))}
    </YStack>
  );
}
