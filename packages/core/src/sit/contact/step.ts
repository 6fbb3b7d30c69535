import { type BackSurface } from '../../back/surface';
import { type StayLimits } from '../../schools/engine';
import { type ContactLaw, type Freedom, type PointForce, FREEDOMS, LEVER_MM } from './contact-problem';
import { type ContactWork, type Ways, layIntoSkin, workUnder } from './contact-work';
import { TOUCHING, eachTouching } from './cell-block';
import { loweredFor } from './lowered';
import { newton } from './newton';
import { type PanelCells, type SaddleForce, type TreeStiffness } from './panel-cells';
import { movedOn, placed, poseOf, turnOf } from './rigid';
import { type Placing, type SampledCells, OFF_THE_BACK_MM, roomForSamples, sampleAt } from './sampling';

/** Cells as they were at a rest: what the next step begins from. */
export interface CellsAtRest extends SampledCells {
  readonly pressureKPa: Float64Array;
  readonly shearX: Float64Array;
  readonly shearY: Float64Array;
  readonly shearZ: Float64Array;
}

export interface StepJob {
  readonly panel: PanelCells;
  readonly surface: BackSurface;
  readonly loads: readonly SaddleForce[];
  readonly law: ContactLaw;
  readonly tree: TreeStiffness | null;
  readonly locked: readonly Freedom[];
  readonly stays: StayLimits;
  /** The last rest, or where a first step began: squeezes, shears, and where the cells were. */
  readonly from: CellsAtRest;
  /** Where the cells were when it was laid down: what it has travelled is counted from there. */
  readonly origin: SampledCells;
  /** Where to begin looking. */
  readonly start: Placing;
  /** Where it doesn't come to rest at once, don't look for another way. */
  readonly once?: boolean;
  /** Begin by lowering it from there until it carries the weight. */
  readonly lower?: boolean;
}

export interface StepEnd {
  readonly stays: boolean;
  /** Whether all balances were met where it was last looked at. */
  readonly balanced: boolean;
  readonly placing: Placing;
  readonly cells: CellsAtRest;
  /** Arms and normals with which the balance was struck: within `SAMPLED_WITHIN_MM` of `cells`. */
  readonly struck: SampledCells;
  readonly loads: readonly PointForce[];
  /** What is left of force and moment, as shares of the weight (moments over 100 mm). */
  readonly left: Float64Array;
  readonly rounds: number;
  /** How far the middle of what bears has gone level since it was laid down, mm. */
  readonly travelled: { readonly alongMm: number; readonly acrossMm: number };
}

/** Cells are sampled again until none moves further than this, mm. */
export const SAMPLED_WITHIN_MM = 0.1;
const MOST_SAMPLINGS = 12;
/** While the cells still have to be sampled again, this much imbalance is near enough: at first, when they have furthest to go, and then. */
const NEARLY = { first: 0.03, then: 1e-3 } as const;
/** Where it doesn't come to rest at once, friction is taken this many times as large first and let down from there. */
const LET_DOWN = [3, 1.5, 1] as const;

/** One step of a saddle on a back: to its rest, or to where it is plain that it has none. */
export function step(job: StepJob): StepEnd {
  const looked = search(job, job.start, 1, job.lower === true);
  if (looked.stays || job.law.friction === 0 || job.once === true) return looked;
  let from = job.start;
  let last = looked;
  for (const [i, times] of LET_DOWN.entries()) {
    last = search(job, from, times, i === 0 && job.lower === true);
    if (!last.stays) return looked;
    from = last.placing;
  }
  return last;
}

/** Solve, move, sample again, until nothing moves. */
function search(job: StepJob, start: Placing, frictionTimes: number, lower: boolean): StepEnd {
  const sampled = roomForSamples(job.panel.count);
  const q: Ways = new Float64Array(FREEDOMS.length);
  const last: LastWay = { q: new Float64Array(FREEDOMS.length), share: 1, any: false };
  let placing = start;
  let rounds = 0;
  for (let k = 0; ; k++) {
    sampleAt(job.panel, job.surface, placing, sampled);
    const loads = loadsAt(job.loads, placing);
    const w = laidOut(job, sampled, loads, placing, frictionTimes);
    q.fill(0);
    if (k === 0 && lower) q[2] = loweredFor(w);
    const found = newton(w, q, { until: k === 0 ? NEARLY.first : NEARLY.then, further: () => reachOf(w, q) <= SAMPLED_WITHIN_MM });
    rounds += found.rounds + 1;
    const reach = reachOf(w, q);
    if (found.balanced && reach > SAMPLED_WITHIN_MM) damped(q, last);
    const next = goneOn(placing, q, w);
    const turned = turnOf(poseOf(next)) > job.stays.turnDeg;
    const ends = turned || !found.balanced || reach <= SAMPLED_WITHIN_MM || k === MOST_SAMPLINGS;
    // the middle of what bears goes no further than the cell that goes furthest
    const forces = ends || mayHaveLeft(job, sampled, reach) ? forcesAt(w, q) : null;
    const travelled = forces === null ? NOWHERE : travelOf(job, sampled, w, q, forces);
    const left = turned || Math.hypot(travelled.alongMm, travelled.acrossMm) > job.stays.levelMm;
    if (forces !== null && (ends || left)) {
      const share = Float64Array.from(w.residual, (v) => v / w.weightN);
      const cells = cellsAfter(job, next, forces);
      return {
        stays: found.balanced && !left && reach <= SAMPLED_WITHIN_MM,
        balanced: found.balanced,
        placing: next,
        cells,
        struck: sampled,
        loads,
        left: share,
        rounds,
        travelled,
      };
    }
    placing = next;
  }
}

interface LastWay {
  readonly q: Float64Array;
  share: number;
  any: boolean;
}
/** Never less of a way than this, nor more. */
const SHARES = { least: 0.15, most: 1.5 } as const;

/**
 * Sampling again turns normals and loads, which the solve didn't know of; where that throws it back and forth, part of the way is
 * taken: Aitken's relaxation for vectors (Irons & Tuck, 1969).
 */
function damped(q: Ways, last: LastWay): void {
  let [dot, square] = [0, 0];
  for (let k = 0; k < q.length; k++) {
    const change = q[k]! - last.q[k]!;
    dot += last.q[k]! * change;
    square += change * change;
  }
  if (last.any && square > 0) last.share = Math.max(SHARES.least, Math.min(SHARES.most, (-last.share * dot) / square));
  last.any = true;
  last.q.set(q);
  for (let k = 0; k < q.length; k++) q[k]! *= last.share;
}

const loadsAt = (loads: readonly SaddleForce[], placing: Placing): PointForce[] =>
  loads.map(({ xMm, yMm, zMm, forceX, forceY, forceZ }) => {
    const [x, y, z] = placed(placing, xMm, yMm, zMm);
    return { x, y, z, forceX, forceY, forceZ };
  });

function laidOut(job: StepJob, sampled: SampledCells, loads: PointForce[], placing: Placing, frictionTimes: number): ContactWork {
  const { panel, from, law, tree } = job;
  const w = workUnder(panel.count, {
    law: frictionTimes === 1 ? law : { ...law, friction: law.friction * frictionTimes },
    loads,
    locked: job.locked,
    tree: tree && { ...tree, bent: placing.bent, opened: placing.opened, loadBendZ: job.loads.map((l) => tree.bendZAt(l.xMm)) },
  });
  const per = 1 / LEVER_MM;
  w.nx = sampled.nx;
  w.ny = sampled.ny;
  w.nz = sampled.nz;
  w.squeeze = sampled.squeezeMm;
  w.area = panel.areaMm2;
  w.stiff = panel.stiffnessKPaPerMm;
  w.before = from.squeezeMm;
  w.bendZ = panel.bendZ;
  w.openY = panel.openY;
  w.openZ = panel.openZ;
  for (let i = 0; i < panel.count; i++) {
    w.ax[i] = (sampled.x[i]! - w.x0) * per;
    w.ay[i] = (sampled.y[i]! - w.y0) * per;
    w.az[i] = (sampled.z[i]! - w.z0) * per;
    w.mx[i] = sampled.x[i]! - from.x[i]!;
    w.my[i] = sampled.y[i]! - from.y[i]!;
    w.mz[i] = sampled.z[i]! - from.z[i]!;
    w.tx[i] = from.shearX[i]!;
    w.ty[i] = from.shearY[i]!;
    w.tz[i] = from.shearZ[i]!;
  }
  layIntoSkin(w);
  return w;
}

function goneOn(placing: Placing, q: Ways, { x0, y0, z0, tree }: ContactWork): Placing {
  const [a, b, c] = [q[3]! / LEVER_MM, q[4]! / LEVER_MM, q[5]! / LEVER_MM];
  return {
    ...movedOn(placing, [q[0]!, q[1]!, q[2]!], [a, b, c], [x0, y0, z0]),
    bent: placing.bent + (tree === null ? 0 : q[6]! / LEVER_MM),
    opened: placing.opened + (tree === null ? 0 : q[7]! / LEVER_MM),
  };
}

/** No cell has moved further than this, mm. */
function reachOf({ count, ax, ay, az, tree }: ContactWork, q: Ways): number {
  let arm = 0;
  for (let i = 0; i < count; i += 5) arm = Math.max(arm, ax[i]! * ax[i]! + ay[i]! * ay[i]! + az[i]! * az[i]!);
  const turn = Math.hypot(q[3]!, q[4]!, q[5]!) + (tree === null ? 0 : Math.abs(q[6]!) + Math.abs(q[7]!));
  return Math.hypot(q[0]!, q[1]!, q[2]!) + turn * Math.sqrt(arm);
}

const NOWHERE = { alongMm: 0, acrossMm: 0 } as const;
/** One cell in so many tells how far any has gone: they lie close and move together. */
const ONE_IN = 16;

function mayHaveLeft({ origin, panel, stays }: StepJob, sampled: SampledCells, reachMm: number): boolean {
  let most = 0;
  for (let i = 0; i < panel.count; i += ONE_IN)
    most = Math.max(most, Math.hypot(sampled.x[i]! - origin.x[i]!, sampled.y[i]! - origin.y[i]!));
  return most + reachMm > stays.levelMm / 2;
}

/** How far what bears has gone level since it was laid down, by how hard each cell presses. */
function travelOf(
  { origin, panel }: StepJob,
  sampled: SampledCells,
  w: ContactWork,
  q: Ways,
  { pressureKPa }: Forces,
): StepEnd['travelled'] {
  let [along, across, sum] = [0, 0, 0];
  for (let i = 0; i < panel.count; i++) {
    const heft = pressureKPa[i]! * panel.areaMm2[i]!;
    if (heft === 0) continue;
    sum += heft;
    along += heft * (sampled.x[i]! + q[0]! + q[4]! * w.az[i]! - q[5]! * w.ay[i]! - origin.x[i]!);
    across += heft * (sampled.y[i]! + q[1]! + q[5]! * w.ax[i]! - q[3]! * w.az[i]! - origin.y[i]!);
  }
  return sum > 0 ? { alongMm: along / sum, acrossMm: across / sum } : NOWHERE;
}

type Forces = Pick<CellsAtRest, 'pressureKPa' | 'shearX' | 'shearY' | 'shearZ'>;

/** What the cells press and hold at a place. */
function forcesAt(w: ContactWork, q: Ways): Forces {
  const make = (): Float64Array => new Float64Array(w.count);
  const forces = { pressureKPa: make(), shearX: make(), shearY: make(), shearZ: make() };
  const { p, tx, ty, tz } = TOUCHING;
  eachTouching(w, q, (i, j) => {
    forces.pressureKPa[i] = p[j]!;
    forces.shearX[i] = tx[j]!;
    forces.shearY[i] = ty[j]!;
    forces.shearZ[i] = tz[j]!;
  });
  return forces;
}

/** The cells where they came to. */
function cellsAfter({ panel, surface }: StepJob, placing: Placing, forces: Forces): CellsAtRest {
  const at = roomForSamples(panel.count);
  sampleAt(panel, surface, placing, at);
  return { ...at, ...forces };
}

/** Cells laid down level until the first of them touches: where a first step begins, nothing squeezed and nothing held. */
export function firstTouch(panel: PanelCells): { readonly cells: CellsAtRest; readonly heaveMm: number } {
  let heaveMm = -Infinity;
  for (let i = 0; i < panel.count; i++) if (panel.overlapMm[i]! > heaveMm) heaveMm = panel.overlapMm[i]!;
  const make = (): Float64Array => new Float64Array(panel.count);
  const cells = { ...roomForSamples(panel.count), pressureKPa: make(), shearX: make(), shearY: make(), shearZ: make() };
  cells.x.set(panel.x);
  cells.y.set(panel.y);
  for (let i = 0; i < panel.count; i++) {
    const gap = (panel.overlapMm[i]! - heaveMm) * panel.normalZ[i]!;
    cells.z[i] = panel.z[i]! + heaveMm;
    cells.squeezeMm[i] = gap === gap ? gap : OFF_THE_BACK_MM;
  }
  return { cells, heaveMm };
}
