import { type PointYZ, point } from '../../geometry';
import { type Item, line, words } from './drawing';

/** Both bars are this long, so that anyone who gets the paper can prove its scale. */
export const BAR_MM = 100;
const TICK_MM = 2.5;
const MARK_EVERY_MM = 10;

/** A 100 mm bar across from a corner, marked every centimetre. */
export function barAcross(from: PointYZ, caption: string): Item[] {
  const at = (mm: number, up = 0): PointYZ => point(from.yMm + mm, from.zMm + up);
  return [
    line('bar', at(0), at(BAR_MM)),
    ...marks().map((mm) => line('bar', at(mm, -tick(mm)), at(mm, tick(mm)))),
    words(at(BAR_MM / 2, 4), caption, 3.4, true, 'middle'),
  ];
}

/** A 100 mm bar upward from a corner, marked every centimetre. */
export function barUp(from: PointYZ, caption: string): Item[] {
  const at = (mm: number, right = 0): PointYZ => point(from.yMm + right, from.zMm + mm);
  return [
    line('bar', at(0), at(BAR_MM)),
    ...marks().map((mm) => line('bar', at(mm, -tick(mm)), at(mm, tick(mm)))),
    words(at(BAR_MM + 4, -2), caption, 3.4, true, 'start'),
  ];
}

const marks = (): number[] => Array.from({ length: BAR_MM / MARK_EVERY_MM + 1 }, (_, i) => i * MARK_EVERY_MM);
const tick = (mm: number): number => (mm % BAR_MM === 0 ? TICK_MM : TICK_MM / 2);
