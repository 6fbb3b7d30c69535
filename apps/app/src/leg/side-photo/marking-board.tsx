import { type Px } from '@fulcra/core';
import { useEffect, useRef, useState } from 'react';
import { Image, View } from 'react-native';
import Svg, { Circle, G, Line, Text as SvgText } from 'react-native-svg';
import { DRAWING_FONT, type Palette } from '../../ui/tokens';
import { usePalette } from '../../ui/use-palette';
import { POINT_WORDS, SIDE_PHOTO_PHRASES } from '../../words/side-photo-phrases';
import { MARK_IDS, type MarkId, type PhotoTyped } from './photo-marks';

export interface MarkingBoardProps {
  readonly url: string;
  readonly photo: { readonly widthPx: number; readonly heightPx: number };
  readonly shownWidthPx: number;
  readonly typed: PhotoTyped;
  readonly current: MarkId | null;
  /** One change, one undo: a whole drag is one. */
  readonly onMark: (id: MarkId, at: Px) => void;
  readonly onCurrent: (id: MarkId) => void;
}

/** A finger takes hold of a mark from this far, px of the screen; while the next is to be set, only from right on it: heel and ankle lie close. */
const GRIP_PX = { moving: 26, setting: 9 } as const;
const LENS = { sizePx: 120, times: 3 } as const;

export const markName = (id: MarkId): string =>
  id in POINT_WORDS ? POINT_WORDS[id as keyof typeof POINT_WORDS] : SIDE_PHOTO_PHRASES[id as 'plumbTop'];

/** The photo to tap on: a lens shows what the finger hides, arrow keys move the mark in hand. */
export function MarkingBoard(props: MarkingBoardProps) {
  const { url, photo, shownWidthPx, typed, current } = props;
  const palette = usePalette();
  const times = shownWidthPx / photo.widthPx;
  const heightPx = photo.heightPx * times;
  const box = useRef<View>(null);
  const held = useMarking(box, props, times);
  const marks = held === null ? typed.marks : { ...typed.marks, [held.id]: held.at };
  return (
    <View
      ref={box}
      tabIndex={0}
      role="application"
      aria-label={SIDE_PHOTO_PHRASES.board}
      style={{ width: shownWidthPx, height: heightPx, touchAction: 'none', cursor: 'crosshair' } as object}
    >
      <Image source={{ uri: url }} style={{ width: shownWidthPx, height: heightPx }} accessibilityLabel={SIDE_PHOTO_PHRASES.title} />
      <Svg width={shownWidthPx} height={heightPx} style={{ position: 'absolute' }} aria-hidden>
        <Pairs marks={marks} times={times} palette={palette} />
        {MARK_IDS.map((id) => {
          const at = marks[id];
          return at === undefined ? null : (
            <Mark
              key={id}
              id={id}
              at={at}
              times={times}
              here={id === current}
              left={at.x > NAMES_LEFT_FROM * photo.widthPx}
              palette={palette}
            />
          );
        })}
      </Svg>
      {held === null ? null : (
        <Lens url={url} at={held.at} shownWidthPx={shownWidthPx} heightPx={heightPx} times={times} palette={palette} />
      )}
    </View>
  );
}

interface Drawn {
  readonly times: number;
  readonly palette: Palette;
}

interface MarkProps {
  readonly id: MarkId;
  readonly at: Px;
  readonly here: boolean;
  /** Its name stands to the left: there is no room to the right. */
  readonly left: boolean;
}
/** From here on names stand to the left of their marks, as a share of the picture's width. */
const NAMES_LEFT_FROM = 0.72;

function Mark({ id, at, times, here, left, palette }: Drawn & MarkProps) {
  const [x, y] = [at.x * times, at.y * times];
  const colour = here ? palette.off : palette.action;
  return (
    <G>
      <Circle cx={x} cy={y} r={9} fill="none" stroke={palette.sheet} strokeWidth={4} />
      <Circle cx={x} cy={y} r={9} fill="none" stroke={colour} strokeWidth={2.4} />
      <Circle cx={x} cy={y} r={1.6} fill={colour} />
      <SvgText
        x={x + (left ? -13 : 13)}
        textAnchor={left ? 'end' : 'start'}
        y={y + 5}
        fontFamily={DRAWING_FONT}
        fontSize={13}
        fontWeight="700"
        fill={colour}
        stroke={palette.sheet}
        strokeWidth={0.4}
      >
        {markName(id)}
      </SvgText>
    </G>
  );
}

function Pairs({ marks, times, palette }: Drawn & { readonly marks: PhotoTyped['marks'] }) {
  const line = (from: Px | undefined, to: Px | undefined, colour: string, dash?: string) =>
    from === undefined || to === undefined ? null : (
      <Line
        x1={from.x * times}
        y1={from.y * times}
        x2={to.x * times}
        y2={to.y * times}
        stroke={colour}
        strokeWidth={2.4}
        strokeDasharray={dash}
      />
    );
  return (
    <G>
      {line(marks.plumbTop, marks.plumbFoot, palette.action, '7 5')}
      {line(marks.scaleOne, marks.scaleTwo, palette.lookOut)}
      {line(marks.ear, marks.shoulder, palette.sheet)}
      {line(marks.shoulder, marks.hip, palette.sheet)}
      {line(marks.hip, marks.knee, palette.sheet)}
      {line(marks.knee, marks.ankle, palette.sheet)}
    </G>
  );
}

interface LensProps extends Drawn {
  readonly url: string;
  readonly at: Px;
  readonly shownWidthPx: number;
  readonly heightPx: number;
}

/** What lies under the finger, enlarged, in the corner away from it. */
function Lens({ url, at, shownWidthPx, heightPx, times, palette }: LensProps) {
  const { sizePx, times: closer } = LENS;
  const [x, y] = [at.x * times, at.y * times];
  const corner = x < shownWidthPx / 2 ? { right: 8 } : { left: 8 };
  return (
    <View
      style={{
        position: 'absolute',
        top: 8,
        ...corner,
        width: sizePx,
        height: sizePx,
        borderRadius: sizePx / 2,
        overflow: 'hidden',
        borderWidth: 3,
        borderColor: palette.action,
        backgroundColor: palette.sheet,
      }}
    >
      <Image
        source={{ uri: url }}
        style={{
          position: 'absolute',
          width: shownWidthPx * closer,
          height: heightPx * closer,
          left: sizePx / 2 - 3 - x * closer,
          top: sizePx / 2 - 3 - y * closer,
        }}
      />
      <Svg width={sizePx} height={sizePx} style={{ position: 'absolute', left: -3, top: -3 }} aria-hidden>
        <Line x1={sizePx / 2} x2={sizePx / 2} y1={0} y2={sizePx} stroke={palette.action} strokeWidth={1} />
        <Line y1={sizePx / 2} y2={sizePx / 2} x1={0} x2={sizePx} stroke={palette.action} strokeWidth={1} />
      </Svg>
    </View>
  );
}

interface Held {
  readonly id: MarkId;
  readonly at: Px;
}
const ARROWS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

function useMarking(box: React.RefObject<View | null>, props: MarkingBoardProps, times: number): Held | null {
  const [held, setHeld] = useState<Held | null>(null);
  const now = useRef({ ...props, times, held });
  now.current = { ...props, times, held };
  useEffect(() => {
    const element = box.current as unknown as HTMLElement;
    const place = (event: PointerEvent): Px => {
      const frame = element.getBoundingClientRect();
      return inside(
        { x: (event.clientX - frame.left) / now.current.times, y: (event.clientY - frame.top) / now.current.times },
        now.current.photo,
      );
    };
    const down = (event: PointerEvent) => {
      const at = place(event);
      const { typed, current, times: shown } = now.current;
      const setting = current !== null && typed.marks[current] === undefined;
      const id = nearest(typed, at, (setting ? GRIP_PX.setting : GRIP_PX.moving) / shown) ?? current;
      if (id === null) return;
      element.setPointerCapture(event.pointerId);
      now.current.onCurrent(id);
      setHeld({ id, at });
    };
    const move = (event: PointerEvent) => {
      const { held: mark } = now.current;
      if (mark !== null) setHeld({ id: mark.id, at: place(event) });
    };
    const up = () => {
      const { held: mark, onMark } = now.current;
      if (mark !== null) onMark(mark.id, mark.at);
      setHeld(null);
    };
    const key = (event: KeyboardEvent) => {
      const { typed, current, photo, onMark } = now.current;
      const arrow = ARROWS[event.key];
      if (arrow === undefined || current === null) return;
      event.preventDefault();
      const at = typed.marks[current] ?? { x: photo.widthPx / 2, y: photo.heightPx / 2 };
      const by = event.shiftKey ? 10 : 1;
      onMark(current, inside({ x: at.x + arrow[0] * by, y: at.y + arrow[1] * by }, photo));
    };
    const all = Object.entries({ pointerdown: down, pointermove: move, pointerup: up, pointercancel: up, keydown: key }) as [
      string,
      EventListener,
    ][];
    for (const [name, listen] of all) element.addEventListener(name, listen);
    return () => {
      for (const [name, listen] of all) element.removeEventListener(name, listen);
    };
  }, [box]);
  return held;
}

const inside = ({ x, y }: Px, { widthPx, heightPx }: MarkingBoardProps['photo']): Px => ({
  x: Math.round(Math.max(0, Math.min(widthPx, x)) * 10) / 10,
  y: Math.round(Math.max(0, Math.min(heightPx, y)) * 10) / 10,
});

function nearest({ marks }: PhotoTyped, at: Px, reachPx: number): MarkId | null {
  const there = MARK_IDS.flatMap((id) => {
    const mark = marks[id];
    return mark === undefined ? [] : [{ id, far: Math.hypot(mark.x - at.x, mark.y - at.y) }];
  });
  const best = there.reduce<(typeof there)[number] | null>((b, t) => (b === null || t.far < b.far ? t : b), null);
  return best !== null && best.far <= reachPx ? best.id : null;
}
