import { FIT_ROOM_PHRASES } from '../../words/fit-room-phrases';
import { surfaceHeightMm } from '@fulcra/core';
import { useEffect, useRef } from 'react';
import { Group } from 'three';
import { XStack, YStack } from 'tamagui';
import { backGroup } from '../../drawings/solid/back-mesh';
import { type Viewer, openViewer, turnByKey } from '../../drawings/solid/viewer';
import { Button } from '../../ui/button';
import { useLatest } from '../../ui/use-latest';
import { usePalette } from '../../ui/use-palette';
import { saddleGroup } from '../model/saddle-mesh';
import { type RoomViewProps } from './top-view';

const SETTLE_MS = 700;
const FROM_MM = 70;

type SolidViewProps = RoomViewProps & { readonly heightPx: number; readonly onLost: () => void };

/** Back and saddle from every side; the saddle comes down and settles, then shows what it presses. */
export default function SolidView(props: SolidViewProps) {
  const { widthPx, heightPx } = props;
  const { holder, view, settle } = useSolid(props);
  return (
    <YStack gap="$xs">
      <div
        ref={holder}
        role="application"
        aria-label={FIT_ROOM_PHRASES.saddleAndBack}
        tabIndex={0}
        onKeyDown={(event) => turnByKey(view.current, event)}
        style={{ width: widthPx, height: heightPx - 56, touchAction: 'none', overflow: 'hidden' }}
      />
      <XStack gap="$s" paddingHorizontal="$s">
        <Button kind="quiet" label={FIT_ROOM_PHRASES.setItRight} onPress={() => view.current?.reset()} />
        <Button kind="quiet" label={FIT_ROOM_PHRASES.letItSettle} onPress={() => settle.current()} />
      </XStack>
    </YStack>
  );
}

/** One viewer for one back; a new picture changes only the saddle in it. */
function useSolid({ widthPx, heightPx, surface, landmarks, picture, onLost }: SolidViewProps) {
  const palette = usePalette();
  const holder = useRef<HTMLDivElement>(null);
  const view = useRef<Viewer | null>(null);
  const lost = useLatest(onLost);
  const newest = useLatest(picture);
  const draw = useRef<(liftedMm: number, first: boolean) => void>(() => undefined);
  const settle = useRef<() => void>(() => undefined);
  useEffect(() => {
    const viewer = openViewer(holder.current!, widthPx, heightPx, palette.sheet, () => lost.current());
    view.current = viewer;
    draw.current = (liftedMm, first) => {
      const saddle = saddleGroup(newest.current, (x, y) => surfaceHeightMm(surface, x, y), liftedMm);
      const group = new Group().add(backGroup(surface, landmarks, palette), saddle);
      if (first) viewer.show(group);
      else viewer.swap(group);
    };
    let stop = () => undefined as void;
    settle.current = () => {
      stop();
      stop = comeDown((liftedMm) => draw.current(liftedMm, false));
    };
    draw.current(0, true);
    settle.current();
    return () => {
      stop();
      view.current = null;
      draw.current = () => undefined;
      viewer.close();
    };
  }, [widthPx, heightPx, surface, landmarks, palette, lost, newest]);
  useEffect(() => {
    if (view.current !== null) draw.current(0, false);
  }, [picture]);
  return { holder, view, settle };
}

/** From above onto the back, slower toward the end; at once for those who want no motion. @returns how to stop it */
function comeDown(draw: (liftedMm: number) => void): () => void {
  const startedAt = performance.now();
  const still = window.matchMedia('(prefers-reduced-motion: reduce)').matches;
  let frame = 0;
  const step = () => {
    const share = still ? 1 : Math.min(1, (performance.now() - startedAt) / SETTLE_MS);
    draw(FROM_MM * (1 - share) ** 2);
    if (share < 1) frame = requestAnimationFrame(step);
  };
  step();
  return () => cancelAnimationFrame(frame);
}
