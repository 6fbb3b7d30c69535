import { type BackSurface, type SitRow, type MeasuredVisit, type SitPicture } from '@fulcra/core';
import { Suspense, lazy, useMemo, useRef, useState } from 'react';
import { type GestureResponderEvent, View } from 'react-native';
import { XStack, YStack } from 'tamagui';
import { hasWebGl } from '../../drawings/solid/has-web-gl';
import { useMeasuredWidth } from '../../drawings/use-measured-width';
import { Choice } from '../../ui/choice';
import { Body, Small } from '../../ui/text';
import { roomFrame } from '../model/room-frame';
import { SectionView } from './section-view';
import { SideView } from './side-view';
import { TopView } from './top-view';

/** Fetched only when it is opened. */
const SolidView = lazy(() => import('./solid-view'));

export type ViewId = 'top' | 'side' | 'section' | 'solid';
const VIEWS: readonly { readonly value: ViewId; readonly label: string }[] = [
  { value: 'top', label: 'Pressure' },
  { value: 'side', label: 'Side' },
  { value: 'section', label: 'Section' },
  { value: 'solid', label: 'Solid' },
];

export interface RoomViewsProps {
  readonly surface: BackSurface;
  readonly measured: MeasuredVisit;
  readonly picture: SitPicture;
  readonly atMm: number;
  readonly onMove: (mm: number) => void;
  readonly shown: SitRow | null;
  /** One at a time, on a phone: tapped or swiped through. */
  readonly one?: { readonly view: ViewId; readonly onView: (view: ViewId) => void };
}

/** The saddle on the back: from above, from the side, cut across, and from every side; the same place marked in each. */
export function RoomViews({ surface, measured, picture, atMm, onMove, shown, one }: RoomViewsProps) {
  const webGl = useMemo(hasWebGl, []);
  const [lost, setLost] = useState(false);
  const frame = useMemo(() => roomFrame(surface, measured.landmarks), [surface, measured.landmarks]);
  const drawings = { frame, surface, landmarks: measured.landmarks, picture, atMm, shown };
  const solid = webGl && !lost;
  if (one === undefined) {
    return (
      <YStack gap="$s">
        <Pair>
          <Measured>
            {(width) => (
              <CutAlong widthPx={width} frame={frame} onMove={onMove}>
                <SideView widthPx={width} {...drawings} />
              </CutAlong>
            )}
          </Measured>
          <Measured>
            {(width) => (
              <CutAlong widthPx={width} frame={frame} onMove={onMove}>
                <TopView widthPx={width} {...drawings} />
              </CutAlong>
            )}
          </Measured>
        </Pair>
        <Pair>
          <Measured>{(width) => <SectionView widthPx={width} heightPx={Math.round(width * 0.76)} {...drawings} />}</Measured>
          {solid ? (
            <Measured>
              {(width) => (
                <Suspense fallback={<Body role="status">Fetching the solid view…</Body>}>
                  <SolidView widthPx={width} heightPx={Math.round(width * 0.76)} {...drawings} onLost={() => setLost(true)} />
                </Suspense>
              )}
            </Measured>
          ) : (
            <NoSolid lost={lost} />
          )}
        </Pair>
      </YStack>
    );
  }
  const options = VIEWS.filter((v) => v.value !== 'solid' || webGl);
  const view = one.view === 'solid' && !solid ? 'top' : one.view;
  const turn = (by: 1 | -1) => {
    const at = options.findIndex((v) => v.value === view);
    one.onView(options[(at + by + options.length) % options.length]!.value);
  };
  return (
    <YStack>
      <XStack paddingHorizontal="$s">
        <Choice label="Drawing" value={view} options={options} onChange={one.onView} />
      </XStack>
      {lost ? <NoSolid lost /> : null}
      <Measured>
        {(width) => (
          <Swiped onSwipe={view === 'solid' ? null : turn}>
            {view === 'top' ? <TopView widthPx={width} {...drawings} /> : null}
            {view === 'side' ? <SideView widthPx={width} {...drawings} /> : null}
            {view === 'section' ? <SectionView widthPx={width} heightPx={258} {...drawings} /> : null}
            {view === 'solid' ? (
              <Suspense fallback={<Body role="status">Fetching the solid view…</Body>}>
                <SolidView widthPx={width} heightPx={270} {...drawings} onLost={() => setLost(true)} />
              </Suspense>
            ) : null}
          </Swiped>
        )}
      </Measured>
    </YStack>
  );
}

const Pair = ({ children }: { readonly children: readonly React.ReactNode[] }) => (
  <XStack gap="$s" alignItems="flex-start">
    {children.map((child, i) => (
      <YStack key={i} flex={1} minWidth={0}>
        {child}
      </YStack>
    ))}
  </XStack>
);

const NoSolid = ({ lost }: { readonly lost: boolean }) => (
  <Small>
    {lost
      ? 'The device took its drawing memory back, so the other drawings stand in. Nothing is lost.'
      : 'This device can’t draw in three dimensions; the other drawings say the same.'}
  </Small>
);

function Measured({ children }: { readonly children: (widthPx: number) => React.ReactNode }) {
  const [width, onLayout] = useMeasuredWidth();
  return <YStack onLayout={onLayout}>{width > 0 ? children(width) : null}</YStack>;
}

/** Wide: a finger or the mouse drawn along a drawing moves the cut of the section. */
function CutAlong({
  widthPx,
  frame,
  onMove,
  children,
}: {
  readonly widthPx: number;
  readonly frame: { readonly fromMm: number; readonly toMm: number };
  readonly onMove: (mm: number) => void;
  readonly children: React.ReactNode;
}) {
  const box = useRef<View>(null);
  const move = (event: GestureResponderEvent) => {
    const { left } = (box.current as unknown as HTMLElement).getBoundingClientRect();
    const share = Math.min(1, Math.max(0, (event.nativeEvent.pageX - window.scrollX - left) / widthPx));
    onMove(Math.round(frame.fromMm + share * (frame.toMm - frame.fromMm)));
  };
  return (
    <View
      ref={box}
      onStartShouldSetResponder={() => true}
      onResponderGrant={move}
      onResponderMove={move}
      style={{ cursor: 'ew-resize' } as object}
    >
      {children}
    </View>
  );
}

const SWIPE_PX = 60;

function Swiped({ onSwipe, children }: { readonly onSwipe: ((by: 1 | -1) => void) | null; readonly children: React.ReactNode }) {
  const from = useRef<number | null>(null);
  return (
    <div
      onPointerDown={(e) => {
        from.current = e.clientX;
      }}
      onPointerUp={(e) => {
        const moved = from.current === null ? 0 : e.clientX - from.current;
        from.current = null;
        if (onSwipe !== null && Math.abs(moved) > SWIPE_PX) onSwipe(moved < 0 ? 1 : -1);
      }}
      style={{ touchAction: onSwipe === null ? 'none' : 'pan-y' }}
    >
      {children}
    </div>
  );
}
