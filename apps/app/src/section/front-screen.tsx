import { MOST_TAKES, type Section } from '@fulcra/core';
import { router } from 'expo-router';
import { useState } from 'react';
import { YStack } from 'tamagui';
import { v7 } from 'uuid';
import { TakesDrawing } from '../drawings/takes-drawing';
import { useMeasuredWidth } from '../drawings/use-measured-width';
import { useSend } from '../sync/use-send';
import { Banner } from '../ui/banner';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { Columns } from '../ui/columns';
import { LoadState } from '../ui/load-state';
import { Screen } from '../ui/screen';
import { useToast } from '../ui/toast';
import { useDraft } from '../ui/use-draft';
import { useWide } from '../ui/use-wide';
import { type LoadedVisit, useVisitPage } from '../visit/use-visit-page';
import { VisitBackline } from '../visit/visit-backline';
import { agreementWords } from '../words/agreement-words';
import { problemWords } from '../words/problem-words';
import { type DraftTake, EMPTY_DRAFT, draftSection, isEmpty, isWhole, nextDraft, readingOf, undonePoints, withPoints } from './draft-take';
import { PointsEditor } from './points-editor';
import { TakesStrip } from './takes-strip';
import { WidthsEntry } from './widths-entry';

const WAYS = [
  { value: 'widths', label: 'Widths at depths' },
  { value: 'points', label: 'Points on the grid' },
] as const;

export function FrontScreen({ visitId }: { readonly visitId: string }) {
  const { loaded, problem } = useVisitPage(visitId);
  return loaded === null ? <LoadState problem={problem} /> : <FrontEntry visitId={visitId} loaded={loaded} />;
}

function FrontEntry({ visitId, loaded: { page, front } }: { readonly visitId: string; readonly loaded: LoadedVisit }) {
  const [draft, setDraft] = useDraft<DraftTake>(`front-${visitId}`, EMPTY_DRAFT);
  const [asked, setAsked] = useState(false);
  const { saveTake, withdraw, undo } = useTakeWrites({ visitId, loaded: { page, front }, draft, setDraft });
  const outcome = isEmpty(draft) ? null : draftSection(draft);
  const problems = outcome !== null && !outcome.ok && (asked || (isWhole(draft) && draft.way === 'widths')) ? outcome.problems : [];
  const full = front.takes.length >= MOST_TAKES;
  const number = page.takes.length + 1;
  const enough = front.accepted.length >= 3 && isEmpty(draft);
  const save = async () => {
    setAsked(true);
    if (outcome?.ok && isWhole(draft)) {
      await saveTake();
      setAsked(false);
    }
  };
  const [tone, text] = agreementWords(front);
  return (
    <Screen
      title={page.horse.name}
      note={`Front section, ${page.visit.stationMm} mm behind the scapula`}
      onBack={() => router.navigate(`/visits/${visitId}`)}
      top={<VisitBackline visitId={visitId} front={front} at="front" />}
      bottom={
        <>
          <Button label="Undo" off={isEmpty(draft) && front.takes.length === 0} onPress={undo} />
          {enough ? (
            <Button grow kind="main" label="See what fits" onPress={() => router.push(`/visits/${visitId}/fit`)} />
          ) : (
            <Button grow kind="main" label={`Keep take ${number}`} off={full || isEmpty(draft)} onPress={() => void save()} />
          )}
        </>
      }
    >
      <Columns>
        <YStack gap="$s">
          <Choice label="Way of measuring" value={draft.way} options={WAYS} onChange={(way) => setDraft({ ...draft, way })} />
          <Drawing draft={draft} live={outcome?.ok ? outcome.value : null} setDraft={setDraft} front={front} />
        </YStack>
        <YStack gap="$m">
          {draft.way === 'widths' ? <WidthsEntry draft={draft} onChange={setDraft} /> : null}
          {problems.map((p, i) => (
            <Banner key={i} tone="bad">
              {problemWords(p)}
            </Banner>
          ))}
          {asked && !isWhole(draft) && !isEmpty(draft) ? (
            <Banner tone="bad">Some widths are still missing: tap their numbers, or remove that depth.</Banner>
          ) : null}
          <TakesStrip front={front} onWithdraw={withdraw} />
          <Banner tone={tone}>{text}</Banner>
          {full && !enough ? <Banner tone="lookOut">Five takes are the most. Withdraw one to take another.</Banner> : null}
        </YStack>
      </Columns>
    </Screen>
  );
}

interface DrawingProps {
  readonly draft: DraftTake;
  /** The draft as a section, once it reads as one. */
  readonly live: Section | null;
  readonly setDraft: (draft: DraftTake) => void;
  readonly front: LoadedVisit['front'];
}

function Drawing({ draft, live, setDraft, front }: DrawingProps) {
  const [width, onLayout] = useMeasuredWidth();
  const wide = useWide();
  return (
    <YStack onLayout={onLayout}>
      {width === 0 ? null : draft.way === 'points' ? (
        <PointsEditor
          widthPx={width}
          heightPx={wide ? 420 : 330}
          points={draft.points}
          draft={live}
          onChange={(points) => setDraft(withPoints(draft, points))}
        />
      ) : (
        <TakesDrawing widthPx={width} heightPx={wide ? 420 : 168} takes={front.takes} consensus={front.consensus} draft={live} />
      )}
    </YStack>
  );
}

interface TakeWrites {
  readonly visitId: string;
  readonly loaded: Pick<LoadedVisit, 'page' | 'front'>;
  readonly draft: DraftTake;
  readonly setDraft: (draft: DraftTake) => void;
}

function useTakeWrites({ visitId, loaded: { page, front }, draft, setDraft }: TakeWrites) {
  const send = useSend();
  const toast = useToast();
  const setWithdrawn = (takeId: string, withdrawn: boolean) => void send({ kind: 'withdrawal', visitId, takeId, body: { withdrawn } });
  const withdraw = (id: string) => {
    const number = front.takes.find((t) => t.id === id)?.number;
    setWithdrawn(id, true);
    toast({ text: `Take ${number} is withdrawn.`, undo: () => setWithdrawn(id, false) });
  };
  const saveTake = async () => {
    const body = {
      station: 'front' as const,
      takenAtMm: page.visit.stationMm,
      takenAt: new Date().toISOString(),
      reading: plain(readingOf(draft)),
    };
    await send({ kind: 'take', visitId, takeId: v7(), body });
    setDraft(nextDraft(draft));
  };
  const undo = () => {
    if (draft.way === 'points' && draft.past.length > 0) return setDraft(undonePoints(draft));
    if (!isEmpty(draft)) return setDraft(nextDraft(draft));
    const last = front.takes.at(-1);
    if (last !== undefined) withdraw(last.id);
  };
  return { saveTake, withdraw, undo };
}

type Reading = ReturnType<typeof readingOf>;
/** The contract's shape, with arrays of its own. */
const plain = (reading: Reading) =>
  reading.kind === 'points'
    ? { kind: 'points' as const, points: [...reading.points] }
    : { kind: 'widths' as const, widths: [...reading.widths] };
