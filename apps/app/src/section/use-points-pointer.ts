import { type PointYZ } from '@fulcra/core';
import { type RefObject, useEffect, useRef, useState } from 'react';
import { type View } from 'react-native';
import { type PaperScale } from '../drawings/paper-scale';

/** A finger takes hold of a point from this far, px. */
const GRIP_PX = 22;
const HALF_MM = 2;
export const MOST_POINTS = 400;

const rounded = (p: PointYZ): PointYZ => ({ yMm: Math.round(p.yMm * HALF_MM) / HALF_MM, zMm: Math.round(p.zMm * HALF_MM) / HALF_MM });

export interface PointsPointer {
  readonly box: RefObject<View | null>;
  readonly scale: PaperScale;
  readonly points: readonly PointYZ[];
  readonly firstPoint: PointYZ;
  readonly onChange: (points: readonly PointYZ[]) => void;
}

/** Finger, mouse and keyboard on the grid. A drag is one change, and one undo. */
export function usePointsPointer({ box, scale, points, firstPoint, onChange }: PointsPointer): {
  readonly shown: readonly PointYZ[];
  readonly chosen: number | null;
} {
  const [chosen, setChosen] = useState<number | null>(null);
  const [dragged, setDragged] = useState<readonly PointYZ[] | null>(null);
  const now = useRef({ scale, points, firstPoint, onChange, chosen, dragged });
  now.current = { scale, points, firstPoint, onChange, chosen, dragged };
  useEffect(() => {
    const element = box.current as unknown as HTMLElement;
    const place = (event: PointerEvent): PointYZ => {
      const frame = element.getBoundingClientRect();
      return now.current.scale.toMm(event.clientX - frame.left, event.clientY - frame.top);
    };
    let grip: { index: number; offset: PointYZ } | null = null;
    const down = (event: PointerEvent) => {
      element.setPointerCapture(event.pointerId);
      const at = place(event);
      const held = nearestWithin(now.current.points, at, GRIP_PX / now.current.scale.pxPerMm);
      const index = held ?? now.current.points.length;
      if (held === null && index >= MOST_POINTS) return;
      const list = held === null ? [...now.current.points, rounded(at)] : [...now.current.points];
      grip = { index, offset: { yMm: list[index]!.yMm - at.yMm, zMm: list[index]!.zMm - at.zMm } };
      setChosen(index);
      setDragged(list);
    };
    const move = (event: PointerEvent) => {
      if (grip === null || now.current.dragged === null) return;
      const at = place(event);
      const moved = rounded({ yMm: at.yMm + grip.offset.yMm, zMm: at.zMm + grip.offset.zMm });
      setDragged(now.current.dragged.map((p, i) => (i === grip!.index ? moved : p)));
    };
    const up = () => {
      if (grip !== null && now.current.dragged !== null) now.current.onChange(now.current.dragged);
      grip = null;
      setDragged(null);
    };
    const key = (event: KeyboardEvent) => handleKey(event, now.current, setChosen);
    element.addEventListener('pointerdown', down);
    element.addEventListener('pointermove', move);
    element.addEventListener('pointerup', up);
    element.addEventListener('pointercancel', up);
    element.addEventListener('keydown', key);
    return () => {
      element.removeEventListener('pointerdown', down);
      element.removeEventListener('pointermove', move);
      element.removeEventListener('pointerup', up);
      element.removeEventListener('pointercancel', up);
      element.removeEventListener('keydown', key);
    };
  }, [box]);
  const shown = dragged ?? points;
  return { shown, chosen: chosen !== null && chosen < shown.length ? chosen : null };
}

function nearestWithin(points: readonly PointYZ[], at: PointYZ, reachMm: number): number | null {
  const distances = points.map((p) => Math.hypot(p.yMm - at.yMm, p.zMm - at.zMm));
  const least = Math.min(...distances);
  return least <= reachMm ? distances.indexOf(least) : null;
}

const ARROWS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
};

function handleKey(
  event: KeyboardEvent,
  {
    points,
    firstPoint,
    onChange,
    chosen,
  }: { points: readonly PointYZ[]; firstPoint: PointYZ; onChange: (points: readonly PointYZ[]) => void; chosen: number | null },
  setChosen: (index: number | null) => void,
): void {
  const arrow = ARROWS[event.key];
  const at = chosen === null ? undefined : points[chosen];
  if ((event.key === 'Enter' || event.key === 'n' || event.key === 'N') && points.length < MOST_POINTS) {
    onChange([...points, at === undefined ? firstPoint : { yMm: at.yMm + 10, zMm: at.zMm }]);
    setChosen(points.length);
  } else if (arrow !== undefined && at !== undefined) {
    const by = event.shiftKey ? 10 : 1;
    onChange(points.map((p, i) => (i === chosen ? { yMm: p.yMm + arrow[0] * by, zMm: p.zMm + arrow[1] * by } : p)));
  } else if ((event.key === 'Delete' || event.key === 'Backspace') && at !== undefined) {
    onChange(points.filter((_, i) => i !== chosen));
    setChosen(points.length > 1 ? points.length - 2 : null);
  } else return;
  event.preventDefault();
}
