import { SECTION_PHRASES } from '../words/section-phrases';
import { TakesBottom } from './takes-bottom';
import {
  type BendsReading,
  ENOUGH_TAKES,
  MOST_TAKES,
  type SectionStation,
  type Trait,
  type WithersShape,
  highestOffSpineMm,
  sectionWarnings,
} from '@fulcra/core';
import { router } from 'expo-router';
import { useMemo, useState } from 'react';
import { XStack, YStack } from 'tamagui';
import { Banner } from '../ui/banner';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { Columns } from '../ui/columns';
import { Screen } from '../ui/screen';
import { Stepper } from '../ui/stepper';
import { Small } from '../ui/text';
import { useDraft } from '../platform/use-draft';
import { useTapeUnit } from '../platform/use-tape-unit';
import { dayWords } from '../words/measure-words';
import { STATION_WORDS } from '../words/station-words';
import {
  type DraftTake,
  emptyDraft,
  inOtherUnit,
  draftSection,
  isEmpty,
  isWhole,
  nextDraft,
  readingOf,
  undonePoints,
  TAKE_DRAFT,
  WAY_DRAFT,
} from './draft-take';
import { GaugeReadout } from './gauge-readout';
import { plainReading } from './plain-reading';
import { SectionCanvas } from './section-canvas';
import { ClosedVisit, SlipQuestion, TakeProblems, TakesSoFar } from './take-parts';
import { useUnitSlip } from './use-unit-slip';
import { useKnownSection } from './use-known-section';
import { useDraftHistory } from './use-draft-history';
import { UNDRAFTED, useTakeWrites } from './use-take-writes';
import { WidthsEntry } from './widths-entry';
import { nextStep, type LoadedVisit, VisitBackline } from '../visit';
import { CurvePanel } from '../sensor';

const WAYS = [
  { value: 'widths', label: SECTION_PHRASES.widths },
  { value: 'points', label: SECTION_PHRASES.points },
  { value: 'sensor', label: SECTION_PHRASES.curveSensor },
] as const;

export interface SectionEntryProps {
  readonly visitId: string;
  readonly loaded: LoadedVisit;
  readonly station: SectionStation;
}

/** One section: enter a take in any way, keep it, and go on when three agree. */
export function SectionEntry({ visitId, loaded, station }: SectionEntryProps) {
  const entry = useSectionEntry({ visitId, loaded, station });
  const { measurement, draft, setDraft, way, setWay, live, atMm, enough } = entry;
  return (
    <Screen
      title={loaded.page.horse.name}
      note={SECTION_PHRASES.mmBehindThe(STATION_WORDS[station].name, atMm)}
      onBack={() => router.navigate(`/visits/${visitId}`)}
      top={<VisitBackline visitId={visitId} loaded={loaded} at={station} />}
      bottom={
        <TakesBottom
          visitId={visitId}
          loaded={loaded}
          history={entry.history}
          enough={enough}
          next={nextStep(loaded, { station })}
          keepLabel={SECTION_PHRASES.keepTake(measurement.everTaken + 1)}
          keepOff={entry.full || entry.reading === null}
          onKeep={entry.save}
        />
      }
    >
      <Columns>
        <YStack gap="$s">
          <ClosedVisit loaded={loaded} />
          <Choice label={SECTION_PHRASES.wayOfMeasuring} value={way} options={WAYS} onChange={setWay} />
          <SectionCanvas draft={draft} live={live} setDraft={setDraft} measurement={measurement} />
        </YStack>
        <YStack gap="$m">
          {way === 'widths' && !loaded.closed ? (
            <WidthsEntry
              draft={draft}
              unit={entry.unit}
              onUnit={entry.setUnit}
              onChange={setDraft}
              onTyping={entry.setTyping}
              known={entry.known}
            />
          ) : null}
          <SlipQuestion slip={entry.slip} onMeant={entry.meant} onAsTyped={entry.asTyped} />
          {way === 'sensor' && !loaded.closed ? <CurvePanel station={station} onReading={entry.setBends} onPress={entry.save} /> : null}
          <TakeProblems problems={entry.problems} warnings={entry.warnings} />
          {entry.gaps ? <Banner tone="bad">{SECTION_PHRASES.someWidthsAre}</Banner> : null}
          {entry.last !== null && !loaded.closed && isEmpty(draft) ? (
            <Button label={SECTION_PHRASES.asLastTime(dayWords(entry.last.day))} onPress={entry.sayAsLast} />
          ) : null}
          <TakesSoFar loaded={loaded} measurement={measurement} enough={enough} onWithdraw={entry.withdraw} onPutBack={entry.putBack} />
          {station === 'front' && measurement.consensus !== null ? (
            <Button label={SECTION_PHRASES.seeWhatFits} onPress={() => router.push(`/visits/${visitId}/front`)} />
          ) : null}
          {station === 'front' ? <GaugeReadout section={measurement.consensus} withers={entry.withers} /> : null}
          <Place atMm={atMm} onChange={(mm) => setDraft({ ...draft, atMm: mm })} />
          <Small>{STATION_WORDS[station].how}</Small>
        </YStack>
      </Columns>
    </Screen>
  );
}

/** The take in the hand: what is entered, what it reads as, and what is wrong with it. */
function useSectionEntry({ visitId, loaded, station }: SectionEntryProps) {
  const { page } = loaded;
  const measurement = loaded.measured.sections[station];
  const [way, setWay] = useDraft('way-of-section', WAY_DRAFT, 'widths');
  const withers = withersOf(loaded.measured.traits);
  const [kept, setDraft] = useDraft(`trace-${visitId}-${station}`, TAKE_DRAFT, emptyDraft(station, withers));
  const draft = useMemo((): DraftTake => ({ ...kept, way }), [kept, way]);
  const [bends, setBends] = useState<BendsReading | null>(null);
  const [asked, setAsked] = useState(false);
  const { typing, setTyping, history, change } = useDraftHistory(draft, setDraft, undonePoints);
  const { keep, withdraw, putBack } = useTakeWrites(visitId, station, measurement, history);
  const reading = useMemo(() => readingOf(draft, bends), [draft, bends]);
  const outcome = useMemo(() => (reading === null ? null : draftSection(draft, bends)), [reading, draft, bends]);
  const live = outcome?.ok ? outcome.value : null;
  const whole = way === 'sensor' ? reading !== null : isWhole(draft);
  const full = measurement.takes.length >= MOST_TAKES;
  const enough = measurement.accepted.length >= ENOUGH_TAKES && (way === 'sensor' || isEmpty(draft));
  const atMm = draft.atMm ?? (station === 'front' ? page.visit.stationMm : measurement.takenAtMm);
  const { known, last } = useKnownSection(page, station, measurement);
  const [unit, setUnit] = useTapeUnit();
  const slips = useUnitSlip({ station, draft, known, unit, ask: whole && !typing });
  const quiet = live === null || reading === null || slips.slip !== null || (enough && way === 'sensor');
  const warnings = useMemo(() => (quiet ? [] : sectionWarnings(live, known, highestOffSpineMm(reading))), [quiet, live, known, reading]);
  const save = async (): Promise<void> => {
    setAsked(true);
    if (!outcome?.ok || !whole || reading === null || full || loaded.closed || slips.now() !== null) return;
    const clear = () => setDraft(nextDraft(draft));
    if (!(await keep(plainReading(reading), atMm, { back: () => setDraft(draft), clear }))) return;
    clear();
    setAsked(false);
    setTyping(false);
  };
  return {
    ...{ measurement, way, setWay, draft, setDraft: change, setBends, reading, live, full, enough, atMm, warnings },
    ...{ withdraw, putBack, history, setTyping, known, withers, unit, setUnit, slip: slips.slip },
    meant: () => slips.slip !== null && change(inOtherUnit(draft, slips.slip)),
    asTyped: slips.believe,
    problems: outcome !== null && !outcome.ok && (asked || (whole && way !== 'points' && !typing)) ? outcome.problems : [],
    gaps: asked && way !== 'sensor' && !isWhole(draft) && !isEmpty(draft),
    save: () => void save(),
    last,
    sayAsLast: () => last !== null && void keep({ kind: 'asLast', day: last.day, points: [...last.section.points] }, atMm, UNDRAFTED),
  };
}

const withersOf = (traits: readonly Trait[]): WithersShape | null =>
  (traits.find((t) => t.trait === 'withers')?.value as WithersShape | undefined) ?? null;

/** Where this take is taken; it starts where the landmark was felt. */
function Place({ atMm, onChange }: { readonly atMm: number; readonly onChange: (mm: number) => void }) {
  return (
    <XStack>
      <Stepper
        label={SECTION_PHRASES.takenAtMm}
        shown={SECTION_PHRASES.mmBehindTheScapula}
        unit="mm"
        value={atMm}
        step={5}
        decimals={0}
        least={-200}
        onChange={(mm) => onChange(Math.min(900, mm))}
      />
    </XStack>
  );
}
