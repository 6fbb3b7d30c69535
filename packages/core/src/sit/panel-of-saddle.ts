import { type DescribedSaddle, type SaddleSetup } from '../saddle/saddle-setup';
import { type Underside } from '../saddle/underside';
import { type EngineSettings, type Layer } from '../schools/engine';
import { radFromDeg } from '../units';
import { type PanelCells, type TreeStiffness } from './contact/panel-cells';
import { inSeries } from './contact/springs';
import { type BackCells, rowMiddleMm } from './seat-cells';

type Engine = Pick<EngineSettings, 'stiffnessKPaPerMm' | 'points'>;

/** What of the cells doesn't depend on how the horse holds its back. */
export interface LaidPanel extends Pick<
  PanelCells,
  'count' | 'gridAt' | 'x' | 'y' | 'z' | 'stiffnessKPaPerMm' | 'reliefMm' | 'bendZ' | 'openY' | 'openZ'
> {
  readonly countX: number;
  readonly countY: number;
  readonly stepMm: number;
  /** From front to rear of the panels, in rows of the grid. */
  readonly rows: number;
  /** Of each cell inside the panel, level. */
  readonly share: Float64Array;
  /** What stands behind each cell, by its place in `BACKINGS`. */
  readonly backing: Uint8Array;
}

const OF_CELLS = ['x', 'y', 'share', 'z', 'stiffnessKPaPerMm', 'reliefMm', 'bendZ', 'openY', 'openZ'] as const;

/** The cells of a saddle's underside on the grid of a sampled back. */
export function laidPanel(back: BackCells, saddle: DescribedSaddle, setup: SaddleSetup, under: Underside, engine: Engine): LaidPanel {
  const { countX, countY } = back;
  const size = countX * countY;
  const cells = Object.fromEntries(OF_CELLS.map((of) => [of, new Float64Array(size)])) as Record<(typeof OF_CELLS)[number], Float64Array>;
  const gridAt = new Int32Array(size);
  const backing = new Uint8Array(size);
  const { lengthMm } = saddle.build.frame;
  const layers = stiffnesses(saddle, setup, engine);
  const pointAt = pointOf(saddle, engine);
  const crownZ = under.roofAt(0);
  let n = 0;
  for (let i = 0; i < countX; i++) {
    const row = under.rowAt(rowMiddleMm(back, i));
    for (let at = i * countY; at < (i + 1) * countY; at++) {
      if (back.share[at] === 0) continue;
      const u = back.x[at]! - setup.placeMm;
      const y = back.y[at]!;
      const z = under.heightIn(row, u, y);
      if (z !== z) continue;
      const bend = bendShape(u, lengthMm);
      const fade = Math.max(0, Math.min(1, 1 - u / (lengthMm / 2)));
      gridAt[n] = at;
      cells.x[n] = back.x[at]!;
      cells.y[n] = y;
      cells.share[n] = back.share[at]!;
      cells.z[n] = z;
      const behind = pointAt(u, (Math.abs(y) - row.crownReachMm) / row.slopeCosine);
      backing[n] = BACKINGS.indexOf(behind);
      cells.stiffnessKPaPerMm[n] = backedBy(
        (u, out) => layers[pointAt(u, (out - row.crownReachMm) / row.slopeCosine)],
        u,
        Math.abs(y),
        back.stepMm,
      );
      cells.reliefMm[n] = under.reliefIn(row, u, y);
      cells.bendZ[n] = bend;
      cells.openY[n] = (fade / 2) * Math.sign(y) * (crownZ - z);
      cells.openZ[n] = (fade / 2) * Math.abs(y);
      n++;
    }
  }
  const cut = (list: Float64Array): Float64Array => list.subarray(0, n);
  return {
    count: n,
    countX,
    countY,
    stepMm: back.stepMm,
    rows: (back.toMm - back.fromMm) / back.stepMm,
    gridAt: gridAt.subarray(0, n),
    backing: backing.subarray(0, n),
    ...(Object.fromEntries(Object.entries(cells).map(([k, v]) => [k, cut(v)])) as typeof cells),
  };
}

/** Looked at so many times along and across where a cell lies on the edge of what stands behind it. */
const LOOKS = 4;

/** Mean of what stands behind a cell: where its four corners differ, over all of it. */
function backedBy(at: (u: number, out: number) => number, u: number, out: number, stepMm: number): number {
  const look = (i: number, j: number): number => at(u + (i - 0.5) * stepMm, out + (j - 0.5) * stepMm);
  const one = look(0, 0);
  if (one === look(0, 1) && one === look(1, 0) && one === look(1, 1)) return one;
  let sum = 0;
  for (let i = 0; i < LOOKS; i++) for (let j = 0; j < LOOKS; j++) sum += look((i + 0.5) / LOOKS, (j + 0.5) / LOOKS);
  return sum / LOOKS ** 2;
}

/** A parabola about the tree's middle: a radian between the tangents at its two ends lifts both by an eighth of its length. */
const bendShape = (u: number, lengthMm: number): number => (u - lengthMm / 2) ** 2 / (2 * lengthMm);

/** The cells on one pose of the back: how it lies there as they were put, and how large they are along the skin. */
export function panelOn(back: BackCells, laid: LaidPanel): PanelCells {
  const make = (): Float64Array => new Float64Array(laid.count);
  const [areaMm2, overlapMm, normalZ] = [make(), make(), make()];
  const cellMm2 = back.stepMm * back.stepMm;
  for (let n = 0; n < laid.count; n++) {
    const at = laid.gridAt[n]!;
    normalZ[n] = back.normalZ[at]!;
    overlapMm[n] = back.heightMm[at]! - laid.z[n]!;
    areaMm2[n] = (cellMm2 * laid.share[n]!) / normalZ[n]!;
  }
  return { ...laid, areaMm2, overlapMm, normalZ };
}

/** What stands behind a cell: the rails of the tree, a tree point, or nothing but the flap. */
export const BACKINGS = ['rail', 'point', 'flap'] as const;
type Backing = (typeof BACKINGS)[number];

/** Panel, pad and the horse's own tissue give in series; harder over a tree point, softer where only the flap is behind. */
function stiffnesses(
  saddle: DescribedSaddle,
  setup: SaddleSetup,
  { stiffnessKPaPerMm: k, points }: Engine,
): Readonly<Record<Backing, number>> {
  const { filling } = saddle.build.panel;
  const series = (...layers: Layer[]): number =>
    inSeries([k.tissue, ...(setup.pad.kind === 'felt' ? [k.feltPad] : []), ...layers.map((l) => k[l])], Infinity).stiffnessKPaPerMm;
  if (filling === 'none') return { rail: series(), point: series(), flap: series() };
  const rail = series(filling);
  return { rail, point: series('point'), flap: rail * points.flapShare };
}

/** Which part of the tree stands behind a place, by how far it lies along the point from where that leaves the crown. */
function pointOf({ front, build, kind }: DescribedSaddle, { points }: Engine): (u: number, alongPointMm: number) => Backing {
  if (kind === 'western') return () => 'rail';
  const lean = Math.sin(radFromDeg(build.frame.pointRakeDeg));
  return (u, along) => {
    const behind = u + Math.max(0, along) * lean;
    if (behind > points.reachMm) return 'rail';
    if (behind < -points.reachMm) return 'flap';
    return along <= front.pointLengthMm ? 'point' : 'flap';
  };
}

/** How a saddle's tree gives; null where it is rigid. */
export function treeStiffnessOf(
  { build }: DescribedSaddle,
  setup: SaddleSetup,
  { tree }: Pick<EngineSettings, 'tree'>,
): TreeStiffness | null {
  const stiffness = tree[build.frame.gives ?? 'rigid'];
  if (stiffness === null) return null;
  return { ...stiffness, bendZAt: (xMm) => bendShape(xMm - setup.placeMm, build.frame.lengthMm) };
}
