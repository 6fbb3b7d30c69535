import { surfaceHeightMm } from '@fulcra/core';
import { useEffect, useRef } from 'react';
import { Group } from 'three';
import { XStack, YStack } from 'tamagui';
import { backGroup } from '../../drawings/solid/back-mesh';
import { type Viewer, openViewer, turnByKey } from '../../drawings/solid/viewer';
import { Button } from '../../ui/button';
import { usePalette } from '../../ui/use-palette';
import { saddleGroup } from '../model/saddle-mesh';
import { type RoomViewProps } from './top-view';

const SETTLE_MS = 700;
const FROM_MM = 70;

/** Back and saddle from every side; the saddle comes down and settles, then shows what it presses. */
export default function SolidView({
  widthPx,
  heightPx,
  surface,
  landmarks,
  picture,
  onLost,
}: RoomViewProps & { readonly heightPx: number; readonly onLost: () => void }) {
  const palette = usePalette();
  const holder = useRef<HTMLDivElement>(null);
  const view = useRef<Viewer | null>(null);
  const lost = useRef(onLost);
  lost.current = onLost;
  const newest = useRef(picture);
  newest.current = picture;
  const draw = useRef<(liftedMm: number, first: boolean) => void>(() => undefined);
  const settle = useRef<() => void>(() => undefined);
  useEffect(() => {
    const viewer = openViewer(holder.current!, widthPx, heightPx, palette.sheet, () => lost.current());
    view.current = viewer;
    let frame = 0;
    draw.current = (liftedMm, first) => {
      const group = new Group().add(
        backGroup(surface, landmarks, palette),
        saddleGroup(newest.current, (x, y) => surfaceHeightMm(surface, x, y), liftedMm),
      );
      if (first) viewer.show(group);
      else viewer.swap(group);
    };
    settle.current = () => {
      cancelAnimationFrame(frame);
      const startedAt = performance.now();
      const still = window.matchMedia('(prefers-reduced-motion: reduce)').matches;
      const step = () => {
        const share = still ? 1 : Math.min(1, (performance.now() - startedAt) / SETTLE_MS);
        draw.current(FROM_MM * (1 - share) ** 2, false);
        if (share < 1) frame = requestAnimationFrame(step);
      };
      step();
    };
    draw.current(0, true);
    settle.current();
    return () => {
      cancelAnimationFrame(frame);
      view.current = null;
      draw.current = () => undefined;
      viewer.close();
    };
  }, [widthPx, heightPx, surface, landmarks, palette]);
  useEffect(() => {
    if (view.current !== null) draw.current(0, false);
  }, [picture]);
  return (
    <YStack gap="$xs">
      <div
        ref={holder}
        role="application"
        aria-label="Saddle and back in three dimensions. Arrow keys turn it."
        tabIndex={0}
        onKeyDown={(event) => turnByKey(view.current, event)}
        style={{ width: widthPx, height: heightPx - 56, touchAction: 'none', overflow: 'hidden' }}
      />
      <XStack gap="$s" paddingHorizontal="$s">
        <Button kind="quiet" label="Set it right again" onPress={() => view.current?.reset()} />
        <Button kind="quiet" label="Let it settle again" onPress={() => settle.current()} />
      </XStack>
    </YStack>
  );
}
