import { TakesBottom } from './takes-bottom';
import { type BendsReading, type LineStation, MOST_TAKES, profileWarnings } from '@fulcra/core';
import { router } from 'expo-router';
import { useMemo, useState } from 'react';
import { YStack } from 'tamagui';
import { Banner } from '../ui/banner';
import { Choice } from '../ui/choice';
import { Columns } from '../ui/columns';
import { Screen } from '../ui/screen';
import { Small } from '../ui/text';
import { useDraft } from '../platform/use-draft';
import { agreementWords } from '../words/agreement-words';
import { problemWords } from '../words/problem-words';
import { STATION_WORDS } from '../words/station-words';
import { warningWords } from '../words/warning-words';
import { DropsEntry } from './drops-entry';
import { LineCanvas } from './line-canvas';
import { type DraftLine, draftLine, emptyLine, lineReadingOf, nextLine, undoneLine, LINE_DRAFT, LINE_WAY_DRAFT } from './line-draft';
import { plainReading } from './plain-reading';
import { TakesStrip } from './takes-strip';
import { useTakeWrites } from './use-take-writes';
import { nextStep, type LoadedVisit, VisitBackline } from '../visit';
import { CurvePanel } from '../sensor';

const WAYS = [
  { value: 'drops', label: 'Drops' },
  { value: 'points', label: 'Points' },
  { value: 'sensor', label: 'Curve sensor' },
] as const;

export interface LineEntryProps {
  readonly visitId: string;
  readonly loaded: LoadedVisit;
  readonly station: LineStation;
}

/** A line along the spine: the topline, or the withers with the head up. */
export function LineEntry({ visitId, loaded, station }: LineEntryProps) {
  const { page, measured } = loaded;
  const measurement = measured[station];
  const [way, setWay] = useDraft('way-of-line', LINE_WAY_DRAFT, 'drops');
  const [kept, setDraft] = useDraft(`trace-${visitId}-${station}`, LINE_DRAFT, emptyLine(station));
  const draft: DraftLine = { ...kept, way };
  const [bends, setBends] = useState<BendsReading | null>(null);
  const [asked, setAsked] = useState(false);
  const { keep, withdraw, withdrawLast } = useTakeWrites(visitId, station, measurement);
  const reading = lineReadingOf(draft, bends);
  const outcome = useMemo(() => (reading === null ? null : draftLine(draft, bends)), [kept, way, bends]); // eslint-disable-line react-hooks/exhaustive-deps -- draft and reading are made of these
  const live = outcome?.ok ? outcome.value : null;
  const full = measurement.takes.length >= MOST_TAKES;
  const begun = way !== 'sensor' && reading !== null;
  const enough = measurement.accepted.length >= 3 && !begun;
  const warnings = live !== null && station === 'withers' ? profileWarnings(live, measured.topline.consensus) : [];
  const save = async () => {
    setAsked(true);
    if (!outcome?.ok || reading === null || full || loaded.closed) return;
    if (await keep(plainReading(reading), 0)) {
      setDraft(nextLine(draft));
      setAsked(false);
    }
  };
  const undo = () => (begun ? setDraft(undoneLine(draft)) : withdrawLast());
  const next = nextStep(loaded, { station });
  const [tone, text] = agreementWords(measurement);
  const problems = outcome !== null && !outcome.ok && (asked || way === 'sensor') ? outcome.problems : [];
  return (
    <Screen
      title={page.horse.name}
      note={STATION_WORDS[station].name}
      onBack={() => router.navigate(`/visits/${visitId}`)}
      top={<VisitBackline visitId={visitId} loaded={loaded} />}
      bottom={
        <TakesBottom
          visitId={visitId}
          loaded={loaded}
          undoOff={!begun && measurement.takes.length === 0}
          onUndo={undo}
          enough={enough}
          next={next}
          keepLabel={`Keep take ${measurement.everTaken + 1}`}
          keepOff={full || reading === null}
          onKeep={() => void save()}
        />
      }
    >
      <Columns>
        <YStack gap="$s">
          {loaded.closed ? (
            <Banner tone="lookOut">This visit is closed: its takes stand as they are. Opening it again goes on record.</Banner>
          ) : null}
          <Choice label="Way of measuring" value={way} options={WAYS} onChange={setWay} />
          <LineCanvas draft={draft} live={live} setDraft={setDraft} measurement={measurement} station={station} />
        </YStack>
        <YStack gap="$m">
          {way === 'drops' && !loaded.closed ? <DropsEntry draft={draft} onChange={setDraft} /> : null}
          {way === 'sensor' && !loaded.closed ? <CurvePanel station={station} onReading={setBends} onPress={() => void save()} /> : null}
          {problems.map((p, i) => (
            <Banner key={i} tone="bad">
              {problemWords(p)}
            </Banner>
          ))}
          {warnings.map((w) => (
            <Banner key={w.code} tone="lookOut">
              {warningWords(w)}
            </Banner>
          ))}
          <TakesStrip front={measurement} onWithdraw={loaded.closed ? null : withdraw} />
          <Banner tone={tone}>{text}</Banner>
          {full && !enough ? <Banner tone="lookOut">Five takes are the most. Withdraw one to take another.</Banner> : null}
          <Small>{STATION_WORDS[station].how}</Small>
        </YStack>
      </Columns>
    </Screen>
  );
}
