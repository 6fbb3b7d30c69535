import { CRITERIA, type Sitting, schoolById } from '@fulcra/core';
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
import { STATE_WORDS } from '../words/setup-words';
import { sitNumber } from '../words/sit-number';
import { SIT_WORDS } from '../words/criterion-words';
import { type Line, specificationLines } from './specification-lines';
import { useVisitPage, type LoadedVisit } from '../visit';
import { type Choice, choiceOf, useChosenSitting, ThumbMap } from '../fit-room';

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
      <Screen title={loaded.page.horse.name} note="Specification" onBack={back}>
        <EmptyState
          title="Nothing chosen yet."
          text="Keep what you try in the fit room, then choose one of them; its specification is written here."
        >
          <Button kind="main" label="To the fit room" onPress={back} />
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
  return (
    <Screen
      narrow
      title={page.horse.name}
      note={`Specification, ${page.visit.startedOn}`}
      onBack={() => router.navigate(`/visits/${visitId}/fit-room`)}
      bottom={
        <>
          <Button label="Templates" onPress={() => router.push(`/visits/${visitId}/template?of=chosen`)} />
          <Button grow kind="main" label="Print" onPress={() => window.print()} />
        </>
      }
    >
      <PrintStyle />
      <Cautions held={loaded.measured.hold.state === 'held'} choice={choice} />
      <WhichSaddle choice={choice} />
      <Part title="To make or to set" lines={lines.make} />
      <Part title="To change from how it is now" lines={lines.change} empty="Nothing: it hangs in the stock as it should be." />
      <Part title="On the horse" lines={lines.horse} />
      {sits === null ? null : <Part title="How it then sits" lines={sittingLines(sits)} />}
      <Part title="What still misses" lines={missedLines(tried.missed)} empty="Nothing of this school’s list." />
      <Small>
        Templates at full scale, with a bar that proves it, are attached under “Templates”. A qualified fitter signs the fit; the maker’s
        own instructions win.
      </Small>
    </Screen>
  );
}

/** What whoever makes it has to know first. */
function Cautions({ held, choice: { tried, saddle } }: { readonly held: boolean; readonly choice: Choice }) {
  const refusing = tried.missed.filter((m) => m.stops).map((m) => SIT_WORDS[m.id].name.toLowerCase());
  return (
    <>
      {held ? (
        <Banner tone="bad">
          Something sore holds this visit. Nothing made from this sheet is good to ride before a named person clears it.
        </Banner>
      ) : null}
      {saddle.state === 'unsafe' ? (
        <Banner tone="bad">This saddle is noted as unsafe: do not ride in it until it is mended and checked.</Banner>
      ) : null}
      {refusing.length > 0 ? (
        <Banner tone="bad">{`This setting was refused for ${refusing.join(', ')}. It is written down because it was chosen; the fitter decides and answers for it.`}</Banner>
      ) : null}
      {saddle.state === 'notChecked' ? <Banner tone="lookOut">This saddle has not been checked for safety.</Banner> : null}
    </>
  );
}

function WhichSaddle({ choice: { tried, saddle } }: { readonly choice: Choice }) {
  return (
    <XStack gap="$m" alignItems="flex-start">
      <ThumbMap tried={tried} />
      <YStack flex={1}>
        <Name>{saddle.name}</Name>
        <Small>
          {saddle.maker}; {saddle.whereabouts || 'place not noted'}; {STATE_WORDS[saddle.state]}
        </Small>
        <Small>
          Chosen by {tried.hand} under {schoolById(tried.schoolId).name}, version {tried.schoolVersion}; core {tried.coreVersion}.
        </Small>
      </YStack>
    </XStack>
  );
}

const sittingLines = ({ withers, measures, drift }: Sitting): Line[] => [
  ['Over the withers, loaded', withers.overMm === null ? 'not measured' : `${withers.overMm.toFixed(0)} mm`],
  ['Front, middle, rear third', measures.thirds.map((t) => `${Math.round(100 * t)} %`).join(', ')],
  ['Mean and peak pressure', `${measures.meanKPa.toFixed(1)} and ${measures.peakKPa.toFixed(1)} kPa (screening)`],
  ['Drift', `${drift.along.toFixed(2)} along, ${drift.across.toFixed(2)} across`],
];

const missedLines = (missed: Choice['tried']['missed']): Line[] =>
  missed.map((m) => [
    SIT_WORDS[m.id].name,
    `${m.value === null ? '' : sitNumber(m.id, CRITERIA[m.id].unit, m.value)}${m.stops ? ', refuses it' : ''}`,
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
