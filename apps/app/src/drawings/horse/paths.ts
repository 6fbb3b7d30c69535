import { type NearOff } from '@fulcra/core';
import { type AboveForm, PLAIN_ABOVE, type PlanBox, formedAbove, onPlan } from './above';
import { BEHIND_LAYERS, type BehindForm, type BehindLayer, formedBehind } from './behind';
import { type HorseForm, formed } from './form';
import { type ChalkedId, type HorsePart, type OutlinePoint, ANATOMY, type AnatomyId, CHALKED, HORSE_PARTS } from './outline';

/** A window onto the drawing, in the horse's own units, y up. */
export interface HorseBox {
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
}
/** The whole animal, and its trunk with the neck, where saddles lie. */
export const WHOLE_HORSE: HorseBox = { left: -48, right: 112, top: 137, bottom: -3 };
export const TRUNK: HorseBox = { left: -6, right: 108, top: 108, bottom: 40 };

type Place = readonly [x: number, y: number];
const inBox = ({ left, top }: HorseBox, [x, y]: Place): Place => [x - left, top - y];
const n = (v: number): string => v.toFixed(2);

/** One part of the horse as a path's `d` in the box's own units. */
export const partPath = (part: HorsePart, form: HorseForm, box: HorseBox): string =>
  closedThrough(HORSE_PARTS[part].map((p: OutlinePoint) => ({ at: inBox(box, formed(p, form)), corner: p[2] === 'c' })));

/** A chalked line as a path's `d`. */
export function chalkedPath(line: ChalkedId, form: HorseForm, box: HorseBox, byX = 0): string {
  const points = CHALKED[line].map((p: Place) => inBox(box, formed([p[0] + byX, p[1]], form)));
  const [first, middle, last] = points.length === 2 ? [points[0]!, null, points[1]!] : [points[0]!, points[1]!, points[2]!];
  const start = `M${n(first[0])} ${n(first[1])}`;
  if (middle === null) return `${start}L${n(last[0])} ${n(last[1])}`;
  // through the middle point at half way
  const [cx, cy] = [2 * middle[0] - (first[0] + last[0]) / 2, 2 * middle[1] - (first[1] + last[1]) / 2];
  return `${start}Q${n(cx)} ${n(cy)} ${n(last[0])} ${n(last[1])}`;
}

/** Where a named place lies in the box. */
export const placeIn = (id: AnatomyId, form: HorseForm, box: HorseBox): Place => inBox(box, formed(ANATOMY[id], form));

/** A half of the horse from above with its mirror, as one closed path's `d` in the box's own units. */
export function planPath(half: readonly OutlinePoint[], box: PlanBox, form: AboveForm = PLAIN_ABOVE): string {
  const of = (side: NearOff) =>
    half.map((point) => {
      const [along, out] = formedAbove(point, side, form);
      return { at: onPlan(box, along, out, side), corner: point[2] === 'c' };
    });
  return closedThrough([...of('near'), ...of('off').reverse()]);
}

/** An open line through three places of one half. */
export function planLine(points: readonly OutlinePoint[], box: PlanBox, side: NearOff, form: AboveForm = PLAIN_ABOVE): string {
  const [a, b, c] = points.map((point) => onPlan(box, ...formedAbove(point, side, form), side));
  const through = [2 * b![0] - (a![0] + c![0]) / 2, 2 * b![1] - (a![1] + c![1]) / 2] as const;
  return `M${n(a![0])} ${n(a![1])}Q${n(through[0])} ${n(through[1])} ${n(c![0])} ${n(c![1])}`;
}

/** A window onto the horse from behind: how far out, and from where to where up. */
export interface BehindBox {
  readonly out: number;
  readonly top: number;
  readonly bottom: number;
}
export const WHOLE_BEHIND: BehindBox = { out: 30, top: 134, bottom: -3 };

/** One layer from behind as closed paths' `d` in the box's own units: legs are two, all else is one with its mirror. */
export function behindPath(layer: BehindLayer, form: BehindForm, box: BehindBox): string[] {
  const half: readonly OutlinePoint[] = BEHIND_LAYERS[layer];
  const of = (side: NearOff): Knot[] =>
    half.map((point) => {
      const [x, y] = formedBehind(layer, [point[0], point[1]], side, form);
      return { at: [box.out + x, box.top - y], corner: point[2] === 'c' };
    });
  if (layer === 'foreLeg' || layer === 'hindLeg') return [closedThrough(of('near')), closedThrough(of('off'))];
  // what lies on the spine is there once
  const off = of('off').filter((_, i) => half[i]![0] !== 0);
  return [closedThrough([...of('near'), ...off.reverse()])];
}

interface Knot {
  readonly at: Place;
  readonly corner: boolean;
}

/** A closed line through points, smooth but for its corners: each stretch a cubic whose ends aim along their neighbours. */
function closedThrough(knots: readonly Knot[]): string {
  const count = knots.length;
  const knot = (i: number): Knot => knots[(i + count) % count]!;
  const aim = (i: number): Place => {
    if (knot(i).corner) return [0, 0];
    const [before, after] = [knot(i - 1).at, knot(i + 1).at];
    return [(after[0] - before[0]) / 6, (after[1] - before[1]) / 6];
  };
  const stretches = knots.map((_, i) => {
    const [from, to] = [knot(i).at, knot(i + 1).at];
    const [a, b] = [aim(i), aim(i + 1)];
    return `C${n(from[0] + a[0])} ${n(from[1] + a[1])} ${n(to[0] - b[0])} ${n(to[1] - b[1])} ${n(to[0])} ${n(to[1])}`;
  });
  return `M${n(knot(0).at[0])} ${n(knot(0).at[1])}${stretches.join('')}Z`;
}
