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

/** How many straight pieces stand for one stretch of an outline on paper. */
const PIECES = 5;

/** From the furthest to the nearest; each hides what lies behind it. */
const LAYERS: readonly HorsePart[] = ['farHind', 'farFore', 'tail', 'body', 'mane', 'forelock'];

/**
 * The horse as lines for a pen that can't fill, in its own units, y up: what a nearer part hides is left out.
 * @returns open lines, each through its points
 */
export function penLines(form: HorseForm): (readonly Place[])[] {
  const rings = LAYERS.map((part) => smoothed(HORSE_PARTS[part].map((p: OutlinePoint) => ({ at: formed(p, form), corner: p[2] === 'c' }))));
  return rings.flatMap((ring, i) => seen([...ring, ring[0]!], rings.slice(i + 1)));
}

/** The stretches of a line that no ring covers. */
function seen(line: readonly Place[], over: readonly (readonly Place[])[]): Place[][] {
  const runs: Place[][] = [[]];
  for (const point of line) {
    if (!over.some((ring) => within(point, ring))) runs.at(-1)!.push(point);
    else if (runs.at(-1)!.length > 0) runs.push([]);
  }
  return runs.filter((run) => run.length > 1);
}

/** By how often a ray from it crosses the ring. */
function within([x, y]: Place, ring: readonly Place[]): boolean {
  const crossings = ring.filter(([x1, y1], i) => {
    const [x2, y2] = ring[(i + 1) % ring.length]!;
    return y1 > y !== y2 > y && x < x1 + ((y - y1) / (y2 - y1)) * (x2 - x1);
  });
  return crossings.length % 2 === 1;
}

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

type Stretch = readonly [from: Place, a: Place, b: Place, to: Place];

/** A closed line through points, smooth but for its corners: each stretch a cubic whose ends aim along their neighbours. */
function stretchesThrough(knots: readonly Knot[]): Stretch[] {
  const count = knots.length;
  const knot = (i: number): Knot => knots[(i + count) % count]!;
  const aim = (i: number): Place => {
    if (knot(i).corner) return [0, 0];
    const [before, after] = [knot(i - 1).at, knot(i + 1).at];
    return [(after[0] - before[0]) / 6, (after[1] - before[1]) / 6];
  };
  return knots.map((_, i): Stretch => {
    const [from, to] = [knot(i).at, knot(i + 1).at];
    const [a, b] = [aim(i), aim(i + 1)];
    return [from, [from[0] + a[0], from[1] + a[1]], [to[0] - b[0], to[1] - b[1]], to];
  });
}

function closedThrough(knots: readonly Knot[]): string {
  const all = stretchesThrough(knots);
  const pair = ([x, y]: Place): string => `${n(x)} ${n(y)}`;
  return `M${pair(all[0]![0])}${all.map(([, a, b, to]) => `C${pair(a)} ${pair(b)} ${pair(to)}`).join('')}Z`;
}

/** The same line as points. */
function smoothed(knots: readonly Knot[]): Place[] {
  const between = (t: number, i: 0 | 1, [p, a, b, q]: Stretch): number =>
    (1 - t) ** 3 * p[i] + 3 * t * (1 - t) ** 2 * a[i] + 3 * t ** 2 * (1 - t) * b[i] + t ** 3 * q[i];
  return stretchesThrough(knots).flatMap((s) =>
    Array.from({ length: PIECES }, (_, k): Place => [between(k / PIECES, 0, s), between(k / PIECES, 1, s)]),
  );
}
