import { VISIT_PHRASES } from '../words/visit-phrases';
import {
  LINE_STATIONS,
  SECTION_STATIONS,
  WHOLE_SECTIONS,
  type Station,
  isLine,
  chosenSettingOf,
  complaintsOf,
  factsOfKind,
  triedSettingsOf,
  type StepId,
  stepDone,
  stepSkipped,
} from '@fulcra/core';
import { router } from 'expo-router';
import { XStack, YStack } from 'tamagui';
import { TakesDrawing } from '../drawings/takes-drawing';
import { useMeasuredWidth } from '../drawings/use-measured-width';
import { MARK, type Tone } from '../ui/banner';
import { Button } from '../ui/button';
import { Body, Heading } from '../ui/text';
import { COMPLAINT_WORDS } from '../words/intake-words';
import { degWords, mmWords } from '../words/measure-words';
import { FAULT_WORDS } from '../words/shape-words';
import { STATION_WORDS } from '../words/station-words';
import { type LoadedVisit } from './use-visit-page';

export interface VisitStepsProps {
  readonly loaded: LoadedVisit;
  readonly visitId: string;
}

/** The whole visit as a list of steps in the order of the work; any of them can be opened at any time. */
export function VisitSteps({ loaded, visitId }: VisitStepsProps) {
  const { page, measured, front } = loaded;
  const open = (path: string) => () => router.push(`/visits/${visitId}/${path}`);
  const decided = page.decision;
  const noFront = front.consensus === null;
  return (
    <YStack>
      <Step name={VISIT_PHRASES.horseAndComplaint} said={intakeWords(loaded)} onPress={open('intake')} />
      <Step name={VISIT_PHRASES.feelTheBack} said={feelWords(loaded)} onPress={open('feel')} />
      <Step name={VISIT_PHRASES.readTheShape} said={shapeWords(loaded)} onPress={open('shape')} />
      <Step name={VISIT_PHRASES.landmarks} said={landmarkWords(loaded)} onPress={open('landmarks')} />
      <Tracings loaded={loaded} visitId={visitId} />
      <Step name={VISIT_PHRASES.theBackAs} said={backWords(measured)} onPress={open('back')} />
      <Step
        name={VISIT_PHRASES.whatFits}
        said={noFront ? ['plain', VISIT_PHRASES.waitsForA] : ['good', VISIT_PHRASES.theArchOn]}
        off={noFront}
        onPress={open('front')}
      />
      <Step name={VISIT_PHRASES.fitRoom} said={roomWords(loaded)} onPress={open('fit-room')} />
      <Step name={VISIT_PHRASES.riderAndLeathers} said={riderWords(loaded)} onPress={open('rider')} />
      <Step
        name={VISIT_PHRASES.decision}
        said={
          decided === null
            ? ['plain', VISIT_PHRASES.nothingDecidedYet]
            : ['good', VISIT_PHRASES.at100(degWords(decided.includedAngleDeg), mmWords(decided.spanAt100Mm), decided.reasons)]
        }
        off={noFront}
        onPress={open('front')}
      />
      <Step name={VISIT_PHRASES.templateAtFull} said={['plain', VISIT_PHRASES.onPaperWith]} off={noFront} onPress={open('template')} />
    </YStack>
  );
}

type Said = readonly [Tone, string];

const skippedOr = (loaded: LoadedVisit, step: StepId, words: string): Said =>
  stepSkipped(loaded, step) ? ['plain', VISIT_PHRASES.leftOutForNow] : ['plain', words];

function intakeWords(loaded: LoadedVisit): Said {
  if (!stepDone(loaded, 'intake')) return skippedOr(loaded, 'intake', VISIT_PHRASES.whatIsWrong);
  const complaints = complaintsOf(loaded.page.facts).map(({ complaint }) => COMPLAINT_WORDS[complaint]);
  return ['good', complaints.length === 0 ? VISIT_PHRASES.horseAsIt : complaints.join(', ')];
}

function feelWords(loaded: LoadedVisit): Said {
  const { feelings, hold } = loaded.measured;
  if (hold.state === 'held') return ['bad', VISIT_PHRASES.heldSomethingSore];
  if (feelings.length === 0) return skippedOr(loaded, 'feel', VISIT_PHRASES.beforeAnythingGoes);
  const found = feelings.filter((f) => f.reaction !== 'none' || f.signs.length > 0).length;
  return hold.state === 'cleared'
    ? ['lookOut', VISIT_PHRASES.clearedByA]
    : found > 0
      ? ['lookOut', VISIT_PHRASES.placesNoted(found)]
      : ['good', VISIT_PHRASES.nothingFound];
}

function shapeWords(loaded: LoadedVisit): Said {
  const { forecast, traits } = loaded.measured;
  if (traits.length === 0) return skippedOr(loaded, 'shape', VISIT_PHRASES.whatTheBuild);
  return forecast.length === 0 ? ['good', VISIT_PHRASES.nothingStandsOut] : ['lookOut', `${FAULT_WORDS[forecast[0]!.fault]}.`];
}

function landmarkWords(loaded: LoadedVisit): Said {
  const { lastRib, doubts } = loaded.measured.landmarks;
  if (!stepDone(loaded, 'landmarks')) return skippedOr(loaded, 'landmarks', VISIT_PHRASES.scapulaLastRib);
  return doubts.length > 0
    ? ['lookOut', VISIT_PHRASES.toLookAt(doubts.length)]
    : ['good', VISIT_PHRASES.scapulaToLast(mmWords(lastRib.atMm!))];
}

/** Two sections make a surface; only all of them and the topline make a back that is whole. */
function backWords({ sections, topline }: LoadedVisit['measured']): Said {
  const traced = WHOLE_SECTIONS.filter((s) => sections[s].consensus !== null).length;
  if (traced < 2) return ['plain', VISIT_PHRASES.waitsForTwo];
  if (traced < WHOLE_SECTIONS.length || topline.consensus === null)
    return ['lookOut', VISIT_PHRASES.asASurfaceOf(traced, WHOLE_SECTIONS.length, topline.consensus !== null)];
  return ['good', VISIT_PHRASES.asASurface];
}

function roomWords(loaded: LoadedVisit): Said {
  const tried = triedSettingsOf(loaded.page.facts);
  const chosen = chosenSettingOf(loaded.page.facts);
  if (chosen !== null) return ['good', VISIT_PHRASES.chosen(chosen.tried.saddleName, chosen.tried.widthLabel)];
  if (tried.length > 0) return ['lookOut', VISIT_PHRASES.triedNoneChosen(tried.length)];
  const sections = SECTION_STATIONS.filter((s) => loaded.measured.sections[s].consensus !== null).length;
  return ['plain', sections < 2 ? VISIT_PHRASES.waitsForTwo : VISIT_PHRASES.aSaddleSettles];
}

function riderWords({ page }: LoadedVisit): Said {
  const kept = factsOfKind(page.facts, 'leatherHoles').at(-1);
  if (kept === undefined) return ['plain', page.horse.riderIds.length === 0 ? VISIT_PHRASES.nobodyRides : VISIT_PHRASES.holesNotYet];
  return ['good', VISIT_PHRASES.holesKept(kept.lines.length, kept.lines[0]!.near, kept.lines[0]!.off)];
}

const PEG_TONE = { open: 'plain', doubtful: 'lookOut', measured: 'good' } as const;

function Tracings({ loaded, visitId }: VisitStepsProps) {
  const { sections, topline, withers } = loaded.measured;
  const { front } = loaded;
  const [width, onLayout] = useMeasuredWidth();
  const measurementOf = (s: Station) => (isLine(s) ? { topline, withers }[s] : sections[s]);
  return (
    <YStack borderTopWidth={1} borderColor="$rule" paddingVertical="$m" gap="$xs">
      <Heading>{VISIT_PHRASES.tracings}</Heading>
      <XStack flexWrap="wrap" role="group" aria-label={VISIT_PHRASES.tracings}>
        {[...SECTION_STATIONS, ...LINE_STATIONS].map((s) => {
          const { peg, takes } = measurementOf(s);
          const tone = PEG_TONE[peg];
          return (
            <Button
              key={s}
              kind="quiet"
              tight
              label={VISIT_PHRASES.traceTakes(STATION_WORDS[s].name, takes.length)}
              onPress={() => router.push(`/visits/${visitId}/trace/${s}`)}
            >
              <Body color={tone === 'plain' ? '$muted' : `$${tone}`} textDecorationLine="underline">
                {MARK[tone]} {STATION_WORDS[s].name}
                {takes.length > 0 ? ` ${takes.length}` : ''}
              </Body>
            </Button>
          );
        })}
      </XStack>
      <YStack onLayout={onLayout}>
        {width > 0 && front.takes.length > 0 ? (
          <TakesDrawing widthPx={width} heightPx={190} takes={front.takes} consensus={front.consensus} draft={null} />
        ) : null}
      </YStack>
    </YStack>
  );
}

interface StepProps {
  readonly name: string;
  readonly said: Said;
  readonly off?: boolean;
  readonly onPress: () => void;
}

function Step({ name, said: [tone, text], off = false, onPress }: StepProps) {
  return (
    <XStack borderTopWidth={1} borderColor="$rule" paddingVertical="$m" gap="$m" alignItems="center">
      <YStack flex={1} gap="$xs">
        <Heading>{name}</Heading>
        <Body color={tone === 'plain' ? '$muted' : `$${tone}`}>
          {MARK[tone]} {text}
        </Body>
      </YStack>
      <Button kind="quiet" label={VISIT_PHRASES.open(name)} off={off} onPress={onPress}>
        <Body fontWeight="700" color="$action">
          {VISIT_PHRASES.open2}
        </Body>
      </Button>
    </XStack>
  );
}
