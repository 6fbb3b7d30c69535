import { LANDMARKS_PHRASES } from '../words/landmarks-phrases';
import {
  type LandmarkReading,
  type LandmarkSlot,
  type Problem,
  type SettledReading,
  landmarkKey,
  landmarkProblems,
  landmarkReadingsOf,
  settledReadings,
} from '@fulcra/core';
import { router } from 'expo-router';
import { useEffect, useMemo, useState } from 'react';
import { XStack, YStack } from 'tamagui';
import { useMeasuredWidth } from '../drawings/use-measured-width';
import { useHistory } from '../platform/use-history';
import { Banner } from '../ui/banner';
import { Button } from '../ui/button';
import { Columns } from '../ui/columns';
import { LoadState } from '../ui/load-state';
import { Locked } from '../ui/locked';
import { Screen } from '../ui/screen';
import { Stepper } from '../ui/stepper';
import { UndoRedo } from '../ui/undo-redo';
import { Body, Heading, Small } from '../ui/text';
import { LANDMARK_WORDS, WAY_HOW, doubtWords } from '../words/landmark-words';
import { problemWords } from '../words/problem-words';
import { EdgeRail } from './edge-rail';
import { HowToDrawing } from './how-to-drawing';
import { SLOTS, nextSlot, slotName, startMm } from './landmark-list';
import { LandmarkRail } from './landmark-rail';
import { LandmarkTable } from './landmark-table';
import { closedBanner, nextStep, SkipStep, type LoadedVisit, useVisitPage, VisitBackline } from '../visit';

export function LandmarksScreen({ visitId }: { readonly visitId: string }) {
  const { loaded, problem } = useVisitPage(visitId);
  return loaded === null ? <LoadState problem={problem} /> : <LandmarksEntry visitId={visitId} loaded={loaded} />;
}

/** The one being marked; choosing one far down the list brings it into sight. */
const NOW = 'landmark-now';

function LandmarksEntry({ visitId, loaded }: { readonly visitId: string; readonly loaded: LoadedVisit }) {
  const marking = useMarking(loaded);
  const { latest, slot, setSlot, keep, touched } = marking;
  const { landmarks } = loaded.measured;
  const all = nextSlot(null, latest, landmarks) === null;
  const next = nextStep(loaded, { step: 'landmarks' });
  const goOn = () => router.push(`/visits/${visitId}/${next.path}`);
  return (
    <Screen
      title={loaded.page.horse.name}
      note={LANDMARKS_PHRASES.findAndMark}
      onBack={() => router.navigate(`/visits/${visitId}`)}
      top={<VisitBackline visitId={visitId} loaded={loaded} />}
      closed={closedBanner(loaded)}
      bottom={
        <>
          <UndoRedo of={marking.history} />
          <Button
            grow
            kind={all ? 'second' : 'main'}
            off={loaded.closed}
            label={keepWords(latest.has(landmarkKey(slot)), touched)}
            onPress={() => void keep(false)}
          />
          {all ? <Button kind="main" label={next.label} onPress={goOn} /> : null}
        </>
      }
    >
      <Columns shares={[3, 2]}>
        <Marking loaded={loaded} marking={marking} />
        <YStack gap="$l">
          <Locked when={false}>
            <LandmarkTable
              readings={latest}
              landmarks={landmarks}
              chosen={slot}
              onChoose={(chosen) => {
                setSlot(chosen);
                document.getElementById(NOW)?.scrollIntoView({ block: 'start' });
              }}
            />
          </Locked>
          {all ? null : (
            <Locked when={false}>
              <Button label={LANDMARKS_PHRASES.goOn} onPress={goOn} />
            </Locked>
          )}
          <SkipStep step="landmarks" loaded={loaded} />
        </YStack>
      </Columns>
    </Screen>
  );
}

/** A proposal that nobody touched isn't a reading, and the button says so. */
const keepWords = (known: boolean, touched: boolean): string => {
  if (!touched) return known ? LANDMARKS_PHRASES.theNext : LANDMARKS_PHRASES.keepByEye;
  return known ? LANDMARKS_PHRASES.keepThisInstead : LANDMARKS_PHRASES.keepAndThe;
};

type MarkingState = ReturnType<typeof useMarking>;

/** Which landmark is being marked, and where the marker stands. */
function useMarking({ page, measured, note, withdrawFact }: LoadedVisit) {
  const history = useHistory();
  const readings = useMemo(() => landmarkReadingsOf(page.facts), [page.facts]);
  const latest = useMemo(() => settledReadings(readings), [readings]);
  const [slot, setSlot] = useState<LandmarkSlot>(() => nextSlot(null, latest, measured.landmarks) ?? SLOTS.places[0]!);
  const [atMm, setMm] = useState(() => startMm(slot, latest));
  const [touched, setTouched] = useState(false);
  const setAtMm = (mm: number) => {
    setMm(mm);
    setTouched(true);
  };
  const [problems, setProblems] = useState<readonly Problem[]>([]);
  useEffect(() => {
    setMm(startMm(slot, latest));
    setTouched(false);
    setProblems([]);
  }, [slot]); // eslint-disable-line react-hooks/exhaustive-deps -- a reading arriving from elsewhere must not move the marker in the hand
  const goOn = (known: ReadonlyMap<string, unknown>) => {
    const following = nextSlot(slot, known, measured.landmarks);
    // unless another was chosen while this one was being kept
    if (following !== null) setSlot((now) => (now === slot ? following : now));
  };
  /** @param again found once more, beside what was found before */
  const keep = async (again: boolean) => {
    if (!touched && latest.has(landmarkKey(slot))) return goOn(latest);
    const reading: LandmarkReading = { ...slot, atMm, felt: touched, again };
    const found = landmarkProblems(reading, readings);
    setProblems(found);
    if (found.length > 0) return;
    const id = await note({ kind: 'landmark', ...reading });
    if (id === null) return;
    history.did({
      words: slotName(slot).toLowerCase(),
      undo: () => {
        void withdrawFact(id);
        setSlot(slot);
      },
      redo: () => void withdrawFact(id, false),
    });
    setTouched(false);
    if (!again) goOn(settledReadings([...readings, reading]));
  };
  return { latest, slot, setSlot, atMm, setAtMm, touched, problems, keep, history };
}

/** The rail, the number, what is wrong with it, and how it is found. */
function Marking({ loaded, marking }: { readonly loaded: LoadedVisit; readonly marking: MarkingState }) {
  const { latest, slot, atMm, setAtMm, touched, problems, keep } = marking;
  const edge = slot.station !== null;
  return (
    <YStack gap="$s" id={NOW}>
      <Heading>{slotName(slot)}</Heading>
      <Rail
        loaded={loaded}
        slot={slot}
        atMm={atMm}
        onMove={(mm) => (loaded.closed ? undefined : setAtMm(mm))}
        readings={[...latest.values()]}
      />
      <XStack alignItems="center" flexWrap="wrap">
        <Stepper
          label={edge ? LANDMARKS_PHRASES.widthMm : LANDMARKS_PHRASES.fromTheZero}
          shown={edge ? LANDMARKS_PHRASES.mmAcross2 : atMm < 0 ? LANDMARKS_PHRASES.mmAheadOf : LANDMARKS_PHRASES.mmBehindThe}
          unit="mm"
          value={atMm}
          step={1}
          decimals={0}
          least={-300}
          onChange={setAtMm}
        />
        {edge ? null : <Button kind="quiet" label={LANDMARKS_PHRASES.aheadOrBehind} onPress={() => setAtMm(-atMm)} />}
        {latest.get(landmarkKey(slot))?.felt === true ? (
          <Button kind="quiet" label={LANDMARKS_PHRASES.foundAgain} off={!touched} onPress={() => void keep(true)} />
        ) : null}
      </XStack>
      {problems.map((p, i) => (
        <Banner key={i} tone="bad">
          {problemWords(p)}
        </Banner>
      ))}
      {loaded.measured.landmarks.doubts.map((d) => (
        <Banner key={d.code} tone="lookOut">
          {doubtWords(d)}
        </Banner>
      ))}
      <HowTo slot={slot} />
    </YStack>
  );
}

interface RailProps {
  readonly loaded: LoadedVisit;
  readonly slot: LandmarkSlot;
  readonly atMm: number;
  readonly onMove: (mm: number) => void;
  readonly readings: readonly SettledReading[];
}

function Rail({ loaded, slot, atMm, onMove, readings }: RailProps) {
  const [width, onLayout] = useMeasuredWidth();
  const { topline, landmarks } = loaded.measured;
  return (
    <YStack onLayout={onLayout}>
      {width === 0 ? null : slot.station === null ? (
        <LandmarkRail
          widthPx={width}
          heightPx={210}
          topline={topline.consensus}
          landmarks={landmarks}
          readings={readings.filter((r) => r.station === null)}
          slot={slot}
          atMm={atMm}
          onMove={onMove}
        />
      ) : (
        <EdgeRail widthPx={width} heightPx={180} atMm={atMm} onMove={onMove} />
      )}
    </YStack>
  );
}

/** One drawing, two lines, the common mistake. */
function HowTo({ slot }: { readonly slot: LandmarkSlot }) {
  const words = LANDMARK_WORDS[slot.landmark];
  const find = slot.way === null ? words.find : WAY_HOW[slot.way];
  return (
    <YStack gap="$xs">
      <HowToDrawing landmark={slot.landmark} />
      <Body>{find[0]}</Body>
      <Body>{find[1]}</Body>
      <Small>{LANDMARKS_PHRASES.commonMistake(words.mistake)}</Small>
    </YStack>
  );
}
