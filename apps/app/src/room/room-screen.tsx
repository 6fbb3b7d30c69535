import { type Rider, type Saddle, type TriedSetting, chosenSettingOf, triedSettingsOf } from '@fulcra/contract';
import {
  type BackSurface,
  type BodyInput,
  type RiderLoad,
  type SaddleSetup,
  type SitRow,
  CORE_VERSION,
  STRAP_PULL_N,
  backSurface,
  bodyFrom,
  middleSetup,
  naturalPlaceMm,
  presentSetup,
  schoolById,
} from '@fulcra/core';
import { router } from 'expo-router';
import { useMemo, useState } from 'react';
import { XStack, YStack } from 'tamagui';
import { backlineLayout } from '../drawings/backline-layout';
import { useMeasuredWidth } from '../drawings/use-measured-width';
import { HoldBanner } from '../feel/hold-banner';
import { useRiders, useSaddles } from '../sync/use-views';
import { Banner } from '../ui/banner';
import { Button } from '../ui/button';
import { EmptyState } from '../ui/empty-state';
import { LoadState } from '../ui/load-state';
import { Screen } from '../ui/screen';
import { Body, Small } from '../ui/text';
import { useToast } from '../ui/toast';
import { useDraft } from '../ui/use-draft';
import { useWide } from '../ui/use-wide';
import { measuredNeeds } from '../visit/measured-needs';
import { measuredStations } from '../visit/measured-visit';
import { SchoolPicker } from '../visit/school-picker';
import { type LoadedVisit, useVisitPage } from '../visit/use-visit-page';
import { problemWords } from '../words/problem-words';
import { STATE_WORDS, setupLine } from '../words/setup-words';
import { type NeighbourOf, type SitAsked, type SitPicture } from '../workers/sit-protocol';
import { useSitAnswer, useSitRunner } from '../workers/use-sitting';
import { bodyInputOf } from './body-of-visit';
import { Controls } from './controls';
import { CriteriaTable } from './criteria-table';
import { NeighboursSheet } from './neighbours-sheet';
import { pressureThumb } from './pressure-scale';
import { RoomBackline } from './room-backline';
import { EMPTY_ROOM, PLAIN_RIDER, type RoomHistory, type RoomState, changed, describedOf, heldAgainst, undone } from './room-state';
import { RoomViews, type ViewId } from './room-views';
import { SearchSheet, type SearchKind } from './search-sheet';
import { StockSheet } from './stock-sheet';
import { SureLine } from './sure-line';
import { TriedList } from './tried-list';
import { VerdictBlock } from './verdict-block';
import { WorkingSheet } from './working-sheet';

export function RoomScreen({ visitId }: { readonly visitId: string }) {
  const { loaded, problem } = useVisitPage(visitId);
  const saddles = useSaddles();
  if (loaded === null) return <LoadState problem={problem} />;
  if (saddles.data === null) return <LoadState problem={saddles.problem} />;
  const surface = backSurface({ stations: measuredStations(loaded.measured), topline: loaded.measured.topline.consensus });
  if (!surface.ok || saddles.data.length === 0)
    return <NothingToLay visitId={visitId} loaded={loaded} noSaddle={saddles.data.length === 0} />;
  return <Room visitId={visitId} loaded={loaded} saddles={saddles.data} surface={surface.value} />;
}

function NothingToLay({
  visitId,
  loaded,
  noSaddle,
}: {
  readonly visitId: string;
  readonly loaded: LoadedVisit;
  readonly noSaddle: boolean;
}) {
  const back = () => router.navigate(`/visits/${visitId}`);
  return (
    <Screen title={loaded.page.horse.name} note="Fit room" onBack={back}>
      {noSaddle ? (
        <EmptyState
          title="No saddle in the stock yet."
          text="Describe one, or bring a stock in from a file; then it can be laid on this back."
        >
          <Button kind="main" label="To the stock" onPress={() => router.push('/saddles')} />
        </EmptyState>
      ) : (
        <EmptyState
          title="Not enough of a back to lay a saddle on."
          text="Two sections make a surface; the front, base, low point, last rib and the topline make a good one."
        >
          <Button kind="main" label="Take the tracings" onPress={() => router.replace(`/visits/${visitId}/trace/front`)} />
        </EmptyState>
      )}
    </Screen>
  );
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
  const [room, setRoom] = useDraft<RoomHistory>(`room-${visitId}`, EMPTY_ROOM);
  const [comparing, setComparing] = useState(false);
  const [open, setOpen] = useState<Open>(null);
  const [row, setRow] = useState<SitRow | null>(null);
  const [shownId, setShownId] = useState<SitRow['id'] | null>(null);
  const [view, setView] = useState<ViewId>('top');
  const [atMm, setAtMm] = useDraft<number>(`room-at-${visitId}`, page.visit.stationMm);
  const riders = useRiders().data;
  const rider = useMemo(() => riderOf(riders, page.horse.riderIds), [riders, page.horse.riderIds]);
  const start = useMemo(() => firstState(input, saddles, page.visit.schoolId, rider), [input, saddles, page.visit.schoolId, rider]);
  const now = usable(room.now, saddles) ?? start;
  const state = comparing ? (usable(room.against, saddles) ?? now) : now;
  const saddle = saddles.find((s) => s.id === state.saddleId)!;
  const described = useMemo(() => describedOf(saddle), [saddle]);
  const asked: SitAsked = { ...withoutSaddle(state), saddle: described, schoolId: page.visit.schoolId };
  const { answered, fresh } = useSitAnswer(runner, 'sit', asked);
  const beside = useSitAnswer(runner, 'neighbours', comparing ? null : asked, 350);
  const put = (next: RoomState) => setRoom(changed({ ...room, now }, next));
  const putSetup = (setup: SaddleSetup) => put({ ...now, setup });
  const picture = answered?.ok === true && answered.answer.ok ? answered.answer.value : null;
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
        <RoomTop loaded={loaded} visitId={visitId} picture={picture} atMm={atMm} onMove={setAtMm}>
          {wide ? null : <PhoneViews {...{ surface, loaded, picture, atMm, view, setView, shown: rowShown(picture, shownId), setAtMm }} />}
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
            <RoomViews
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
          <Controls state={now} saddle={described} rider={rider} onChange={put} />
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
          <SchoolPicker
            value={page.visit.schoolId}
            has={measuredNeeds(measured)}
            onChange={(schoolId) => void loaded.change({ schoolId })}
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

const withoutSaddle = ({ setup, rider, pose, strapPullN }: RoomState) => ({ setup, rider, pose, strapPullN });
const widthLabel = (saddle: Saddle, setup: SaddleSetup): string => saddle.front.settings[setup.width]!.label;
const rowShown = (picture: SitPicture | null, id: SitRow['id'] | null): SitRow | null =>
  picture?.verdicts[0]!.rows.find((r) => r.id === id) ?? null;

/** What was kept in the browser may speak of a saddle that has been changed or is no longer there. */
function usable(state: RoomState | null, saddles: readonly Saddle[]): RoomState | null {
  const saddle = saddles.find((s) => s.id === state?.saddleId);
  return state === null || saddle === undefined || saddle.front.settings[state.setup.width] === undefined ? null : state;
}

function riderOf(riders: readonly Rider[] | null, ids: readonly string[]): RiderLoad {
  const heavy = (riders ?? []).filter((r) => ids.includes(r.id)).flatMap((r) => r.weightKg ?? []);
  return heavy.length === 0 ? PLAIN_RIDER : { ...PLAIN_RIDER, massKg: Math.max(...heavy) };
}

function placeOf(input: BodyInput, saddle: Saddle, schoolId: RoomProps['loaded']['page']['visit']['schoolId']): number {
  const body = bodyFrom(input);
  const school = schoolById(schoolId);
  return body.ok ? naturalPlaceMm(body.value, describedOf(saddle), school) : school.front.stationMm;
}

function firstState(
  input: BodyInput,
  saddles: readonly Saddle[],
  schoolId: RoomProps['loaded']['page']['visit']['schoolId'],
  rider: RiderLoad,
): RoomState {
  const saddle = saddles[0]!;
  const setup = presentSetup(describedOf(saddle), placeOf(input, saddle, schoolId));
  return { saddleId: saddle.id, setup, rider, pose: 'resting', strapPullN: STRAP_PULL_N };
}

function triedOf(picture: SitPicture, saddle: Saddle): TriedSetting {
  const { asked } = picture;
  const verdict = picture.verdicts[0]!;
  const school = schoolById(asked.schoolId);
  return {
    kind: 'triedSetting',
    saddleId: saddle.id,
    saddleName: saddle.name,
    widthLabel: widthLabel(saddle, asked.setup),
    setup: asked.setup,
    rider: asked.rider,
    pose: asked.pose,
    schoolId: school.id,
    schoolVersion: school.version,
    coreVersion: CORE_VERSION,
    score: verdict.score,
    missed: verdict.worst.map(({ id, value, stops }) => ({ id, value, stops })),
    thumb: pressureThumb(picture.grid, picture.pressureKPa, picture.overlapMm),
  };
}

function RoomTop({
  loaded,
  visitId,
  picture,
  atMm,
  onMove,
  children,
}: {
  readonly loaded: LoadedVisit;
  readonly visitId: string;
  readonly picture: SitPicture | null;
  readonly atMm: number;
  readonly onMove: (mm: number) => void;
  readonly children: React.ReactNode;
}) {
  const [width, onLayout] = useMeasuredWidth();
  const { topline, landmarks, hold } = loaded.measured;
  const layout = useMemo(() => backlineLayout(topline.consensus, landmarks), [topline.consensus, landmarks]);
  return (
    <YStack onLayout={onLayout} borderBottomWidth={1} borderColor="$rule">
      {width > 0 ? (
        <RoomBackline
          widthPx={width}
          layout={layout}
          landmarks={landmarks}
          picture={picture}
          atMm={atMm}
          onMove={onMove}
          held={hold.state === 'held'}
        />
      ) : null}
      <HoldBanner visitId={visitId} hold={hold} />
      {children}
    </YStack>
  );
}

interface PhoneViewsProps {
  readonly surface: BackSurface;
  readonly loaded: LoadedVisit;
  readonly picture: SitPicture | null;
  readonly atMm: number;
  readonly view: ViewId;
  readonly setView: (view: ViewId) => void;
  readonly shown: SitRow | null;
  readonly setAtMm: (mm: number) => void;
}

function PhoneViews({ surface, loaded, picture, atMm, view, setView, shown, setAtMm }: PhoneViewsProps) {
  if (picture === null) return null;
  return (
    <RoomViews
      surface={surface}
      measured={loaded.measured}
      picture={picture}
      atMm={atMm}
      onMove={setAtMm}
      shown={shown}
      one={{ view, onView: setView }}
    />
  );
}

/** What can't be said because it wasn't measured; the rest is said. */
function MissingBanner({ input, picture }: { readonly input: BodyInput; readonly picture: SitPicture | null }) {
  const have = new Set(input.stations.map((s) => s.station));
  const missing = (['front', 'base', 'low', 'lastRib'] as const).filter((s) => !have.has(s));
  const parts = [
    missing.length > 0
      ? `Not traced: ${missing.join(', ').replace('lastRib', 'last rib')}; the back there is guessed from its neighbours.`
      : null,
    input.topline === null ? 'No topline: the spine is taken as level, so bridging, level and drift can’t be believed.' : null,
    picture !== null && picture.offTheBackShare > 0.05
      ? `${Math.round(100 * picture.offTheBackShare)} % of the panels lie where the back was not measured; nothing is known there.`
      : null,
  ].filter((p) => p !== null);
  return parts.length === 0 ? null : <Banner tone="lookOut">{parts.join(' ')}</Banner>;
}

const Tools = ({ children }: { readonly children: React.ReactNode }) => (
  <XStack role="group" aria-label="What can be tried" flexWrap="wrap" columnGap="$s">
    {children}
  </XStack>
);

/** A quiet action of the room: underlined text, still a thumb high. */
function Tool({ label, off = false, onPress }: { readonly label: string; readonly off?: boolean; readonly onPress: () => void }) {
  return (
    <Button kind="quiet" tight label={label} off={off} onPress={onPress}>
      <Body fontWeight="700" color="$action" textDecorationLine="underline">
        {label}
      </Body>
    </Button>
  );
}

interface FlockToolProps {
  readonly runner: ReturnType<typeof useSitRunner>;
  readonly asked: SitAsked;
  readonly onTake: (setup: SaddleSetup) => void;
}

function FlockTool({ runner, asked, onTake }: FlockToolProps) {
  const toast = useToast();
  const even = () =>
    runner.ask('flock', asked, (answered) => {
      if (!answered.ok) toast({ text: `It stopped: ${answered.message}.` });
      else if (JSON.stringify(answered.answer) === JSON.stringify(asked.setup.flock))
        toast({ text: 'The filling is as even as it can be made.' });
      else onTake({ ...asked.setup, flock: answered.answer });
    });
  return <Tool label="Even the filling" off={asked.saddle.build.panel.flock.stepMm <= 0} onPress={even} />;
}

/** Press and hold shows what was held; released, it shows what is on now. */
function HoldToCompare({
  has,
  onPin,
  onHold,
}: {
  readonly has: boolean;
  readonly onPin: () => void;
  readonly onHold: (held: boolean) => void;
}) {
  if (!has) return <Button tight label="Hold against" onPress={onPin} />;
  return (
    <div
      onPointerDown={() => onHold(true)}
      onPointerUp={() => onHold(false)}
      onPointerLeave={() => onHold(false)}
      onKeyDown={(e) => (e.key === ' ' || e.key === 'Enter') && onHold(true)}
      onKeyUp={() => onHold(false)}
      style={{ touchAction: 'none', userSelect: 'none' }}
    >
      <Button tight label="Compare" onPress={() => undefined} />
    </div>
  );
}
