import { FIT_ROOM_PHRASES } from '../../words/fit-room-phrases';
import {
  type Assessed,
  type BodyInput,
  type DescribedSaddle,
  type FoundBeside,
  type SaddleSetup,
  configurationCount,
  type SitAsked,
} from '@fulcra/core';
import { useEffect } from 'react';
import { XStack, YStack } from 'tamagui';
import { MARK } from '../../ui/banner';
import { Button } from '../../ui/button';
import { Sheet } from '../../ui/sheet';
import { Body, Heading, Small, Strong } from '../../ui/text';
import { comparedWords } from '../../words/compared-words';
import { problemWords } from '../../words/problem-words';
import { changedLines } from '../../words/remedy-words';
import { AXIS_WORDS, setupLine, strapsWords } from '../../words/setup-words';
import { sitHeadline, verdictTone } from '../../words/sit-words';
import { useSitAnswer } from '../../engine/use-sitting';
import { WeighedLine } from '../views/weighed-line';
import { type SitRunner } from '../../engine/sit-runner';
import { useSitJob } from '../../engine/use-sit-job';

export const SEARCH_KINDS = ['best', 'shims', 'flock'] as const;
export type SearchKind = (typeof SEARCH_KINDS)[number];

/** No more of what was tried is listed. */
const MOST_TOLD = 8;

export interface SearchSheetProps {
  readonly kind: SearchKind | null;
  readonly onClose: () => void;
  readonly asked: SitAsked;
  readonly input: BodyInput;
  readonly runner: SitRunner;
  readonly onTake: (setup: SaddleSetup) => void;
}

const TITLES: Readonly<Record<SearchKind, string>> = {
  best: FIT_ROOM_PHRASES.findTheBestOf,
  shims: FIT_ROOM_PHRASES.whichShims,
  flock: FIT_ROOM_PHRASES.evenTheFilling,
};
/** What is found is held against this. */
const NOTHING: Readonly<Record<SearchKind, string>> = {
  best: FIT_ROOM_PHRASES.asItStandsNow,
  shims: FIT_ROOM_PHRASES.withoutShims,
  flock: FIT_ROOM_PHRASES.asItIsFilled,
};

/** A search that shows how far it is and can be stopped; then what it found, its neighbours, and what was tried. */
export function SearchSheet({ kind, onClose, ...rest }: SearchSheetProps) {
  return (
    <Sheet title={kind === null ? FIT_ROOM_PHRASES.search : TITLES[kind]} open={kind !== null} onClose={onClose}>
      {kind === null ? null : (
        <>
          <WeighedLine school={rest.asked.school} />
          <Search key={kind} kind={kind} {...rest} />
        </>
      )}
    </Sheet>
  );
}

function Search({ kind, asked, input, runner, onTake }: Omit<SearchSheetProps, 'kind' | 'onClose'> & { readonly kind: SearchKind }) {
  const { job, start, stop } = useSitJob(kind, input);
  useEffect(() => start(asked), [start]); // eslint-disable-line react-hooks/exhaustive-deps -- asked once, as it stood when the sheet was opened
  const { saddle } = asked;
  if (job.state === 'failed') return <Body>{FIT_ROOM_PHRASES.theSearchStopped(job.message)}</Body>;
  if (job.state === 'stopped' || job.state === 'idle') {
    return (
      <>
        <Body>{FIT_ROOM_PHRASES.stoppedWhatStands}</Body>
        <Button label={FIT_ROOM_PHRASES.searchAgain} onPress={() => start(asked)} />
      </>
    );
  }
  if (job.state === 'running') {
    const { progress } = job;
    return (
      <YStack gap="$m">
        <Body role="status">
          {progress === null
            ? FIT_ROOM_PHRASES.beginningInThe
            : FIT_ROOM_PHRASES.triedBestSo(
                progress.tried,
                kind === 'best' ? FIT_ROOM_PHRASES.ofThatCan(configurationCount(saddle)) : '',
                progress.best.score.toFixed(0),
              )}
        </Body>
        <Button label={FIT_ROOM_PHRASES.stop} onPress={stop} />
      </YStack>
    );
  }
  if (!job.answer.ok) return job.answer.problems.map((p, i) => <Body key={i}>{problemWords(p)}</Body>);
  return <Result kind={kind} answer={job.answer.value} asked={asked} runner={runner} onTake={onTake} />;
}

interface ResultProps extends Pick<SearchSheetProps, 'asked' | 'runner' | 'onTake'> {
  readonly kind: SearchKind;
  readonly answer: FoundBeside;
}

/** What was found, beside nothing done; its neighbours; what was tried. */
function Result({ kind, answer, asked, runner, onTake }: ResultProps) {
  const { saddle } = asked;
  const { found, nothing, compared } = answer;
  const { best, tried, neighbours } = found;
  const same = nothing !== null && isSame(nothing, best);
  return (
    <YStack gap="$m">
      {same ? (
        <Body>{kind === 'flock' ? FIT_ROOM_PHRASES.noFillingBetter : FIT_ROOM_PHRASES.nothingBetter}</Body>
      ) : (
        <Found saddle={saddle} assessed={best} onTake={onTake} main />
      )}
      {nothing === null ? null : (
        <YStack>
          <Heading>{NOTHING[kind]}</Heading>
          {same || compared === null ? null : <Body>{FIT_ROOM_PHRASES.foundAgainst(comparedWords(compared))}</Body>}
          {same ? null : changedLines(nothing.resting, best.resting).map((line) => <Small key={line}>{line}</Small>)}
          <Found saddle={saddle} assessed={nothing} onTake={onTake} />
        </YStack>
      )}
      <Body>
        {FIT_ROOM_PHRASES.triedInThree(
          tried.length,
          neighbours
            .map(({ axis, direction, assessed }) =>
              FIT_ROOM_PHRASES.one(
                AXIS_WORDS[axis].toLowerCase(),
                direction > 0 ? 'up' : 'down',
                assessed.stops.length > best.stops.length ? 'refused' : gainWords(assessed.score - best.score),
              ),
            )
            .join('; '),
        )}
      </Body>
      {kind === 'best' ? <Straps asked={{ ...asked, setup: best.setup }} runner={runner} onTake={onTake} /> : null}
      <Heading>{FIT_ROOM_PHRASES.whatWasTried}</Heading>
      {tried
        .filter((a) => !isSame(a, best))
        .slice(0, MOST_TOLD)
        .map((a) => (
          <Found key={JSON.stringify(a.setup)} saddle={saddle} assessed={a} onTake={onTake} />
        ))}
    </YStack>
  );
}

const isSame = (a: Assessed, b: Assessed): boolean => JSON.stringify(a.setup) === JSON.stringify(b.setup);

interface FoundProps {
  readonly saddle: DescribedSaddle;
  readonly assessed: Assessed;
  readonly onTake: (setup: SaddleSetup) => void;
  readonly main?: boolean;
}

function Found({ saddle, assessed, onTake, main = false }: FoundProps) {
  const tone = verdictTone(assessed.resting);
  return (
    <YStack borderTopWidth={1} borderColor="$rule" paddingTop="$s" gap="$xs">
      <Strong>{setupLine(saddle, assessed.setup)}</Strong>
      <Small>{FIT_ROOM_PHRASES.score2(MARK[tone], sitHeadline(assessed.resting), assessed.standing.toFixed(0))}</Small>
      <XStack>
        <Button
          kind={main ? 'main' : 'quiet'}
          label={main ? FIT_ROOM_PHRASES.putThisOn : FIT_ROOM_PHRASES.putItOn}
          onPress={() => onTake(assessed.setup)}
        />
      </XStack>
    </YStack>
  );
}

/** Every legal pair of straps with what it does to the drift. */
function Straps({
  asked,
  runner,
  onTake,
}: {
  readonly asked: SitAsked;
  readonly runner: SitRunner;
  readonly onTake: (setup: SaddleSetup) => void;
}) {
  const { answered } = useSitAnswer(runner, 'straps', asked);
  if (answered === null || !answered.ok || answered.answer.length === 0) return null;
  return (
    <YStack gap="$xs">
      <Heading>{FIT_ROOM_PHRASES.straps}</Heading>
      {answered.answer.map((choice) => (
        <XStack key={choice.straps.join()} alignItems="center" gap="$s">
          <Body flex={1}>
            {FIT_ROOM_PHRASES.driftLeanN(
              strapsWords(choice.straps),
              choice.driftAlong.toFixed(2),
              choice.leanDeg.toFixed(0),
              choice.pullAlongN.toFixed(0),
              choice.usesPoint ? FIT_ROOM_PHRASES.loadsTheTree : '',
            )}
          </Body>
          <Button
            kind="quiet"
            label={FIT_ROOM_PHRASES.buckle(strapsWords(choice.straps))}
            onPress={() => onTake({ ...asked.setup, straps: choice.straps })}
          >
            <Body fontWeight="700" color="$action">
              {FIT_ROOM_PHRASES.take}
            </Body>
          </Button>
        </XStack>
      ))}
    </YStack>
  );
}

const gainWords = (by: number): string =>
  Math.abs(by) < 0.05 ? FIT_ROOM_PHRASES.theSame : `${Math.abs(by).toFixed(1)} ${by > 0 ? 'better' : 'worse'}`;
