import { type ContactLaw, type ContactProblem, type Freedom, type PointForce, type TreeGives, FREEDOMS, LEVER_MM } from './contact-problem';

/** Ways of a saddle in this solve: surge, sway, heave, and turns about x, y and z as ways over the lever; then the tree's two. */
export type Ways = Float64Array;

/** Lists a solve fills for itself; the others are looked at where they are. */
const OWN = ['ax', 'ay', 'az', 'tx', 'ty', 'tz', 'mx', 'my', 'mz', 'friction'] as const;
type Own = Readonly<Record<(typeof OWN)[number], Float64Array>>;

/** What a solve reads of each cell. */
interface Read {
  nx: Float64Array;
  ny: Float64Array;
  nz: Float64Array;
  squeeze: Float64Array;
  /** mm2 */
  area: Float64Array;
  stiff: Float64Array;
  before: Float64Array;
  bendZ: Float64Array;
  openY: Float64Array;
  openZ: Float64Array;
}

/** A problem made ready: arms over the lever from the middle of the loads. Used again by the next solve. */
export interface ContactWork extends Own, Read {
  count: number;
  x0: number;
  y0: number;
  z0: number;
  law: ContactLaw;
  loads: readonly PointForce[];
  weightN: number;
  free: number[];
  tree: { readonly bend: number; readonly open: number; bent: number; opened: number; loadBendZ: ArrayLike<number> } | null;
  readonly residual: Float64Array;
  /** Eight by eight, row by row. */
  readonly tangent: Float64Array;
}

let scratch: (ContactWork & { readonly room: number }) | null = null;

const NONE = new Float64Array(0);
const NO_CELLS: Read = {
  nx: NONE,
  ny: NONE,
  nz: NONE,
  squeeze: NONE,
  area: NONE,
  stiff: NONE,
  before: NONE,
  bendZ: NONE,
  openY: NONE,
  openZ: NONE,
};
const NO_LAW: ContactLaw = { hardeningMm: Infinity, shearShare: 0, friction: 0 };

/** A place to work in for so many cells; one solve at a time, none outlives its own. */
function workFor(cells: number): ContactWork {
  if (scratch === null || scratch.room < cells) {
    const room = Math.ceil(cells * 1.25);
    const own = Object.fromEntries(OWN.map((l) => [l, new Float64Array(room)])) as Own;
    scratch = {
      ...own,
      ...NO_CELLS,
      room,
      ...{ count: 0, x0: 0, y0: 0, z0: 0, law: NO_LAW, loads: [], weightN: 0, free: [], tree: null },
      residual: new Float64Array(FREEDOMS.length),
      tangent: new Float64Array(FREEDOMS.length ** 2),
    };
  }
  return scratch;
}

/** Middle of the loads by what they weigh: turns are counted about it. */
function middleOf(loads: readonly PointForce[]): { x: number; y: number; z: number; weightN: number } {
  const weightN = -loads.reduce((s, l) => s + l.forceZ, 0);
  const heft = loads.reduce((s, l) => s + Math.abs(l.forceZ), 0);
  const mean = (of: (l: PointForce) => number): number => (heft > 0 ? loads.reduce((s, l) => s + Math.abs(l.forceZ) * of(l), 0) / heft : 0);
  return { x: mean((l) => l.x), y: mean((l) => l.y), z: mean((l) => l.z), weightN };
}

const freeOf = (locked: readonly Freedom[], gives: boolean): number[] =>
  FREEDOMS.flatMap((f, i) => (locked.includes(f) || (!gives && i >= 6) ? [] : [i]));

const NM_PER_DEG = (1000 * 180) / Math.PI;

/** Stiffness of a freedom of the tree in N per mm of its way over the lever. */
const treeStiffness = (nmPerDeg: number): number => (nmPerDeg * NM_PER_DEG) / LEVER_MM ** 2;

/** What a solve needs besides its cells. */
export interface ContactSetting {
  readonly law: ContactLaw;
  readonly loads: readonly PointForce[];
  readonly locked: readonly Freedom[];
  readonly tree: Pick<TreeGives, 'bendNmPerDeg' | 'openNmPerDeg' | 'bent' | 'opened' | 'loadBendZ'> | null;
}

/** A place for so many cells with law, loads and freedoms set; the cells are the caller's to lay in. */
export function workUnder(count: number, { law, loads, locked, tree }: ContactSetting): ContactWork {
  const w = workFor(count);
  const middle = middleOf(loads);
  [w.count, w.x0, w.y0, w.z0, w.weightN] = [count, middle.x, middle.y, middle.z, middle.weightN];
  w.law = law;
  w.friction.fill(law.friction, 0, count);
  w.loads = loads;
  w.free = freeOf(locked, tree !== null);
  w.tree =
    tree === null
      ? null
      : {
          bend: treeStiffness(tree.bendNmPerDeg),
          open: treeStiffness(tree.openNmPerDeg),
          bent: tree.bent * LEVER_MM,
          opened: tree.opened * LEVER_MM,
          loadBendZ: tree.loadBendZ,
        };
  return w;
}

/** A problem in plain numbers, laid out for a solve. */
export function workOf({ cells, law, loads, locked = [], tree = null }: ContactProblem): ContactWork {
  const count = cells.x.length;
  const w = workUnder(count, { law, loads, locked, tree });
  const copy = (from: ArrayLike<number> | undefined, into: Float64Array, scale = 1, less = 0): void => {
    for (let i = 0; i < count; i++) into[i] = from === undefined ? 0 : (from[i]! - less) * scale;
  };
  const list = (from: ArrayLike<number> | undefined): Float64Array =>
    from instanceof Float64Array ? from : Float64Array.from({ length: count }, (_, i) => from?.[i] ?? 0);
  copy(cells.x, w.ax, 1 / LEVER_MM, w.x0);
  copy(cells.y, w.ay, 1 / LEVER_MM, w.y0);
  copy(cells.z, w.az, 1 / LEVER_MM, w.z0);
  w.nx = list(cells.normalX);
  w.ny = list(cells.normalY);
  w.nz = list(cells.normalZ);
  w.squeeze = list(cells.squeezeMm);
  w.area = list(cells.areaMm2);
  w.stiff = list(cells.stiffnessKPaPerMm);
  w.before = list(cells.squeezeBeforeMm ?? cells.squeezeMm);
  copy(cells.shearX, w.tx);
  copy(cells.shearY, w.ty);
  copy(cells.shearZ, w.tz);
  copy(cells.movedX, w.mx);
  copy(cells.movedY, w.my);
  copy(cells.movedZ, w.mz);
  if (cells.friction !== undefined) copy(cells.friction, w.friction);
  if (tree !== null) [w.bendZ, w.openY, w.openZ] = [list(tree.bendZ), list(tree.openY), list(tree.openZ)];
  layIntoSkin(w);
  return w;
}

/** What shear a cell brings along is laid into the skin where it now lies: the part along the normal is dropped. */
export function layIntoSkin({ count, tx, ty, tz, nx, ny, nz }: ContactWork): void {
  for (let i = 0; i < count; i++) {
    const along = tx[i]! * nx[i]! + ty[i]! * ny[i]! + tz[i]! * nz[i]!;
    tx[i]! -= along * nx[i]!;
    ty[i]! -= along * ny[i]!;
    tz[i]! -= along * nz[i]!;
  }
}
