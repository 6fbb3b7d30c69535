import {
  LINE_STATIONS,
  SECTION_STATIONS,
  type Station,
  isLine,
  chosenSettingOf,
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
      <Step name="Horse and complaint" said={intakeWords(loaded)} onPress={open('intake')} />
      <Step name="Feel the back" said={feelWords(loaded)} onPress={open('feel')} />
      <Step name="Read the shape" said={shapeWords(loaded)} onPress={open('shape')} />
      <Step name="Landmarks" said={landmarkWords(loaded)} onPress={open('landmarks')} />
      <Tracings loaded={loaded} visitId={visitId} />
      <Step
        name="The back as a whole"
        said={
          measured.sections.front.consensus === null
            ? ['plain', 'Waits for two sections.']
            : ['good', 'As a surface, from every side; and how it changed.']
        }
        onPress={open('back')}
      />
      <Step
        name="What fits"
        said={noFront ? ['plain', 'Waits for a front section.'] : ['good', 'The arch on the section, and its neighbours.']}
        off={noFront}
        onPress={open('front')}
      />
      <Step name="Fit room" said={roomWords(loaded)} onPress={open('fit-room')} />
      <Step
        name="Decision"
        said={
          decided === null
            ? ['plain', 'Nothing decided yet.']
            : ['good', `${degWords(decided.includedAngleDeg)}, ${mmWords(decided.spanAt100Mm)} at 100. ${decided.reasons}`]
        }
        off={noFront}
        onPress={open('front')}
      />
      <Step
        name="Template at full scale"
        said={['plain', 'On paper, with a bar that proves it.']}
        off={noFront}
        onPress={open('template')}
      />
    </YStack>
  );
}

type Said = readonly [Tone, string];

const skippedOr = (loaded: LoadedVisit, step: StepId, words: string): Said =>
  stepSkipped(loaded, step) ? ['plain', 'Left out for now.'] : ['plain', words];

function intakeWords(loaded: LoadedVisit): Said {
  if (!stepDone(loaded, 'intake')) return skippedOr(loaded, 'intake', 'What is wrong, and the horse today.');
  const complaints = loaded.page.facts.flatMap((f) =>
    !f.withdrawn && f.body.kind === 'complaint' ? [COMPLAINT_WORDS[f.body.complaint]] : [],
  );
  return ['good', complaints.length === 0 ? 'Horse as it is today; no complaint.' : [...new Set(complaints)].join(', ')];
}

function feelWords(loaded: LoadedVisit): Said {
  const { feelings, hold } = loaded.measured;
  if (hold.state === 'held') return ['bad', 'Held: something sore was found.'];
  if (feelings.length === 0) return skippedOr(loaded, 'feel', 'Before anything goes on.');
  const found = feelings.filter((f) => f.reaction !== 'none' || f.signs.length > 0).length;
  return hold.state === 'cleared'
    ? ['lookOut', 'Cleared by a named person.']
    : found > 0
      ? ['lookOut', `${found} places noted.`]
      : ['good', 'Nothing found.'];
}

function shapeWords(loaded: LoadedVisit): Said {
  const { forecast, traits } = loaded.measured;
  if (traits.length === 0) return skippedOr(loaded, 'shape', 'What the build will do to a saddle.');
  return forecast.length === 0 ? ['good', 'Nothing stands out.'] : ['lookOut', `${FAULT_WORDS[forecast[0]!.fault]}.`];
}

function landmarkWords(loaded: LoadedVisit): Said {
  const { lastRib, doubts } = loaded.measured.landmarks;
  if (!stepDone(loaded, 'landmarks')) return skippedOr(loaded, 'landmarks', 'Scapula, last rib, low point and the rest.');
  return doubts.length > 0 ? ['lookOut', `${doubts.length} to look at again.`] : ['good', `Scapula to last rib ${mmWords(lastRib.atMm!)}.`];
}

function roomWords(loaded: LoadedVisit): Said {
  const tried = triedSettingsOf(loaded.page.facts);
  const chosen = chosenSettingOf(loaded.page.facts);
  if (chosen !== null) return ['good', `Chosen: ${chosen.tried.saddleName} “${chosen.tried.widthLabel}”.`];
  if (tried.length > 0) return ['lookOut', `${tried.length} tried; none chosen yet.`];
  const sections = SECTION_STATIONS.filter((s) => loaded.measured.sections[s].consensus !== null).length;
  return ['plain', sections < 2 ? 'Waits for two sections.' : 'A saddle settles on this back.'];
}

const PEG_TONE = { open: 'plain', doubtful: 'lookOut', measured: 'good' } as const;

function Tracings({ loaded, visitId }: VisitStepsProps) {
  const { sections, topline, withers } = loaded.measured;
  const { front } = loaded;
  const [width, onLayout] = useMeasuredWidth();
  const measurementOf = (s: Station) => (isLine(s) ? { topline, withers }[s] : sections[s]);
  return (
    <YStack borderTopWidth={1} borderColor="$rule" paddingVertical="$m" gap="$xs">
      <Heading>Tracings</Heading>
      <XStack flexWrap="wrap" role="group" aria-label="Tracings">
        {[...SECTION_STATIONS, ...LINE_STATIONS].map((s) => {
          const { peg, takes } = measurementOf(s);
          const tone = PEG_TONE[peg];
          return (
            <Button
              key={s}
              kind="quiet"
              tight
              label={`Trace: ${STATION_WORDS[s].name}, ${takes.length} takes`}
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
      <Button kind="quiet" label={`Open: ${name}`} off={off} onPress={onPress}>
        <Body fontWeight="700" color="$action">
          Open
        </Body>
      </Button>
    </XStack>
  );
}
