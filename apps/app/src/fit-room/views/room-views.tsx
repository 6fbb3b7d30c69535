import { FIT_ROOM_PHRASES } from '../../words/fit-room-phrases';
import { type BackSurface, type SitRow, type MeasuredVisit, type SitPicture } from '@fulcra/core';
import { Suspense, lazy, useMemo, useRef } from 'react';
import { type GestureResponderEvent, View } from 'react-native';
import { ScrollView, XStack, YStack } from 'tamagui';
import { hasWebGl } from '../../drawings/solid/has-web-gl';
import { useMeasuredWidth } from '../../drawings/use-measured-width';
import { Choice } from '../../ui/choice';
import { Body, Small } from '../../ui/text';
import { roomFrame } from '../model/room-frame';
import { SectionView } from './section-view';
import { SideView } from './side-view';
import { StrapsView, type StrapsViewProps } from './straps-view';
import { type RoomViewProps, TopView } from './top-view';

/** Fetched only when it is opened. */
const SolidView = lazy(() => import('./solid-view'));

export type ViewId = 'top' | 'side' | 'straps' | 'section' | 'solid';
const VIEWS: readonly { readonly value: ViewId; readonly label: string }[] = [
  { value: 'top', label: FIT_ROOM_PHRASES.pressure },
  { value: 'side', label: FIT_ROOM_PHRASES.side },
  { value: 'straps', label: FIT_ROOM_PHRASES.strapsView },
  { value: 'section', label: FIT_ROOM_PHRASES.section },
  { value: 'solid', label: FIT_ROOM_PHRASES.solid },
];

export interface RoomViewsProps {
  readonly surface: BackSurface;
  readonly measured: MeasuredVisit;
  readonly picture: SitPicture;
  readonly horse: StrapsViewProps['horse'];
  readonly atMm: number;
  readonly onMove: (mm: number) => void;
  readonly shown: SitRow | null;
  /** Whether the device took its drawing memory back, and what is told when it does. */
  readonly lost: boolean;
  readonly onLost: () => void;
  /** One at a time, on a phone: tapped or swiped through. */
  readonly one?: { readonly view: ViewId; readonly onView: (view: ViewId) => void };
}

/** The saddle on the back: from above, from the side, cut across, and from every side; the same place marked in each. */
export function RoomViews({ surface, measured, picture, horse, atMm, onMove, shown, lost, onLost, one }: RoomViewsProps) {
  const webGl = useMemo(hasWebGl, []);
  const frame = useMemo(() => roomFrame(surface, measured.landmarks), [surface, measured.landmarks]);
  const drawings: Drawings = { frame, surface, landmarks: measured.landmarks, picture, horse, atMm, shown };
  const solid = { webGl, lost, onLost };
  return one === undefined ? (
    <AllViews drawings={drawings} solid={solid} onMove={onMove} />
  ) : (
    <OneView drawings={drawings} solid={solid} {...one} />
  );
}

type Drawings = Omit<RoomViewProps, 'widthPx'> & Pick<StrapsViewProps, 'horse'>;
/** Whether this device can draw solids, and what is done when it stops. */
interface Solid {
  readonly webGl: boolean;
  readonly lost: boolean;
  readonly onLost: () => void;
}

function AllViews({
  drawings,
  solid,
  onMove,
}: {
  readonly drawings: Drawings;
  readonly solid: Solid;
  readonly onMove: (mm: number) => void;
}) {
  const cut = (draw: (widthPx: number) => React.ReactNode) => (
    <Measured>
      {(width) => (
        <CutAlong widthPx={width} frame={drawings.frame} onMove={onMove}>
          {draw(width)}
        </CutAlong>
      )}
    </Measured>
  );
  return (
    <YStack gap="$s">
      <Pair>
        {cut((width) => (
          <SideView widthPx={width} {...drawings} />
        ))}
        {cut((width) => (
          <TopView widthPx={width} {...drawings} />
        ))}
      </Pair>
      <Pair>
        <Measured>{(width) => <SectionView widthPx={width} heightPx={Math.round(width * 0.76)} {...drawings} />}</Measured>
        {solid.webGl && !solid.lost ? (
          <Measured>{(width) => <Solids widthPx={width} heightPx={Math.round(width * 0.76)} drawings={drawings} solid={solid} />}</Measured>
        ) : (
          <NoSolid lost={solid.lost} />
        )}
      </Pair>
      <Measured>{(width) => <StrapsView widthPx={width} heightPx={Math.round(width * STRAPS_SHARE)} {...drawings} />}</Measured>
    </YStack>
  );
}

/** How high the straps are drawn on a phone, px, and beside the other drawings, as a share of their width. */
const STRAPS_PX = 270;
const STRAPS_SHARE = 0.5;

interface OneViewProps extends NonNullable<RoomViewsProps['one']> {
  readonly drawings: Drawings;
  readonly solid: Solid;
}

function OneView({ drawings, solid, view: wanted, onView }: OneViewProps) {
  const options = VIEWS.filter((v) => v.value !== 'solid' || solid.webGl);
  const view = wanted === 'solid' && (!solid.webGl || solid.lost) ? 'top' : wanted;
  const turn = (by: 1 | -1) => {
    const at = options.findIndex((v) => v.value === view);
    onView(options[(at + by + options.length) % options.length]!.value);
  };
  const drawn: Readonly<Record<ViewId, (widthPx: number) => React.ReactNode>> = {
    top: (width) => <TopView widthPx={width} {...drawings} />,
    side: (width) => <SideView widthPx={width} {...drawings} />,
    straps: (width) => <StrapsView widthPx={width} heightPx={STRAPS_PX} {...drawings} />,
    section: (width) => <SectionView widthPx={width} heightPx={258} {...drawings} />,
    solid: (width) => <Solids widthPx={width} heightPx={270} drawings={drawings} solid={solid} />,
  };
  return (
    <YStack>
      <ScrollView horizontal showsHorizontalScrollIndicator={false} tabIndex={-1}>
        <XStack paddingHorizontal="$s">
          <Choice label={FIT_ROOM_PHRASES.drawing} value={view} options={options} onChange={onView} />
        </XStack>
      </ScrollView>
      {solid.lost ? <NoSolid lost /> : null}
      <Measured>{(width) => <Swiped onSwipe={view === 'solid' ? null : turn}>{drawn[view](width)}</Swiped>}</Measured>
    </YStack>
  );
}

interface SolidsProps {
  readonly widthPx: number;
  readonly heightPx: number;
  readonly drawings: Drawings;
  readonly solid: Solid;
}

const Solids = ({ widthPx, heightPx, drawings, solid }: SolidsProps) => (
  <Suspense fallback={<Body role="status">{FIT_ROOM_PHRASES.fetchingTheSolid}</Body>}>
    <SolidView widthPx={widthPx} heightPx={heightPx} {...drawings} onLost={solid.onLost} />
  </Suspense>
);

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
  <Small>{lost ? FIT_ROOM_PHRASES.theDeviceTook : FIT_ROOM_PHRASES.thisDeviceCant}</Small>
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
