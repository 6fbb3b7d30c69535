import { type BySideAndZone, type Zone, ZONES } from '../saddle/saddle-build';
import { type DescribedSaddle, type SaddleSetup } from '../saddle/saddle-setup';
import { underside, zoneShare } from '../saddle/underside';
import { SIDES } from '../units';
import { backCells, panelHeights, seatCells } from '../sit/seat-cells';
import { type SitBench } from '../sit/sit';

/** A change of filling costs as much as this share of the squared misses it saves: no wool is moved for nothing (default). */
const RELUCTANCE = 0.02;
const ROUNDS = 200;
/** Turned-up ends and rounded edges aren't flocked against the horse: they are left out. */
const ENDS_LEFT_OUT = 0.12;

/**
 * Filling per zone and side that comes nearest to even contact with the seat level and no roll:
 * least squares over the panel's cells, held inside what can be put in or taken out, in real steps.
 * @returns the whole filling (not the change); the same as now where nothing can be adjusted
 */
export function evenFlock(bench: SitBench, saddle: DescribedSaddle, setup: SaddleSetup): BySideAndZone {
  const { flock } = saddle.build.panel;
  if (flock.stepMm <= 0) return setup.flock;
  const { rows, gaps } = panelRows(bench, saddle, setup);
  const now = SIDES.flatMap((side) => ZONES.map((zone) => setup.flock[side][zone]));
  const change = boundedLeastSquares(
    rows,
    gaps,
    now.map((v) => flock.leastMm - v),
    now.map((v) => flock.mostMm - v),
  );
  const stepped = now.map((v, i) =>
    Math.min(flock.mostMm, Math.max(flock.leastMm, flock.stepMm * Math.round((v + change[i]!) / flock.stepMm))),
  );
  const zones = (from: number): Record<Zone, number> => ({ front: stepped[from]!, middle: stepped[from + 1]!, rear: stepped[from + 2]! });
  return { near: zones(0), off: zones(3) };
}

/** How much each of the six fillings brings the underside down at each cell, and how far the back lies over the underside there. */
function panelRows(bench: SitBench, saddle: DescribedSaddle, setup: SaddleSetup) {
  const under = underside(saddle, setup);
  const back = backCells(bench.surface, setup.placeMm, under);
  const { cells } = seatCells(back, panelHeights(back, under));
  const rows: number[][] = [];
  const gaps: number[] = [];
  for (let at = 0; at < cells.x.length; at++) {
    const overlap = cells.overlapMm[at]!;
    const u = cells.x[at]! - setup.placeMm;
    const share = (u - under.fromMm) / (under.toMm - under.fromMm);
    if (Number.isNaN(overlap) || share < ENDS_LEFT_OUT || share > 1 - ENDS_LEFT_OUT) continue;
    const { innerMm, outerMm } = under.edgesAt(u);
    const v = (Math.abs(cells.y[at]!) - innerMm) / (outerMm - innerMm);
    if (v < ENDS_LEFT_OUT * 2 || v > 1 - ENDS_LEFT_OUT * 2) continue;
    const near = cells.y[at]! < 0;
    const vertical = 1 / under.rowAt(u).slopeCosine;
    const shares = ZONES.map((zone) => vertical * zoneShare(zone, u / saddle.build.frame.lengthMm));
    rows.push([...(near ? shares : [0, 0, 0]), ...(near ? [0, 0, 0] : shares)]);
    gaps.push(overlap);
  }
  return { rows, gaps };
}

/**
 * min over f and a common height h of sum (gap + row.f - h)^2 + reluctance |f|^2, with f between two bounds: by coordinate descent,
 * which finds the one least of a convex problem with bounds.
 */
export function boundedLeastSquares(
  rows: readonly (readonly number[])[],
  gaps: readonly number[],
  least: readonly number[],
  most: readonly number[],
): number[] {
  const n = rows.length;
  const count = least.length;
  const f = least.map((lo, i) => Math.min(Math.max(0, lo), most[i]!));
  if (n === 0) return f;
  const mean = (of: (i: number) => number): number => rows.reduce((s, _, i) => s + of(i), 0) / n;
  const middle = Array.from({ length: count }, (_, j) => mean((i) => rows[i]![j]!));
  const gapMiddle = mean((i) => gaps[i]!);
  const centred = rows.map((row) => row.map((v, j) => v - middle[j]!));
  const gram = Array.from({ length: count }, (_, j) =>
    Array.from({ length: count }, (_, k) => centred.reduce((s, row) => s + row[j]! * row[k]!, 0) + (j === k ? RELUCTANCE * n : 0)),
  );
  const right = Array.from({ length: count }, (_, j) => -centred.reduce((s, row, i) => s + row[j]! * (gaps[i]! - gapMiddle), 0));
  for (let round = 0; round < ROUNDS; round++) {
    for (let j = 0; j < count; j++) {
      const others = gram[j]!.reduce((s, g, k) => (k === j ? s : s + g * f[k]!), 0);
      f[j] = Math.min(most[j]!, Math.max(least[j]!, (right[j]! - others) / gram[j]![j]!));
    }
  }
  return f;
}
