import { type Photo } from '@fulcra/contract';
import { type FactBodies, type Px, factsOfKind } from '@fulcra/core';
import { router } from 'expo-router';
import { Fragment, useCallback, useEffect, useState } from 'react';
import { Image } from 'react-native';
import { XStack, YStack } from 'tamagui';
import { useMeasuredWidth } from '../../drawings/use-measured-width';
import { PhotoStrip, usePhotoUrl } from '../../photos';
import { useDraft } from '../../platform/use-draft';
import { Button } from '../../ui/button';
import { Choice } from '../../ui/choice';
import { Columns } from '../../ui/columns';
import { LoadState } from '../../ui/load-state';
import { Locked } from '../../ui/locked';
import { Screen } from '../../ui/screen';
import { Stepper } from '../../ui/stepper';
import { Body, Heading, Small } from '../../ui/text';
import { ClosedVisit, type LoadedVisit, useVisitPage } from '../../visit';
import { SIDE_PHOTO_PHRASES } from '../../words/side-photo-phrases';
import { MarkingBoard, markName } from './marking-board';
import { type MarkId, PHOTO_DRAFT, type PhotoTyped, markedOf, newPhotoTyped, nextMark, typedOfMarked, wantedMarks } from './photo-marks';
import { usePhoneTilt } from '../../platform/phone-tilt';
import { PhotoReading } from './photo-reading';

export function SidePhotoScreen({ visitId }: { readonly visitId: string }) {
  const { loaded, problem } = useVisitPage(visitId);
  const [picked, setPicked] = useState<string | null>(null);
  const [besideId, setBeside] = useState<string>('');
  if (loaded === null) return <LoadState problem={problem} />;
  const photos = loaded.page.photos.filter((p) => p.view === 'nearSide' || p.view === 'offSide');
  const photo = photos.find((p) => p.id === picked) ?? photos.at(-1) ?? null;
  const beside = photos.find((p) => p.id === besideId && p.id !== photo?.id) ?? null;
  const options = photos.map((p, i) => ({ value: p.id, label: SIDE_PHOTO_PHRASES.pick(i + 1) }));
  return (
    <Screen title={SIDE_PHOTO_PHRASES.title} note={loaded.page.horse.name} onBack={() => router.navigate(`/visits/${visitId}/rider`)}>
      <ClosedVisit loaded={loaded} />
      <Small>{SIDE_PHOTO_PHRASES.how}</Small>
      {photo === null ? (
        <Body>{SIDE_PHOTO_PHRASES.noPhotoText}</Body>
      ) : (
        <>
          {photos.length < 2 ? null : (
            <YStack>
              <Choice label={SIDE_PHOTO_PHRASES.choose} value={photo.id} options={options} onChange={setPicked} />
              <XStack alignItems="center" flexWrap="wrap">
                <Small>{SIDE_PHOTO_PHRASES.beside}</Small>
                <Choice
                  label={SIDE_PHOTO_PHRASES.beside}
                  value={beside?.id ?? ''}
                  options={[{ value: '', label: SIDE_PHOTO_PHRASES.alone }, ...options.filter((o) => o.value !== photo.id)]}
                  onChange={setBeside}
                />
              </XStack>
            </YStack>
          )}
          <Columns>
            <OnePhoto key={photo.id} visitId={visitId} loaded={loaded} photo={photo} alone={beside === null} />
            {beside === null ? null : <OnePhoto key={beside.id} visitId={visitId} loaded={loaded} photo={beside} alone={false} />}
          </Columns>
        </>
      )}
      <Locked when={loaded.closed}>
        <PhotoStrip
          name={SIDE_PHOTO_PHRASES.photos}
          hint={SIDE_PHOTO_PHRASES.noPhoto}
          views={['nearSide', 'offSide']}
          photos={photos}
          urlOf={(photoId) => `/api/visits/${visitId}/photos/${photoId}/content`}
          writeOf={(photoId, body) => ({ kind: 'photo', visitId, photoId, body })}
        />
      </Locked>
    </Screen>
  );
}

interface OnePhotoProps {
  readonly visitId: string;
  readonly loaded: LoadedVisit;
  readonly photo: Photo;
  /** No other beside it: its numbers stand there then. */
  readonly alone: boolean;
}

const keptMarks = ({ page }: LoadedVisit, photoId: string): FactBodies['sideMarks'] | null =>
  factsOfKind(page.facts, 'sideMarks').findLast((f) => f.photoId === photoId) ?? null;

function OnePhoto({ visitId, loaded, photo, alone }: OnePhotoProps) {
  const url = usePhotoUrl(photo, `/api/visits/${visitId}/photos/${photo.id}/content`);
  const size = usePictureSize(url);
  const [width, onLayout] = useMeasuredWidth();
  const kept = keptMarks(loaded, photo.id);
  const marking = usePhotoMarking(photo, kept);
  const { typed, current, put } = marking;
  const marked = size === null ? null : markedOf(typed, size.widthPx, size.heightPx);
  const keep = () => {
    if (marked === null || typeof marked === 'string') return;
    void loaded.note(
      { kind: 'sideMarks', photoId: photo.id, riderId: loaded.page.horse.riderIds[0] ?? null, marked },
      SIDE_PHOTO_PHRASES.kept,
    );
  };
  const board = (
    <YStack gap="$s" onLayout={onLayout}>
      {url === null || size === null || width === 0 ? null : (
        <MarkingBoard
          url={url}
          photo={size}
          shownWidthPx={Math.min(width, WIDEST_PX)}
          typed={typed}
          current={current}
          onMark={marking.mark}
          onCurrent={marking.choose}
        />
      )}
      <Small role="status">{current === null ? SIDE_PHOTO_PHRASES.allMarked : SIDE_PHOTO_PHRASES.next(markName(current))}</Small>
    </YStack>
  );
  const numbers = (
    <YStack gap="$s">
      <Choice
        label={SIDE_PHOTO_PHRASES.marks}
        value={current ?? ''}
        options={wantedMarks(typed).map((id) => ({ value: id, label: `${typed.marks[id] === undefined ? '' : '✓ '}${markName(id)}` }))}
        onChange={marking.choose}
      />
      <Ways typed={typed} put={put} />
      {marked === null ? null : <PhotoReading marked={marked} />}
      <XStack gap="$s" flexWrap="wrap">
        <Button label={SIDE_PHOTO_PHRASES.undo} off={marking.before.length === 0} onPress={marking.undo} />
        <Button
          kind="main"
          off={loaded.closed || marked === null || typeof marked === 'string'}
          label={SIDE_PHOTO_PHRASES.keep}
          onPress={keep}
        />
      </XStack>
    </YStack>
  );
  const both = [<Fragment key="board">{board}</Fragment>, <Fragment key="numbers">{numbers}</Fragment>];
  return alone ? <Columns>{both}</Columns> : <YStack gap="$s">{both}</YStack>;
}

const WIDEST_PX = 620;
const MOST_UNDO = 60;

/** Marks over a reload; each change can be undone. */
function usePhotoMarking(photo: Photo, kept: FactBodies['sideMarks'] | null) {
  const start = kept === null ? newPhotoTyped(photo.view) : typedOfMarked(kept.marked);
  const [typed, setTyped] = useDraft<PhotoTyped>(`side-photo-${photo.id}`, PHOTO_DRAFT, start);
  const [before, setBefore] = useState<readonly PhotoTyped[]>([]);
  const [chosen, choose] = useState<MarkId | null>(null);
  const change = (next: PhotoTyped): void => {
    setBefore([...before, typed].slice(-MOST_UNDO));
    setTyped(next);
  };
  const mark = (id: MarkId, at: Px): void => {
    const fresh = typed.marks[id] === undefined;
    const next = { ...typed, marks: { ...typed.marks, [id]: at } };
    change(next);
    choose(fresh ? nextMark(next, id) : id);
  };
  const undo = (): void => {
    const last = before.at(-1);
    if (last === undefined) return;
    setTyped(last);
    setBefore(before.slice(0, -1));
    choose(null);
  };
  const current = chosen ?? nextMark(typed, null);
  return { typed, before, current, choose, mark, undo, put: (by: Partial<PhotoTyped>) => change({ ...typed, ...by }) };
}

/** Size of the picture as it was taken, px; null while it isn't loaded. */
function usePictureSize(url: string | null): { readonly widthPx: number; readonly heightPx: number } | null {
  const [size, setSize] = useState<{ readonly widthPx: number; readonly heightPx: number } | null>(null);
  useEffect(() => {
    let left = false;
    if (url !== null) Image.getSize(url, (widthPx, heightPx) => (left ? undefined : setSize({ widthPx, heightPx })));
    return () => {
      left = true;
    };
  }, [url]);
  return size;
}

const PLUMBS = [
  { value: 'drawn', label: SIDE_PHOTO_PHRASES.plumbDrawn },
  { value: 'tilt', label: SIDE_PHOTO_PHRASES.plumbTilt },
] as const;
const LOOKS = [
  { value: 'left', label: SIDE_PHOTO_PHRASES.left },
  { value: 'right', label: SIDE_PHOTO_PHRASES.right },
] as const;

function Tilt({ put }: { readonly put: (by: Partial<PhotoTyped>) => void }) {
  const onTilt = useCallback((tiltDeg: number) => put({ tiltDeg }), [put]);
  const { read, none } = usePhoneTilt(onTilt);
  return (
    <YStack>
      <Button kind="quiet" label={SIDE_PHOTO_PHRASES.readTilt} onPress={read} />
      <Small>{none ? SIDE_PHOTO_PHRASES.noTilt : SIDE_PHOTO_PHRASES.tiltHow}</Small>
    </YStack>
  );
}

function Ways({ typed, put }: { readonly typed: PhotoTyped; readonly put: (by: Partial<PhotoTyped>) => void }) {
  return (
    <YStack gap="$xs">
      <Heading>{SIDE_PHOTO_PHRASES.plumbWay}</Heading>
      <Choice label={SIDE_PHOTO_PHRASES.plumbWay} value={typed.plumbWay} options={PLUMBS} onChange={(plumbWay) => put({ plumbWay })} />
      {typed.plumbWay === 'tilt' ? <Tilt put={put} /> : null}
      <XStack alignItems="center">
        <Small>{SIDE_PHOTO_PHRASES.looks}</Small>
        <Choice label={SIDE_PHOTO_PHRASES.looks} value={typed.looks} options={LOOKS} onChange={(looks) => put({ looks })} />
      </XStack>
      <XStack flexWrap="wrap">
        {typed.plumbWay === 'tilt' ? (
          <Stepper
            label={SIDE_PHOTO_PHRASES.tilt}
            unit="°"
            value={typed.tiltDeg}
            step={0.5}
            decimals={1}
            least={-90}
            onChange={(tiltDeg) => put({ tiltDeg: Math.min(90, tiltDeg) })}
          />
        ) : null}
        <Stepper
          label={SIDE_PHOTO_PHRASES.scaleMm}
          unit="mm"
          value={typed.scaleMm}
          step={5}
          decimals={0}
          least={10}
          onChange={(scaleMm) => put({ scaleMm: Math.min(3000, scaleMm) })}
        />
        <Stepper
          label={SIDE_PHOTO_PHRASES.distance}
          unit="m"
          value={typed.distanceMm / 1000}
          step={0.5}
          decimals={1}
          least={0.5}
          onChange={(m) => put({ distanceMm: Math.min(60, m) * 1000 })}
        />
      </XStack>
      <Small>{SIDE_PHOTO_PHRASES.scaleHint}</Small>
    </YStack>
  );
}
