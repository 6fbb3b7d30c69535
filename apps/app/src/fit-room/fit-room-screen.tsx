import { FIT_ROOM_PHRASES } from '../words/fit-room-phrases';
import { backSurface, complaintsOf, measuredStations, triedSettingsOf, weighedFor, type SitRow } from '@fulcra/core';
import { router } from 'expo-router';
import { useMemo, useState } from 'react';
import { YStack } from 'tamagui';
import { useSaddles } from '../platform/use-views';
import { Banner } from '../ui/banner';
import { Button } from '../ui/button';
import { LoadState } from '../ui/load-state';
import { Screen } from '../ui/screen';
import { Body, Small } from '../ui/text';
import { useToast } from '../ui/toast';
import { useWide } from '../ui/use-wide';
import { problemWords } from '../words/problem-words';
import { ClosedVisit, useVisitPage } from '../visit';
import { RoomParts } from './controls/room-parts';
import { HoldToCompare } from './controls/room-tools';
import { type NextInRoom, nextInRoom } from './model/next-in-room';
import { rowShown, triedOf, widthLabel } from './model/room-start';
import { useChoosing } from './model/use-choosing';
import { type FitRoom, type RoomPlace, useRoom } from './model/use-room';
import { type OpenSheet, RoomSheets } from './room-sheets';
import { ChangeIt, Criteria, Tried } from './room-work';
import { ComplaintsPart } from './views/complaints-part';
import { ForetoldPart } from './views/foretold-part';
import { NothingToLay } from './views/nothing-to-lay';
import { MissingBanner, RoomDrawings, RoomTop } from './views/room-top';
import { type ViewId } from './views/room-views';
import { VerdictBlock } from './views/verdict-block';
import { HeldBanner } from '../tack';
import { STRIDE_PHRASES } from '../words/stride-words';
import { StridePart } from './stride/stride-part';
import { useRide } from './stride/use-ride';

export function FitRoomScreen({ visitId }: { readonly visitId: string }) {
  const { loaded, problem } = useVisitPage(visitId);
  const saddles = useSaddles();
  const measured = loaded?.measured ?? null;
  const surface = useMemo(
    () => (measured === null ? null : backSurface({ stations: measuredStations(measured), topline: measured.topline.consensus })),
    [measured],
  );
  if (loaded === null || surface === null) return <LoadState problem={problem} />;
  if (saddles.data === null) return <LoadState problem={saddles.problem} />;
  if (!surface.ok || saddles.data.length === 0)
    return <NothingToLay visitId={visitId} loaded={loaded} noSaddle={saddles.data.length === 0} />;
  return <Weighed visitId={visitId} loaded={loaded} saddles={saddles.data} surface={surface.value} />;
}

/** Everything in the room is judged with what was complained of in mind. */
function Weighed({ loaded, ...place }: RoomPlace) {
  const { school, page } = loaded;
  const complaints = complaintsOf(page.facts);
  const which = complaints.map((c) => c.complaint).join(' ');
  const weighed = useMemo(() => weighedFor(school, complaints), [school, which]); // eslint-disable-line react-hooks/exhaustive-deps -- another fact leaves the school as it is
  const inMind = useMemo(() => ({ ...loaded, school: weighed }), [loaded, weighed]);
  return <Room {...place} loaded={inMind} />;
}

function Room(place: RoomPlace) {
  const fit = useRoom(place);
  const { loaded, picture, live, saddle, shownId, atMm, setAtMm } = fit;
  const wide = useWide();
  const [open, setOpen] = useState<OpenSheet>(null);
  const [working, setWorking] = useState(false);
  const [view, setView] = useState<ViewId>('top');
  const coming = useNext(fit);
  return (
    <Screen
      title={loaded.page.horse.name}
      note={FIT_ROOM_PHRASES.fitRoom(saddle.name)}
      onBack={() => router.navigate(`/visits/${fit.visitId}`)}
      top={<RoomTop live={live} loaded={loaded} visitId={fit.visitId} picture={picture} atMm={atMm} onMove={setAtMm} />}
      pinned={wide ? null : <RoomDrawings fit={fit} one={{ view, onView: setView }} />}
      bottom={<RoomButtons fit={fit} coming={coming} />}
    >
      <Notices fit={fit} />
      <YStack gap="$l" flexDirection={wide ? 'row' : 'column'} alignItems="flex-start">
        {/* what is drawn stays in sight while what is said of it is read, and the stride is played */}
        {wide && picture !== null ? (
          <YStack flex={3} minWidth={0} width="100%" style={{ position: 'sticky', top: 0 } as object}>
            <RoomDrawings fit={fit} />
          </YStack>
        ) : null}
        <Work
          fit={fit}
          coming={coming}
          onOpen={setOpen}
          onRow={(r) => {
            fit.show(r.id);
            setWorking(true);
          }}
        />
      </YStack>
      <RoomSheets
        fit={fit}
        open={open}
        onClose={() => setOpen(null)}
        row={working ? rowShown(picture, shownId) : null}
        onRowClose={() => setWorking(false)}
        onView={setView}
      />
    </Screen>
  );
}

/** What comes next with what lies on the horse. */
function useNext(fit: FitRoom) {
  const { loaded, picture, fresh, now } = fit;
  const [searched, setSearched] = useState<readonly string[]>([]);
  const { chosenId, choose, toSpecification } = useChoosing(fit);
  const verdict = picture === null || !fresh ? null : picture.verdicts[0]!;
  const next = nextInRoom({ verdict, now, tried: triedSettingsOf(loaded.page.facts), chosenId, searched });
  return { next, choose, toSpecification, lookedFor: () => setSearched([...searched, now.saddleId]) };
}

/** What the main button says where it isn't to keep what lies there. */
const MAIN_WORDS: Readonly<Partial<Record<NextInRoom['do'], string>>> = {
  choose: FIT_ROOM_PHRASES.chooseIt,
  papers: FIT_ROOM_PHRASES.toItsPapers,
};

/** In the thumb's reach: back one step, against what was held, and keep it; what is kept is chosen, what is chosen leads to its papers. */
function RoomButtons({ fit, coming }: { readonly fit: FitRoom; readonly coming: ReturnType<typeof useNext> }) {
  const { room, loaded, picture, saddle, state } = fit;
  const { next, choose, toSpecification } = coming;
  const toast = useToast();
  const keep = async (): Promise<void> => {
    if (picture === null) return;
    if (await loaded.note(triedOf(picture, saddle))) toast({ text: FIT_ROOM_PHRASES.kept(saddle.name, widthLabel(saddle, state.setup)) });
  };
  const go = (): void => {
    if (next.do === 'choose') void choose(next.tried.id);
    else if (next.do === 'papers') toSpecification();
    else void keep();
  };
  const pin = (): void => {
    fit.holdAgainst();
    toast({ text: FIT_ROOM_PHRASES.heldPressAnd });
  };
  return (
    <>
      <Button tight label={FIT_ROOM_PHRASES.undo} off={room.before.length === 0} onPress={fit.undo} />
      <HoldToCompare has={room.against !== null} onPin={pin} onHold={fit.setComparing} />
      <Button grow kind="main" label={MAIN_WORDS[next.do] ?? FIT_ROOM_PHRASES.keepIt} off={picture === null} onPress={go} />
    </>
  );
}

/**
 * A refused setting: adjust this saddle first, then another of stock. While a change is being laid on it stays as it was, so that nothing
 * under it moves away from the thumb.
 */
function Remedy({ coming, onOpen }: { readonly coming: ReturnType<typeof useNext>; readonly onOpen: (sheet: OpenSheet) => void }) {
  const { next, lookedFor } = coming;
  const waits = next.do === 'wait';
  const [shown, setShown] = useState(next.do);
  if (!waits && next.do !== shown) setShown(next.do);
  if (shown === 'otherSaddle') return <Button off={waits} label={FIT_ROOM_PHRASES.tryAnother} onPress={() => onOpen('stock')} />;
  if (shown !== 'findBest') return null;
  const look = (): void => {
    lookedFor();
    onOpen('best');
  };
  return <Button off={waits} label={FIT_ROOM_PHRASES.findABetter} onPress={look} />;
}

/** What went wrong, what is unsafe, and that it is being laid on. */
function Notices({ fit: { answered, picture, saddle, loaded } }: { readonly fit: FitRoom }) {
  const problems = answered?.ok === true && !answered.answer.ok ? answered.answer.problems : [];
  return (
    <>
      {answered?.ok === false ? <Banner tone="bad">{FIT_ROOM_PHRASES.theComputationStopped(answered.message)}</Banner> : null}
      {problems.map((p, i) => (
        <Banner key={i} tone="bad">
          {problemWords(p)}
        </Banner>
      ))}
      <ClosedVisit loaded={loaded} />
      <HeldBanner id={saddle.id} />
      {picture === null && answered === null ? <Body role="status">{FIT_ROOM_PHRASES.layingTheSaddle}</Body> : null}
    </>
  );
}

interface WorkProps {
  readonly fit: FitRoom;
  readonly coming: ReturnType<typeof useNext>;
  readonly onOpen: (sheet: OpenSheet) => void;
  readonly onRow: (row: SitRow) => void;
}

/** The verdict, and below it what can be done. */
function Work({ fit, coming, onOpen, onRow }: WorkProps) {
  const wide = useWide();
  const { picture, fresh, neighbours, comparing, input, loaded } = fit;
  const tried = triedSettingsOf(loaded.page.facts).length;
  const ride = useRide(fit);
  const ridden = !ride.stale && ride.job.state === 'done' && ride.job.answer.ok ? ride.job.answer.value : null;
  return (
    <YStack flex={wide ? 2 : undefined} width="100%" minWidth={0} gap="$m">
      {picture === null ? null : (
        <YStack opacity={fresh ? 1 : 0.75}>
          <VerdictBlock picture={picture} neighbours={neighbours} compared={comparing} />
        </YStack>
      )}
      <Remedy coming={coming} onOpen={onOpen} />
      <MissingBanner input={input} picture={picture} />
      {picture === null ? null : (
        <>
          <ComplaintsPart
            loaded={loaded}
            verdict={ridden?.verdict ?? picture.verdicts[0]!}
            asked={picture.asked}
            neighbours={neighbours}
            ridden={ridden?.ridden ?? null}
          />
          <ForetoldPart loaded={loaded} verdict={ridden?.verdict ?? picture.verdicts[0]!} ridden={ridden?.ridden ?? null} />
        </>
      )}
      <RoomParts
        parts={[
          { id: 'change', label: FIT_ROOM_PHRASES.changeIt, content: <ChangeIt fit={fit} onOpen={onOpen} /> },
          { id: 'criteria', label: FIT_ROOM_PHRASES.criteria, content: <Criteria fit={fit} onRow={onRow} /> },
          { id: 'motion', label: STRIDE_PHRASES.inMotion, content: <StridePart fit={fit} ride={ride} /> },
          { id: 'tried', label: tried === 0 ? FIT_ROOM_PHRASES.tried : FIT_ROOM_PHRASES.tried2(tried), content: <Tried fit={fit} /> },
        ]}
      />
      <Small>{FIT_ROOM_PHRASES.pressuresAndScores}</Small>
    </YStack>
  );
}
