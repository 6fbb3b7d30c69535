import { FRONT_PHRASES } from '../words/front-phrases';
import { type Saddle } from '@fulcra/contract';
import {
  type BodyInput,
  type FrontFit,
  type School,
  ARCH_SHAPES,
  bodyInputOf,
  describedOf,
  handOfVisit,
  measuredNeeds,
} from '@fulcra/core';
import { router } from 'expo-router';
import { useMemo, useState } from 'react';
import { XStack, YStack } from 'tamagui';
import { ArchDrawing } from '../drawings/arch-drawing';
import { useMeasuredWidth } from '../drawings/use-measured-width';
import { useSaddles, usePracticeSettings } from '../platform/use-views';
import { Banner, MARK } from '../ui/banner';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { Columns } from '../ui/columns';
import { EmptyState } from '../ui/empty-state';
import { LoadState } from '../ui/load-state';
import { Screen } from '../ui/screen';
import { Body, Small, Verdict } from '../ui/text';
import { useDraft } from '../platform/use-draft';
import { useWide } from '../ui/use-wide';
import { problemWords } from '../words/problem-words';
import { headlineWords, verdictSentence, TONE_OF } from '../words/verdict-words';
import { type FrontState, useFront } from '../engine/use-front';
import { DecideSheet } from './decide-sheet';
import { type FrontSetup, RECOMMENDED, type TriedFront, tryFront, FRONT_DRAFT } from './front-setup';
import { SaddlePicker } from './saddle-picker';
import { WhySheet } from './why-sheet';
import { WidthControl } from './width-control';
import { ClosedVisit, SchoolPicker, type LoadedVisit, useVisitPage, VisitBackline } from '../visit';

const SHAPES = ARCH_SHAPES.map((value) => ({ value, label: value }));

export function FrontScreen({ visitId }: { readonly visitId: string }) {
  const { loaded, problem } = useVisitPage(visitId);
  if (loaded === null) return <LoadState problem={problem} />;
  if (loaded.front.consensus === null) return <NothingToFit visitId={visitId} loaded={loaded} />;
  return <FitOnSection visitId={visitId} loaded={loaded} />;
}

function NothingToFit({ visitId, loaded }: { readonly visitId: string; readonly loaded: LoadedVisit }) {
  return (
    <Screen
      title={loaded.page.horse.name}
      note={FRONT_PHRASES.whatFits}
      onBack={() => router.navigate(`/visits/${visitId}`)}
      top={<VisitBackline visitId={visitId} loaded={loaded} />}
    >
      <EmptyState title={FRONT_PHRASES.noSectionTo} text={FRONT_PHRASES.takeTheFront}>
        <Button kind="main" label={FRONT_PHRASES.takeTheFrontSection} onPress={() => router.replace(`/visits/${visitId}/trace/front`)} />
      </EmptyState>
    </Screen>
  );
}

function FitOnSection({ visitId, loaded }: { readonly visitId: string; readonly loaded: LoadedVisit }) {
  const { page, front, measured } = loaded;
  const section = front.consensus!;
  const body = useMemo(() => bodyInputOf(measured, page.facts), [measured, page.facts]);
  const saddles = useSaddles().data ?? [];
  const fit = useFront<'frontFit'>({
    kind: 'frontFit',
    section,
    takes: front.accepted,
    hand: handOfVisit(measured, 'front'),
    school: loaded.school,
    takenAtMm: front.takenAtMm,
    body,
    stock: saddles.map(describedOf),
  });
  const answer = fit.state === 'done' ? fit.answer : null;
  return (
    <FitFrame visitId={visitId} loaded={loaded} body={body} saddles={saddles} answer={answer?.ok ? answer.value : null}>
      {fit.state === 'working' ? <Body role="status">{FRONT_PHRASES.layingEveryArch}</Body> : null}
      {fit.state === 'failed' ? <Banner tone="bad">{FRONT_PHRASES.theComputationStopped(fit.message)}</Banner> : null}
      {answer && !answer.ok
        ? answer.problems.map((p, i) => (
            <Banner key={i} tone="bad">
              {problemWords(p)}
            </Banner>
          ))
        : null}
    </FitFrame>
  );
}

interface FrameProps {
  readonly visitId: string;
  readonly loaded: LoadedVisit;
  readonly body: BodyInput;
  readonly saddles: readonly Saddle[];
  readonly answer: FrontFit | null;
  readonly children: React.ReactNode;
}

function FitFrame({ visitId, loaded, body, saddles, answer, children }: FrameProps) {
  const { page, front, school } = loaded;
  const [setup, setSetup] = useDraft(`fit-${visitId}`, FRONT_DRAFT, RECOMMENDED);
  const [sheet, setSheet] = useState<'why' | 'decide' | null>(null);
  const saddle = saddles.find((s) => s.id === setup.saddleId) ?? null;
  const recommended = answer?.recommendation.target ?? null;
  const sinks = useFront<'sinkOfWidths'>(saddle === null ? null : { kind: 'sinkOfWidths', saddle: describedOf(saddle), school, body });
  const settling = saddle !== null && sinks.state !== 'done';
  const tried =
    recommended === null || settling
      ? null
      : tryFront({
          ...{ section: front.consensus!, school, takenAtMm: front.takenAtMm, setup, saddle, recommended },
          ...(sinks.state === 'done' && sinks.answer !== null && { sinks: sinks.answer }),
        });
  const close = () => setSheet(null);
  const shown = tried === null || answer === null ? null : { loaded, tried, answer, school, saddle, saddles, setup, setSetup };
  return (
    <Screen
      title={page.horse.name}
      note={FRONT_PHRASES.theArchOn}
      onBack={() => router.navigate(`/visits/${visitId}`)}
      top={<VisitBackline visitId={visitId} loaded={loaded} at="front" />}
      bottom={
        tried === null ? undefined : (
          <>
            <Button label={FRONT_PHRASES.why} onPress={() => setSheet('why')} />
            <Button grow kind="main" off={loaded.closed} label={FRONT_PHRASES.keepThisWidth} onPress={() => setSheet('decide')} />
          </>
        )
      }
    >
      <ClosedVisit loaded={loaded} />
      {children}
      {settling && answer !== null ? <Settling name={saddle.name} state={sinks} /> : null}
      {shown === null ? null : (
        <>
          <ArchAndVerdict {...shown} />
          <WhySheet {...shown} open={sheet === 'why'} onClose={close} isRecommended={isRecommended(setup)} />
          <DecideSheet {...shown} open={sheet === 'decide'} onClose={close} visitId={visitId} />
        </>
      )}
    </Screen>
  );
}

/** The chosen saddle is being settled on the back, or could not be. */
const Settling = ({ name, state }: { readonly name: string; readonly state: FrontState<unknown> }) =>
  state.state === 'failed' ? (
    <Banner tone="bad">{FRONT_PHRASES.theComputationStopped(state.message)}</Banner>
  ) : (
    <Body role="status">{FRONT_PHRASES.settling(name)}</Body>
  );

const isRecommended = (setup: FrontSetup): boolean => setup.saddleId === null && setup.includedAngleDeg === null && setup.shape === null;

interface ShownFront {
  readonly loaded: LoadedVisit;
  readonly tried: TriedFront;
  readonly answer: FrontFit;
  readonly school: School;
  readonly saddle: Saddle | null;
  readonly saddles: readonly Saddle[];
  readonly setup: FrontSetup;
  readonly setSetup: (setup: FrontSetup) => void;
}

/** The drawing, what it means, and what can be turned. */
function ArchAndVerdict({ loaded, tried, answer, school, saddle, saddles, setup, setSetup }: ShownFront) {
  const { front, change, measured } = loaded;
  const overDeg = school.front.widthsOver * school.front.widthStepDeg;
  return (
    <Columns shares={[3, 2]}>
      <Drawing tried={tried} section={front.consensus!} />
      <YStack gap="$m">
        <VerdictBlock tried={tried} provisional={front.peg !== 'measured'} />
        <WidthControl tried={tried} setup={setup} saddle={saddle} onChange={setSetup} />
        {saddle === null ? (
          <Choice
            label={FRONT_PHRASES.archShape}
            value={tried.arch.shape}
            options={SHAPES}
            onChange={(shape) => setSetup({ ...setup, shape, includedAngleDeg: angleForShape(answer, shape, overDeg) })}
          />
        ) : null}
        <SaddlePicker loaded={loaded} saddles={saddles} setup={setup} onChange={setSetup} />
        <SchoolPicker value={school.id} has={measuredNeeds(measured)} onChange={({ id }) => void change({ schoolId: id })} />
        <Small>{FRONT_PHRASES.frontAlone}</Small>
      </YStack>
    </Columns>
  );
}

const angleForShape = (answer: FrontFit, shape: (typeof ARCH_SHAPES)[number], overDeg: number): number | null => {
  const even = answer.recommendation.byShape.find((s) => s.laid.arch.shape === shape);
  return even === undefined ? null : even.laid.arch.includedAngleDeg + overDeg;
};

function Drawing({ tried, section }: { readonly tried: TriedFront; readonly section: NonNullable<LoadedVisit['front']['consensus']> }) {
  const [width, onLayout] = useMeasuredWidth();
  const { fingerMm } = usePracticeSettings();
  const wide = useWide();
  return (
    <YStack onLayout={onLayout} marginHorizontal={wide ? 0 : -16}>
      {width > 0 ? (
        <ArchDrawing
          fingerMm={fingerMm}
          widthPx={width}
          heightPx={wide ? 470 : 264}
          section={section}
          laid={tried.chosen.laid}
          narrower={tried.narrower?.laid ?? null}
          wider={tried.wider?.laid ?? null}
        />
      ) : null}
    </YStack>
  );
}

function VerdictBlock({ tried, provisional }: { readonly tried: TriedFront; readonly provisional: boolean }) {
  const { verdict } = tried.chosen;
  const { fingerMm } = usePracticeSettings();
  const tone = TONE_OF[verdict.severity];
  return (
    <YStack gap="$xs" role="status" aria-live="polite">
      <XStack gap="$s" alignItems="baseline">
        <Verdict color={tone === 'plain' ? '$ink' : `$${tone}`} aria-hidden>
          {MARK[tone]}
        </Verdict>
        <Verdict flex={1}>{headlineWords(verdict)}</Verdict>
      </XStack>
      <Body>{verdictSentence(verdict, fingerMm)}</Body>
      <Small>{neighbourWords(tried)}</Small>
      {provisional ? <Banner tone="lookOut">{FRONT_PHRASES.fromASingle}</Banner> : null}
    </YStack>
  );
}

/** A width is only known against the next one. */
function neighbourWords({ narrower, wider }: TriedFront): string {
  const told = (judged: TriedFront['narrower'], name: string): string =>
    judged === null
      ? FRONT_PHRASES.thereIsNothing(name)
      : FRONT_PHRASES.nextMmOver(
          name,
          Math.round(judged.laid.arch.includedAngleDeg),
          headlineWords(judged.verdict).replace(/\.$/, '').toLowerCase(),
          Math.round(judged.laid.loadedMm),
        );
  return `${told(narrower, 'narrower')} ${told(wider, 'wider')}`;
}
