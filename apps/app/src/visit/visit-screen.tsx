import { schoolById } from '@fulcra/core';
import { router } from 'expo-router';
import { useEffect, useRef, useState } from 'react';
import { XStack, YStack } from 'tamagui';
import { TakesDrawing } from '../drawings/takes-drawing';
import { useMeasuredWidth } from '../drawings/use-measured-width';
import { Banner, MARK, type Tone } from '../ui/banner';
import { Button } from '../ui/button';
import { Columns } from '../ui/columns';
import { Field } from '../ui/field';
import { LoadState } from '../ui/load-state';
import { Screen } from '../ui/screen';
import { Stepper } from '../ui/stepper';
import { Body, Heading, Small } from '../ui/text';
import { agreementWords } from '../words/agreement-words';
import { dayWords, degWords, mmWords } from '../words/measure-words';
import { SchoolPicker } from './school-picker';
import { type LoadedVisit, useVisitPage } from './use-visit-page';
import { VisitBackline } from './visit-backline';

export function VisitScreen({ visitId }: { readonly visitId: string }) {
  const { loaded, problem } = useVisitPage(visitId);
  if (loaded === null) return <LoadState problem={problem} />;
  const { page, front } = loaded;
  const next = nextStep(loaded);
  return (
    <Screen
      title={page.horse.name}
      note={`Visit of ${dayWords(page.visit.startedOn)}, ${page.visit.fitter}`}
      onBack={() => router.navigate(`/horses/${page.horse.id}`)}
      top={<VisitBackline visitId={visitId} front={front} />}
      bottom={<Button grow kind="main" label={next.label} onPress={() => router.push(`/visits/${visitId}/${next.path}`)} />}
    >
      <Columns shares={[3, 2]}>
        <Steps loaded={loaded} visitId={visitId} />
        <Facts loaded={loaded} />
      </Columns>
    </Screen>
  );
}

function nextStep({ page, front }: LoadedVisit): { readonly label: string; readonly path: string } {
  if (front.consensus === null || front.accepted.length < 3) {
    return { label: front.takes.length === 0 ? 'Take the front section' : `Take ${page.takes.length + 1} of the front`, path: 'front' };
  }
  if (page.decision === null) return { label: 'See what fits', path: 'fit' };
  return { label: 'Print the template', path: 'template' };
}

function Steps({ loaded: { page, front }, visitId }: { readonly loaded: LoadedVisit; readonly visitId: string }) {
  const [tone, text] = agreementWords(front);
  const [width, onLayout] = useMeasuredWidth();
  const decided = page.decision;
  return (
    <YStack>
      <Step
        name="Front section"
        tone={tone}
        text={text}
        label={front.takes.length === 0 ? 'Take it' : 'Open'}
        onPress={() => router.push(`/visits/${visitId}/front`)}
      />
      <YStack onLayout={onLayout}>
        {width > 0 && front.takes.length > 0 ? (
          <TakesDrawing widthPx={width} heightPx={190} takes={front.takes} consensus={front.consensus} draft={null} />
        ) : null}
      </YStack>
      <Step
        name="What fits"
        tone={front.consensus === null ? 'plain' : 'good'}
        text={front.consensus === null ? 'Waits for a front section.' : 'The arch on the section, and its neighbours.'}
        label="Open"
        off={front.consensus === null}
        onPress={() => router.push(`/visits/${visitId}/fit`)}
      />
      <Step
        name="Decision"
        tone={decided === null ? 'plain' : 'good'}
        text={
          decided === null
            ? 'Nothing decided yet.'
            : `${degWords(decided.includedAngleDeg)}, ${mmWords(decided.spanAt100Mm)} at 100. ${decided.reasons}`
        }
        label="Open"
        off={front.consensus === null}
        onPress={() => router.push(`/visits/${visitId}/fit`)}
      />
      <Step
        name="Template at full scale"
        tone="plain"
        text="On paper, with a bar that proves it."
        label="Open"
        off={front.consensus === null}
        onPress={() => router.push(`/visits/${visitId}/template`)}
      />
    </YStack>
  );
}

interface StepProps {
  readonly name: string;
  readonly tone: Tone;
  readonly text: string;
  readonly label: string;
  readonly off?: boolean;
  readonly onPress: () => void;
}

function Step({ name, tone, text, label, off = false, onPress }: StepProps) {
  return (
    <XStack borderTopWidth={1} borderColor="$rule" paddingVertical="$m" gap="$m" alignItems="center">
      <YStack flex={1} gap="$xs">
        <Heading>{name}</Heading>
        <Body color={tone === 'plain' ? '$muted' : `$${tone}`}>
          {MARK[tone]} {text}
        </Body>
      </YStack>
      <Button kind="quiet" label={`${label}: ${name}`} off={off} onPress={onPress}>
        <Body fontWeight="700" color="$action">
          {label}
        </Body>
      </Button>
    </XStack>
  );
}

function Facts({ loaded: { page, front, change } }: { readonly loaded: LoadedVisit }) {
  const { visit } = page;
  const wanted = schoolById(visit.schoolId).front.stationMm;
  return (
    <YStack gap="$l">
      <SchoolPicker
        value={visit.schoolId}
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
      <VisitNote value={visit.note} onSave={(note) => void change({ note })} />
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

const PAUSE_MS = 600;

/** Saved as it is typed, after a short pause, and at once when the screen is left. */
function VisitNote({ value, onSave }: { readonly value: string; readonly onSave: (note: string) => void }) {
  const [text, setText] = useState(value);
  const latest = useRef({ text, value, onSave });
  latest.current = { text, value, onSave };
  useEffect(() => {
    if (text === latest.current.value) return;
    const timer = setTimeout(() => latest.current.onSave(text), PAUSE_MS);
    return () => clearTimeout(timer);
  }, [text]);
  useEffect(
    () => () => {
      const { text: typed, value: saved, onSave: save } = latest.current;
      if (typed !== saved) save(typed);
    },
    [],
  );
  return <Field label="Note" lines={3} value={text} onChange={setText} />;
}
