import { type Leg, type LegGround, type LegOnHorse, type Outcome, legOnLeather } from '@fulcra/core';
import { type RefObject, useEffect, useRef } from 'react';
import { type View } from 'react-native';
import { type SceneScale } from './leg-scene';

/** A finger takes hold of knee or tread from this far, px. */
const GRIP_PX = 40;
/** No leather hangs shorter or longer, mm. */
const HANGS_MM = { least: 150, most: 1150 } as const;
const HALVINGS = 24;

export interface LegDrag {
  readonly box: RefObject<View | null>;
  readonly scale: SceneScale;
  readonly leg: Leg;
  readonly ground: LegGround;
  readonly place: LegOnHorse;
  /** Where the hand has it now; null back to the purpose. */
  readonly onHang: (hangMm: number | null) => void;
}

/** Finger, mouse and keys on the drawing: tread and knee are drawn up and down, and the leather's length follows. */
export function useLegDrag(drag: LegDrag): void {
  const now = useRef(drag);
  now.current = drag;
  const { box } = drag;
  useEffect(() => {
    const element = box.current as unknown as HTMLElement | null;
    if (element === null) return;
    let held: 'knee' | 'tread' | null = null;
    let offsetPx = 0;
    const yOf = (event: PointerEvent): number => event.clientY - element.getBoundingClientRect().top;
    const down = (event: PointerEvent) => {
      const { scale, place } = now.current;
      const frame = element.getBoundingClientRect();
      const from = (p: LegOnHorse['knee']): number =>
        Math.hypot(scale.x(p.xMm) - (event.clientX - frame.left), scale.y(p.zMm) - (event.clientY - frame.top));
      const [knee, tread] = [from(place.knee), from(place.tread)];
      if (Math.min(knee, tread) > GRIP_PX) return;
      held = knee < tread ? 'knee' : 'tread';
      offsetPx = scale.y(place[held].zMm) - yOf(event);
      element.setPointerCapture(event.pointerId);
      event.preventDefault();
    };
    const move = (event: PointerEvent) => {
      if (held === null) return;
      const { scale, leg, ground, onHang } = now.current;
      onHang(hangFor(leg, ground, held, scale.y.invert(yOf(event) + offsetPx)));
    };
    const up = () => (held = null);
    const key = (event: KeyboardEvent) => {
      const by = { ArrowUp: -1, ArrowDown: 1 }[event.key];
      if (by === undefined && event.key !== 'Escape') return;
      event.preventDefault();
      const { leg, ground, place, onHang } = now.current;
      if (by === undefined) return onHang(null);
      const next = place.hangMm + by * (event.shiftKey ? 10 : 1);
      if (legOnLeather(leg, ground, next).ok) onHang(next);
    };
    const listeners = { pointerdown: down, pointermove: move, pointerup: up, pointercancel: up, keydown: key } as const;
    const all = Object.entries(listeners) as [string, EventListener][];
    for (const [name, listen] of all) element.addEventListener(name, listen);
    return () => {
      for (const [name, listen] of all) element.removeEventListener(name, listen);
    };
  }, [box]);
}

/** The hang at which knee or tread comes to lie at a height: both fall as the leather grows longer. */
export function hangFor(leg: Leg, ground: LegGround, held: 'knee' | 'tread', zMm: number): number {
  let [low, high]: [number, number] = [longestRefused(leg, ground, HANGS_MM.least), HANGS_MM.most];
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (low + high) / 2;
    const place: Outcome<LegOnHorse> = legOnLeather(leg, ground, middle);
    // too long for the leg lies beyond, like everything below the height wanted
    if (place.ok && place.value[held].zMm > zMm) low = middle;
    else high = middle;
  }
  return low;
}

const STEP_MM = 5;

/** The shortest hang the leg can be drawn with, mm. */
function longestRefused(leg: Leg, ground: LegGround, fromMm: number): number {
  let hangMm: number = fromMm;
  while (hangMm < HANGS_MM.most && !legOnLeather(leg, ground, hangMm).ok) hangMm += STEP_MM;
  return hangMm;
}
