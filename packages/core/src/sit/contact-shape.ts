import { type NearOff, SIDES } from '../units';
import { type CellsAtRest } from './contact/step';
import { addToThirds } from './contact/thirds';
import { type LaidPanel } from './panel-of-saddle';
import { type Underside } from '../saddle/underside';
import { type BackCells, rowMiddleMm } from './seat-cells';

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

export function contactShape(back: BackCells, laid: LaidPanel, under: Underside, { squeezeMm, pressureKPa }: AtRest): ContactShape {
  const rows = rowsOf(back.countX);
  const edges = edgesOf(back, under);
  const sides = { near: { all: 0, outer: 0, inner: 0 }, off: { all: 0, outer: 0, inner: 0 } };
  let [touching, panel] = [0, 0];
  for (let n = 0; n < laid.count; n++) {
    const squeeze = squeezeMm[n]!;
    if (squeeze < -FAR_OFF_MM) continue;
    const row = Math.floor(laid.gridAt[n]! / laid.countY);
    const share = laid.share[n]!;
    panel += share;
    rows.cells[row]! += share;
    if (squeeze < 0) rows.gapMm[row]! += share * Math.max(0, -squeeze - laid.reliefMm[n]!);
    const pressed = share * pressureKPa[n]!;
    if (!(pressed > 0)) continue;
    touching += share;
    const side = laid.y[n]! < 0 ? 'near' : 'off';
    rows[side][row]! += pressed;
    const { outer, inner } = edges(row, (laid.gridAt[n]! % laid.countY) - laid.countY / 2);
    sides[side].all += pressed;
    sides[side].outer += outer * pressed;
    sides[side].inner += inner * pressed;
  }
  const rowGap = rows.gapMm.map((gap, i) => shareOf(gap, rows.cells[i]!));
  return {
    thirdsKPa: thirdsOf(rows, laid.rows),
    ...gapsAlong(back, under, rowGap),
    ...bearsAlong(back, rows),
    outerShare: { near: shareOf(sides.near.outer, sides.near.all), off: shareOf(sides.off.outer, sides.off.all) },
    innerShare: { near: shareOf(sides.near.inner, sides.near.all), off: shareOf(sides.off.inner, sides.off.all) },
    touchingShare: shareOf(touching, panel),
  };
}

type AtRest = Pick<CellsAtRest, 'squeezeMm' | 'pressureKPa'>;

/** Sums over the rows of a grid: cells, gaps over them, and what presses on each side. */
interface Rows extends Readonly<Record<NearOff, Float64Array>> {
  readonly cells: Float64Array;
  readonly gapMm: Float64Array;
}
function rowsOf(countX: number): Rows {
  const make = (): Float64Array => new Float64Array(countX);
  return { cells: make(), gapMm: make(), near: make(), off: make() };
}

const shareOf = (of: number, all: number): number => (all > 0 ? of / all : 0);

/** What part of a cell lies in the outer and in the inner quarter of its panel. @returns a function of its row, and its column from the spine */
function edgesOf(back: BackCells, under: Underside): (row: number, column: number) => { readonly outer: number; readonly inner: number } {
  const edges = Array.from({ length: back.countX }, (_, i) => under.edgesAt(rowMiddleMm(back, i)));
  return (row, column) => {
    const { innerMm, outerMm } = edges[row]!;
    const squares = column < 0 ? -1 - column : column;
    const [from, to] = [Math.max(squares * back.stepMm, innerMm), Math.min((squares + 1) * back.stepMm, outerMm)];
    const edge = EDGE_SHARE * (outerMm - innerMm);
    const part = (mm: number): number => Math.min(1, Math.max(0, shareOf(mm, to - from)));
    return { outer: part(to - (outerMm - edge)), inner: part(innerMm + edge - from) };
  };
}

function thirdsOf({ near, off, cells }: Rows, rows: number): ContactShape['thirdsKPa'] {
  const [pressed, all] = [new Float64Array(3), new Float64Array(3)];
  for (let i = 0; i < cells.length; i++) {
    const [from, to] = [i / rows, Math.min(1, (i + 1) / rows)];
    addToThirds(pressed, from, to, near[i]! + off[i]!);
    addToThirds(all, from, to, cells[i]!);
  }
  return [shareOf(pressed[0]!, all[0]!), shareOf(pressed[1]!, all[1]!), shareOf(pressed[2]!, all[2]!)];
}

const shareAlong = (under: Underside, u: number): number => (u - under.fromMm) / (under.toMm - under.fromMm);

function bearsAlong(back: BackCells, rows: Rows): Pick<ContactShape, 'bearsFromMm' | 'bearsToMm'> {
  const lengths = Array.from({ length: back.countX }, (_, i) => Math.min(back.stepMm, back.toMm - back.fromMm - i * back.stepMm));
  const ends = SIDES.flatMap((side) => {
    const pressed = [...rows[side]];
    const all = pressed.reduce((s, p) => s + p, 0);
    return all > 0 ? [{ from: clearMm(pressed, lengths, all), to: clearMm(pressed.reverse(), [...lengths].reverse(), all) }] : [];
  });
  if (ends.length === 0) return { bearsFromMm: null, bearsToMm: null };
  return {
    bearsFromMm: back.placeMm + back.fromMm + Math.min(...ends.map((e) => e.from)),
    bearsToMm: back.placeMm + back.toMm - Math.min(...ends.map((e) => e.to)),
  };
}

/** How far it is to where the load begins, mm. */
const clearMm = (rows: readonly number[], lengths: readonly number[], all: number): number =>
  2 * mmBefore(rows, lengths, BEARS_BEYOND * all) - mmBefore(rows, lengths, 4 * BEARS_BEYOND * all);

/** How far it is to where so much is carried. */
function mmBefore(rows: readonly number[], lengths: readonly number[], carried: number): number {
  let [sum, mm] = [0, 0];
  for (const [i, row] of rows.entries()) {
    if (sum + row >= carried) return mm + ((carried - sum) / row) * lengths[i]!;
    sum += row;
    mm += lengths[i]!;
  }
  return mm;
}

/** The turned-up ends are meant to be clear: the last share of each end isn't read as a gap. */
const TURNED_UP_SHARE = 0.12;

function gapsAlong(back: BackCells, under: Underside, rowGap: Float64Array) {
  let [bridge, bridgeAt, front, rear]: [number, number | null, number, number] = [0, null, 0, 0];
  rowGap.forEach((gap, i) => {
    const u = rowMiddleMm(back, i);
    const s = shareAlong(under, u);
    if (s > 1 / 3 && s < 2 / 3 && gap > bridge) [bridge, bridgeAt] = [gap, back.placeMm + u];
    if (s > TURNED_UP_SHARE && s < 0.25) front = Math.max(front, gap);
    if (s < 1 - TURNED_UP_SHARE && s > 0.75) rear = Math.max(rear, gap);
  });
  return { bridgeGapMm: bridge, bridgeAtMm: bridgeAt, frontGapMm: front, rearGapMm: rear };
}
