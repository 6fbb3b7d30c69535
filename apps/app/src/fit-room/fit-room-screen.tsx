import { type Saddle } from '@fulcra/contract';
import {
  type BackSurface,
  type SaddleSetup,
  type SitRow,
  backSurface,
  middleSetup,
  presentSetup,
  chosenSettingOf,
  triedSettingsOf,
  measuredNeeds,
  measuredStations,
  bodyInputOf,
  type NeighbourOf,
  type SitAsked,
  describedOf,
} from '@fulcra/core';
import { router } from 'expo-router';
import { useEffect, useMemo, useState } from 'react';
import { YStack } from 'tamagui';
import { useRiders, useSaddles } from '../platform/use-views';
import { Banner } from '../ui/banner';
import { Button } from '../ui/button';
import { LoadState } from '../ui/load-state';
import { Screen } from '../ui/screen';
import { Body, Small } from '../ui/text';
import { useToast } from '../ui/toast';
import { useDraft } from '../platform/use-draft';
import { useWide } from '../ui/use-wide';
import { problemWords } from '../words/problem-words';
import { STATE_WORDS, setupLine } from '../words/setup-words';
import { useSitAnswer, useSitRunner } from '../engine/use-sitting';
import { Controls } from './controls/controls';
import { CriteriaTable } from './views/criteria-table';
import { NeighboursSheet } from './sheets/neighbours-sheet';
import { EMPTY_ROOM, type RoomState, changed, heldAgainst, undone, ROOM_DRAFT, PLACE_DRAFT } from './model/room-state';
import { LivePicture } from './model/live-picture';
import { type ViewId } from './views/room-views';
import { SearchSheet, type SearchKind } from './sheets/search-sheet';
import { firstState, placeOf, riderOf, rowShown, triedOf, usable, widthLabel, withoutSaddle } from './model/room-start';
import { NothingToLay } from './views/nothing-to-lay';
import { RoomParts } from './controls/room-parts';
import { FlockTool, HoldToCompare, Tool, Tools } from './controls/room-tools';
import { LiveViews, MissingBanner, PhoneViews, RoomTop } from './views/room-top';
import { StockSheet } from './sheets/stock-sheet';
import { SureLine } from './views/sure-line';
import { TriedList } from './views/tried-list';
import { VerdictBlock } from './views/verdict-block';
import { WorkingSheet } from './sheets/working-sheet';
import { SchoolPicker, type LoadedVisit, useVisitPage } from '../visit';

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
  return <Room visitId={visitId} loaded={loaded} saddles={saddles.data} surface={surface.value} />;
}

interface RoomProps {
  readonly visitId: string;
  readonly loaded: LoadedVisit;
  readonly saddles: readonly Saddle[];
  readonly surface: BackSurface;
}

type Open = 'neighbours' | 'stock' | SearchKind | null;

function Room({ visitId, loaded, saddles, surface }: RoomProps) {
  const { page, measured } = loaded;
  const wide = useWide();
  const toast = useToast();
  const input = useMemo(() => bodyInputOf(measured, page.facts), [measured, page.facts]);
  const runner = useSitRunner(input);
  // its own worker, so that what stands on the horse never waits for what its neighbours would do
  const besideRunner = useSitRunner(input);
  const [room, setRoom] = useDraft(`room-${visitId}`, ROOM_DRAFT, EMPTY_ROOM);
  const [comparing, setComparing] = useState(false);
  const [open, setOpen] = useState<Open>(null);
  const [row, setRow] = useState<SitRow | null>(null);
  const [shownId, setShownId] = useState<SitRow['id'] | null>(null);
  const [view, setView] = useState<ViewId>('top');
  const [atMm, setAtMm] = useDraft(`room-at-${visitId}`, PLACE_DRAFT, page.visit.stationMm);
  const riders = useRiders().data;
  const rider = useMemo(() => riderOf(riders, page.horse.riderIds), [riders, page.horse.riderIds]);
  const start = useMemo(() => firstState(input, saddles, page, rider), [input, saddles, page, rider]);
  const now = usable(room.now, saddles) ?? start;
  const state = comparing ? (usable(room.against, saddles) ?? now) : now;
  const saddle = saddles.find((s) => s.id === state.saddleId)!;
  const described = useMemo(() => describedOf(saddle), [saddle]);
  const asked: SitAsked = { ...withoutSaddle(state), saddle: described, schoolId: page.visit.schoolId };
  const { answered, fresh } = useSitAnswer(runner, 'sit', asked);
  const beside = useSitAnswer(besideRunner, 'neighbours', comparing ? null : asked, 350);
  const put = (next: RoomState) => setRoom(changed({ ...room, now }, next));
  const putSetup = (setup: SaddleSetup) => put({ ...now, setup });
  const picture = answered?.ok === true && answered.answer.ok ? answered.answer.value : null;
  const live = useMemo(() => new LivePicture(), []);
  useEffect(() => live.set(null), [live, picture]);
  const slide = (placeMm: number) =>
    runner.ask('sit', { ...asked, setup: { ...asked.setup, placeMm } }, (slid) => {
      if (slid.ok && slid.answer.ok) live.set(slid.answer.value);
    });
  const neighbours: readonly NeighbourOf[] | null = beside.fresh && beside.answered?.ok === true ? beside.answered.answer : null;
  const tried = triedSettingsOf(page.facts);
  const chosen = chosenSettingOf(page.facts);
  const keep = async () => {
    if (picture === null) return;
    if (await loaded.note(triedOf(picture, saddle))) toast({ text: `Kept: ${saddle.name} “${widthLabel(saddle, state.setup)}”.` });
  };
  const naturalPlace = () => placeOf(input, saddle, page.visit.schoolId);
  const takeSaddle = (next: Saddle, setup: SaddleSetup | null) =>
    put({ ...now, saddleId: next.id, setup: setup ?? presentSetup(describedOf(next), placeOf(input, next, page.visit.schoolId)) });
  return (
    <Screen
      title={page.horse.name}
      note={`Fit room: ${saddle.name}`}
      onBack={() => router.navigate(`/visits/${visitId}`)}
      top={
        <RoomTop live={live} loaded={loaded} visitId={visitId} picture={picture} atMm={atMm} onMove={setAtMm}>
          {wide ? null : (
            <PhoneViews {...{ live, surface, loaded, picture, atMm, view, setView, shown: rowShown(picture, shownId), setAtMm }} />
          )}
        </RoomTop>
      }
      bottom={
        <>
          <Button tight label="Undo" off={room.before.length === 0} onPress={() => setRoom(undone(room))} />
          <HoldToCompare
            has={room.against !== null}
            onPin={() => {
              setRoom(heldAgainst({ ...room, now }));
              toast({ text: 'Held: press and hold “Compare” to see it again.' });
            }}
            onHold={setComparing}
          />
          <Button grow kind="main" label="Keep it" off={picture === null} onPress={() => void keep()} />
        </>
      }
    >
      {answered?.ok === false ? (
        <Banner tone="bad">{`The computation stopped: ${answered.message}. Nothing is lost; change anything to start it again.`}</Banner>
      ) : null}
      {answered?.ok === true && !answered.answer.ok
        ? answered.answer.problems.map((p, i) => (
            <Banner key={i} tone="bad">
              {problemWords(p)}
            </Banner>
          ))
        : null}
      {saddle.state === 'unsafe' ? (
        <Banner tone="bad">
          This saddle is noted as unsafe. It may be laid on here, but do not ride in it until it is mended and checked.
        </Banner>
      ) : null}
      {picture === null && answered === null ? <Body role="status">Laying the saddle on…</Body> : null}
      <YStack gap="$l" flexDirection={wide ? 'row' : 'column'} alignItems="flex-start">
        {wide && picture !== null ? (
          <YStack flex={3} minWidth={0} width="100%">
            <LiveViews
              live={live}
              surface={surface}
              measured={measured}
              picture={picture}
              atMm={atMm}
              onMove={setAtMm}
              shown={rowShown(picture, shownId)}
            />
          </YStack>
        ) : null}
        <YStack flex={wide ? 2 : undefined} width="100%" minWidth={0} gap="$m">
          {picture === null ? null : (
            <YStack opacity={fresh ? 1 : 0.75}>
              <VerdictBlock picture={picture} neighbours={neighbours} compared={comparing} />
            </YStack>
          )}
          <MissingBanner input={input} picture={picture} />
          <RoomParts
            parts={[
              {
                id: 'change',
                label: 'Change it',
                content: (
                  <>
                    <Tools>
                      <Tool label="Other saddle" onPress={() => setOpen('stock')} />
                      <Tool label="Try the neighbours" off={picture === null} onPress={() => setOpen('neighbours')} />
                      <Tool label="Find the best" onPress={() => setOpen('best')} />
                      <Tool label="Start from the middle" onPress={() => putSetup(middleSetup(described, naturalPlace()))} />
                      <Tool label="As in stock" onPress={() => putSetup(presentSetup(described, naturalPlace()))} />
                      <FlockTool runner={runner} asked={asked} onTake={putSetup} />
                      <Tool label="Which shims" onPress={() => setOpen('shims')} />
                    </Tools>
                    <Small>
                      {saddle.maker}; {saddle.whereabouts}; {STATE_WORDS[saddle.state]}. {setupLine(described, state.setup)}.
                    </Small>
                    <Controls state={now} saddle={described} rider={rider} onChange={put} onSlide={slide} />
                  </>
                ),
              },
              {
                id: 'criteria',
                label: 'Criteria',
                content: (
                  <>
                    {picture === null ? null : (
                      <CriteriaTable
                        picture={picture}
                        shownId={shownId}
                        onRow={(r) => {
                          setRow(r);
                          setShownId(r.id);
                        }}
                      />
                    )}
                    {picture === null ? null : <SureLine asked={asked} input={input} />}
                    <SchoolPicker
                      value={page.visit.schoolId}
                      has={measuredNeeds(measured)}
                      onChange={(schoolId) => void loaded.change({ schoolId })}
                    />
                  </>
                ),
              },
              {
                id: 'tried',
                label: tried.length === 0 ? 'Tried' : `Tried: ${tried.length}`,
                content: (
                  <TriedList
                    tried={tried}
                    chosenId={chosen?.tried.id ?? null}
                    saddles={saddles}
                    onPutOn={(t) => {
                      const known = saddles.find((s) => s.id === t.saddleId);
                      if (known !== undefined) put({ ...now, saddleId: known.id, setup: t.setup, rider: t.rider, pose: t.pose });
                    }}
                    onChoose={(t) => {
                      const open = () => router.push(`/visits/${visitId}/specification`);
                      if (chosen?.tried.id === t.id) open();
                      else void loaded.note({ kind: 'chosenSetting', triedId: t.id, note: '' }, 'Chosen.').then((kept) => kept && open());
                    }}
                    onDrop={(t) => {
                      void loaded
                        .withdrawFact(t.id)
                        .then((done) => done && toast({ text: 'Removed.', undo: () => void loaded.withdrawFact(t.id, false) }));
                    }}
                  />
                ),
              },
            ]}
          />
          <Small>Pressures and scores are a screening aid, not a diagnosis; pain is a veterinary matter. The fitter decides.</Small>
        </YStack>
      </YStack>
      {picture === null ? null : (
        <>
          <WorkingSheet row={row} picture={picture} onClose={() => setRow(null)} onShow={(on) => setView(on)} />
          <NeighboursSheet
            open={open === 'neighbours'}
            onClose={() => setOpen(null)}
            picture={picture}
            neighbours={neighbours}
            onTake={(setup) => {
              putSetup(setup);
              setOpen(null);
            }}
          />
        </>
      )}
      <SearchSheet
        kind={open === 'best' || open === 'shims' ? open : null}
        onClose={() => setOpen(null)}
        asked={asked}
        input={input}
        runner={runner}
        onTake={(setup) => {
          putSetup(setup);
          setOpen(null);
        }}
      />
      <StockSheet
        open={open === 'stock'}
        onClose={() => setOpen(null)}
        visitId={visitId}
        saddles={saddles}
        input={input}
        ask={{ rider: now.rider, strapPullN: now.strapPullN, schoolId: page.visit.schoolId }}
        onTake={(next, setup) => {
          takeSaddle(next, setup);
          setOpen(null);
        }}
      />
    </Screen>
  );
}
