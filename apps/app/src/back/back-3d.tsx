import { BACK_PHRASES } from '../words/back-phrases';
import { type BackSurface, type Landmarks } from '@fulcra/core';
import { useEffect, useRef } from 'react';
import { XStack, YStack } from 'tamagui';
import { Button } from '../ui/button';
import { usePalette } from '../ui/use-palette';
import { backGroup } from '../drawings/solid/back-mesh';
import { type Viewer, openViewer, turnByKey } from '../drawings/solid/viewer';

export interface Back3dProps {
  readonly widthPx: number;
  readonly heightPx: number;
  readonly surface: BackSurface;
  readonly landmarks: Landmarks;
  /** The device took the drawing memory away. */
  readonly onLost: () => void;
}

/** The back from every side: turned by a finger, the mouse or the arrow keys; set right again by one tap. */
export default function Back3d({ widthPx, heightPx, surface, landmarks, onLost }: Back3dProps) {
  const palette = usePalette();
  const holder = useRef<HTMLDivElement>(null);
  const view = useRef<Viewer | null>(null);
  const lost = useRef(onLost);
  lost.current = onLost;
  useEffect(() => {
    const startedAt = performance.now();
    const viewer = openViewer(holder.current!, widthPx, heightPx, palette.sheet, () => lost.current());
    view.current = viewer;
    const group = backGroup(surface, landmarks, palette);
    viewer.show(group);
    holder.current!.dataset.firstFrameMs = (performance.now() - startedAt).toFixed(0);
    return () => {
      view.current = null;
      viewer.close();
    };
  }, [widthPx, heightPx, surface, landmarks, palette]);
  return (
    <YStack gap="$s">
      <div
        ref={holder}
        role="application"
        aria-label={BACK_PHRASES.theBackIn}
        tabIndex={0}
        onKeyDown={(event) => turnByKey(view.current, event)}
        style={{ width: widthPx, height: heightPx, touchAction: 'none' }}
      />
      <XStack>
        <Button label={BACK_PHRASES.setItRight} onPress={() => view.current?.reset()} />
      </XStack>
    </YStack>
  );
}
