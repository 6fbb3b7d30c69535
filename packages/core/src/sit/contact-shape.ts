import { type NearOff, SIDES } from '../units';
import { type CellsAtRest } from './contact/step';
import { type LaidPanel } from './panel-of-saddle';
import { type Underside } from '../saddle/underside';
import { type BackCells } from './seat-cells';

/** How the load lies over the panels' length and width. */
export interface ContactShape {
  /** Mean pressure of each third of the panels, kPa, over all of its cells, touching or not. */
  readonly thirdsKPa: readonly [front: number, middle: number, rear: number];
  /** Greatest mean gap over a row of the middle third beyond what the panel's own edges leave, mm: what a hand slipped under it finds. */
  readonly bridgeGapMm: number;
  readonly bridgeAtMm: number | null;
  /** Greatest mean gap over a row of the front and of the rear sixth, mm: ends that lift off. */
  readonly frontGapMm: number;
  readonly rearGapMm: number;
  /** Share of the load on the outer and on the inner quarter of the panels' width, each side. */
  readonly outerShare: Readonly<Record<NearOff, number>>;
  readonly innerShare: Readonly<Record<NearOff, number>>;
  /** Share of the panels' cells that touch. */
  readonly touchingShare: number;
  /** Where along the back its load begins and ends, mm in the horse's frame; of both sides the further. */
  readonly bearsFromMm: number | null;
  readonly bearsToMm: number | null;
}

/**
 * Where a side's load ends is read from the places beyond which so much of it lies, and four times so much (default): what falls off
 * evenly to nothing holds a quarter beyond half the way. So the end goes on evenly with what presses there, and a turned-up end or a
 * tail that carries nothing isn't counted.
 */
export const BEARS_BEYOND = 0.01;

/** A number of every cell put where the cell is on the level grid; elsewhere NaN, or what is given. */
export function onGrid({ count, countX, countY, gridAt }: LaidPanel, values: ArrayLike<number>, none = Number.NaN): Float64Array {
  const out = new Float64Array(countX * countY).fill(none);
  for (let i = 0; i < count; i++) out[gridAt[i]!] = values[i]!;
  return out;
}

/** Cells with no back under them stand for nothing. */
const FAR_OFF_MM = 1000;

/** Height of the back over the underside once settled, along the back's normal, per place of the grid, mm: + squeezed, - a gap; NaN without panel or back. */
export function settledSqueeze(laid: LaidPanel, { squeezeMm }: Pick<CellsAtRest, 'squeezeMm'>): Float64Array {
  return onGrid(laid, squeezeMm).map((s) => (s < -FAR_OFF_MM ? Number.NaN : s));
}

/** Edges count as a quarter of the panel's width (default). */
const EDGE_SHARE = 0.25;

export function contactShape(back: BackCells, laid: LaidPanel, under: Underside, atRest: CellsAtRest): ContactShape {
  const squeeze = settledSqueeze(laid, atRest);
  const relief = onGrid(laid, laid.reliefMm);
  const pressureKPa = onGrid(laid, atRest.pressureKPa, 0);
  const { countX, countY, y } = back;
  const thirds = new Float64Array(3);
  const thirdCells = new Float64Array(3);
  const rowGap = new Float64Array(countX);
  const rowKPa = { near: new Float64Array(countX), off: new Float64Array(countX) };
  let [touching, panel] = [0, 0];
  let [nearAll, nearOuter, nearInner, offAll, offOuter, offInner] = [0, 0, 0, 0, 0, 0];
  for (let i = 0; i < countX; i++) {
    const u = back.x[i * countY]! - back.placeMm;
    const edges = under.edgesAt(u);
    const from = edges.innerMm + EDGE_SHARE * (edges.outerMm - edges.innerMm);
    const to = edges.outerMm - EDGE_SHARE * (edges.outerMm - edges.innerMm);
    let gap = 0;
    let cells = 0;
    let pressed = 0;
    for (let at = i * countY; at < (i + 1) * countY; at++) {
      const o = squeeze[at]!;
      if (o !== o) continue;
      cells++;
      const p = pressureKPa[at]!;
      if (o < 0) gap += Math.max(0, -o - relief[at]!);
      if (!(p > 0)) continue;
      touching++;
      pressed += p;
      const out = y[at]!;
      if (out < 0) {
        nearAll += p;
        rowKPa.near[i]! += p;
        if (-out > to) nearOuter += p;
        if (-out < from) nearInner += p;
      } else {
        offAll += p;
        rowKPa.off[i]! += p;
        if (out > to) offOuter += p;
        if (out < from) offInner += p;
      }
    }
    const third = thirdAt(under, u);
    thirds[third]! += pressed;
    thirdCells[third]! += cells;
    panel += cells;
    rowGap[i] = cells > 0 ? gap / cells : 0;
  }
  const share = (of: number, all: number): number => (all > 0 ? of / all : 0);
  const mean = (t: number): number => share(thirds[t]!, thirdCells[t]!);
  return {
    thirdsKPa: [mean(0), mean(1), mean(2)],
    ...gapsAlong(back, under, rowGap),
    ...bearsAlong(back, rowKPa),
    outerShare: { near: share(nearOuter, nearAll), off: share(offOuter, offAll) },
    innerShare: { near: share(nearInner, nearAll), off: share(offInner, offAll) },
    touchingShare: share(touching, panel),
  };
}

const shareAlong = (under: Underside, u: number): number => (u - under.fromMm) / (under.toMm - under.fromMm);
const thirdAt = (under: Underside, u: number): 0 | 1 | 2 => Math.max(0, Math.min(2, Math.floor(3 * shareAlong(under, u)))) as 0 | 1 | 2;

function bearsAlong(
  { x, countX, stepMm }: BackCells,
  rowKPa: Readonly<Record<NearOff, Float64Array>>,
): Pick<ContactShape, 'bearsFromMm' | 'bearsToMm'> {
  const startMm = x[0]! - stepMm / 2;
  const ends = SIDES.flatMap((side) => {
    const rows = rowKPa[side];
    const all = rows.reduce((s, p) => s + p, 0);
    return all > 0 ? [{ from: rowsClear(rows, all), to: countX - rowsClear([...rows].reverse(), all) }] : [];
  });
  if (ends.length === 0) return { bearsFromMm: null, bearsToMm: null };
  return {
    bearsFromMm: startMm + stepMm * Math.min(...ends.map((e) => e.from)),
    bearsToMm: startMm + stepMm * Math.max(...ends.map((e) => e.to)),
  };
}

/** How many rows, and what part of one, lie before where the load begins. */
const rowsClear = (rows: ArrayLike<number>, all: number): number =>
  2 * rowsBefore(rows, BEARS_BEYOND * all) - rowsBefore(rows, 4 * BEARS_BEYOND * all);

/** How many rows, and what part of one, carry so much together. */
function rowsBefore(rows: ArrayLike<number>, carried: number): number {
  let sum = 0;
  for (let i = 0; i < rows.length; i++) {
    if (sum + rows[i]! >= carried) return i + (carried - sum) / rows[i]!;
    sum += rows[i]!;
  }
  return rows.length;
}

/** The turned-up ends are meant to be clear: the last share of each end isn't read as a gap. */
const TURNED_UP_SHARE = 0.12;

function gapsAlong(back: BackCells, under: Underside, rowGap: Float64Array) {
  let [bridge, bridgeAt, front, rear]: [number, number | null, number, number] = [0, null, 0, 0];
  rowGap.forEach((gap, i) => {
    const x = back.x[i * back.countY]!;
    const s = shareAlong(under, x - back.placeMm);
    if (s > 1 / 3 && s < 2 / 3 && gap > bridge) [bridge, bridgeAt] = [gap, x];
    if (s > TURNED_UP_SHARE && s < 0.25) front = Math.max(front, gap);
    if (s < 1 - TURNED_UP_SHARE && s > 0.75) rear = Math.max(rear, gap);
  });
  return { bridgeGapMm: bridge, bridgeAtMm: bridgeAt, frontGapMm: front, rearGapMm: rear };
}
