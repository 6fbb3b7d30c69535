import { type NearOff } from '../../units';
import { type Settled } from '../contact/settle';
import { type Underside } from '../../saddle/underside';
import { type BackCells, type SeatCells } from './seat-cells';

/** How the load lies over the panels' length and width. */
export interface ContactShape {
  /** Mean pressure of each third of the panels, kPa, over all of its cells, touching or not. */
  readonly thirdsKPa: readonly [front: number, middle: number, rear: number];
  /** Greatest mean gap over a row of the middle third, mm: what a hand slipped under it finds. */
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
}

/** Height of the back over the underside once settled, per cell, mm: + squeezed, - a gap; NaN without panel or back. */
export function settledOverlap(seat: SeatCells, settled: Settled): Float64Array {
  const { cells } = seat;
  const { heaveMm, pitchDeg, rollDeg } = settled.pose;
  const [p, r] = [Math.tan((pitchDeg * Math.PI) / 180), Math.tan((rollDeg * Math.PI) / 180)];
  const out = new Float64Array(cells.x.length);
  for (let i = 0; i < out.length; i++) out[i] = cells.overlapMm[i]! - heaveMm + p * cells.x[i]! + r * cells.y[i]!;
  return out;
}

/** Edges count as a quarter of the panel's width (default). */
const EDGE_SHARE = 0.25;

export function contactShape(back: BackCells, seat: SeatCells, under: Underside, settled: Settled): ContactShape {
  const overlap = settledOverlap(seat, settled);
  const sums = { third: [0, 0, 0], cells: [0, 0, 0] };
  const edge = { near: { outer: 0, inner: 0, all: 0 }, off: { outer: 0, inner: 0, all: 0 } };
  const rowGap = new Float64Array(back.countX);
  let [touching, panel] = [0, 0];
  for (let i = 0; i < back.countX; i++) {
    const u = back.x[i * back.countY]! - back.placeMm;
    const { innerMm, outerMm } = under.edgesAt(u);
    const third = thirdAt(under, u);
    let [gap, cells] = [0, 0];
    for (let j = 0; j < back.countY; j++) {
      const at = i * back.countY + j;
      const o = overlap[at]!;
      if (Number.isNaN(o)) continue;
      const p = settled.pressureKPa[at]!;
      panel++;
      cells++;
      if (p > 0) touching++;
      gap += Math.max(0, -o) * back.normalZ[at]!;
      sums.third[third]! += p;
      sums.cells[third]!++;
      const side = edge[back.y[at]! < 0 ? 'near' : 'off'];
      const v = (Math.abs(back.y[at]!) - innerMm) / (outerMm - innerMm);
      side.all += p;
      if (v > 1 - EDGE_SHARE) side.outer += p;
      if (v < EDGE_SHARE) side.inner += p;
    }
    rowGap[i] = cells > 0 ? gap / cells : 0;
  }
  const share = (of: number, all: number): number => (all > 0 ? of / all : 0);
  const mean = (t: number): number => share(sums.third[t]!, sums.cells[t]!);
  const gaps = gapsAlong(back, under, rowGap);
  return {
    thirdsKPa: [mean(0), mean(1), mean(2)],
    ...gaps,
    outerShare: { near: share(edge.near.outer, edge.near.all), off: share(edge.off.outer, edge.off.all) },
    innerShare: { near: share(edge.near.inner, edge.near.all), off: share(edge.off.inner, edge.off.all) },
    touchingShare: share(touching, panel),
  };
}

const shareAlong = (under: Underside, u: number): number => (u - under.fromMm) / (under.toMm - under.fromMm);
const thirdAt = (under: Underside, u: number): 0 | 1 | 2 => Math.max(0, Math.min(2, Math.floor(3 * shareAlong(under, u)))) as 0 | 1 | 2;

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
