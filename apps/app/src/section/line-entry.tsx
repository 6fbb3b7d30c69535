import { SECTION_PHRASES } from '../words/section-phrases';
import { TakesBottom } from './takes-bottom';
import { type BendsReading, ENOUGH_TAKES, type Lengthwise, type LineStation, MOST_TAKES, profileWarnings } from '@fulcra/core';
import { router } from 'expo-router';
import { useMemo, useState } from 'react';
import { YStack } from 'tamagui';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { Columns } from '../ui/columns';
import { Screen } from '../ui/screen';
import { Small } from '../ui/text';
import { useDraft } from '../platform/use-draft';
import { dayWords } from '../words/measure-words';
import { STATION_WORDS } from '../words/station-words';
import { DropsEntry } from './drops-entry';
import { LineCanvas } from './line-canvas';
import { type DraftLine, draftLine, emptyLine, lineReadingOf, nextLine, undoneLine, LINE_DRAFT, LINE_WAY_DRAFT } from './line-draft';
import { plainReading } from './plain-reading';
import { ClosedVisit, TakeProblems, TakesSoFar } from './take-parts';
import { useDraftHistory } from './use-draft-history';
import { useKnownLine } from './use-known-line';
import { UNDRAFTED, useTakeWrites } from './use-take-writes';
import { nextStep, type LoadedVisit, VisitBackline } from '../visit';
import { CurvePanel } from '../sensor';

const WAYS = [
  { value: 'drops', label: SECTION_PHRASES.drops },
  { value: 'points', label: SECTION_PHRASES.points },
  { value: 'sensor', label: SECTION_PHRASES.curveSensor },
] as const;

export interface LineEntryProps {
  readonly visitId: string;
  readonly loaded: LoadedVisit;
  readonly station: LineStation;
}

/** A line along the spine: the topline, or the withers with the head up. */
export function LineEntry({ visitId, loaded, station }: LineEntryProps) {
  const entry = useLineEntry({ visitId, loaded, station });
  const { measurement, draft, setDraft, way, setWay, enough } = entry;
  return (
    <Screen
      title={loaded.page.horse.name}
      note={STATION_WORDS[station].name}
      onBack={() => router.navigate(`/visits/${visitId}`)}
      top={<VisitBackline visitId={visitId} loaded={loaded} />}
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
          <LineCanvas draft={draft} live={entry.live} setDraft={setDraft} measurement={measurement} station={station} />
        </YStack>
        <YStack gap="$m">
          {way === 'drops' && !loaded.closed ? <DropsEntry draft={draft} onChange={setDraft} onTyping={entry.setTyping} /> : null}
          {way === 'sensor' && !loaded.closed ? <CurvePanel station={station} onReading={entry.setBends} onPress={entry.save} /> : null}
          <TakeProblems problems={entry.problems} warnings={entry.warnings} />
          {entry.last !== null && !loaded.closed && entry.reading === null ? (
            <Button label={SECTION_PHRASES.asLastTime(dayWords(entry.last.day))} onPress={entry.sayAsLast} />
          ) : null}
          <TakesSoFar loaded={loaded} measurement={measurement} enough={enough} onWithdraw={entry.withdraw} onPutBack={entry.putBack} />
          <Small>{STATION_WORDS[station].how}</Small>
        </YStack>
      </Columns>
    </Screen>
  );
}

/** The line in the hand: what is entered, what it reads as, and what is wrong with it. */
function useLineEntry({ visitId, loaded, station }: LineEntryProps) {
  const measurement = loaded.measured[station];
  const [way, setWay] = useDraft('way-of-line', LINE_WAY_DRAFT, 'drops');
  const [kept, setDraft] = useDraft(`trace-${visitId}-${station}`, LINE_DRAFT, emptyLine(station));
  const draft = useMemo((): DraftLine => ({ ...kept, way }), [kept, way]);
  const [bends, setBends] = useState<BendsReading | null>(null);
  const [asked, setAsked] = useState(false);
  const { typing, setTyping, history, change } = useDraftHistory(draft, setDraft, undoneLine);
  const { keep, withdraw, putBack } = useTakeWrites(visitId, station, measurement, history);
  const reading = useMemo(() => lineReadingOf(draft, bends), [draft, bends]);
  const outcome = useMemo(() => (reading === null ? null : draftLine(draft, bends)), [reading, draft, bends]);
  const live = outcome?.ok ? outcome.value : null;
  const full = measurement.takes.length >= MOST_TAKES;
  const last = useKnownLine(loaded.page, station, measurement);
  const begun = way !== 'sensor' && reading !== null;
  const save = async (): Promise<void> => {
    setAsked(true);
    if (!outcome?.ok || reading === null || full || loaded.closed) return;
    const clear = () => setDraft(nextLine(draft));
    if (!(await keep(plainReading(reading), 0, { back: () => setDraft(draft), clear }))) return;
    clear();
    setAsked(false);
    setTyping(false);
  };
  return {
    ...{ measurement, way, setWay, draft, setDraft: change, setBends, setTyping, reading, live, full, withdraw, putBack },
    history,
    enough: measurement.accepted.length >= ENOUGH_TAKES && !begun,
    problems: outcome !== null && !outcome.ok && (asked || way === 'sensor') && !typing ? outcome.problems : [],
    warnings: live !== null && station === 'withers' ? profileWarnings(live, loaded.measured.topline.consensus) : [],
    save: () => void save(),
    last,
    sayAsLast: () => last !== null && void keep(saidAsLast(last), 0, UNDRAFTED),
  };
}

const saidAsLast = ({ day, line }: { readonly day: string; readonly line: Lengthwise }) => ({
  kind: 'asLast' as const,
  day,
  points: line.points.map(({ xMm, zMm }) => ({ yMm: xMm, zMm })),
});
