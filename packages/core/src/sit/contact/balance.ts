import { type ContactWork } from './contact-work';
import { CELL, EX, EY, EZ, HOLD, MX, MY, MZ, P, SLIP, TX, TY, TZ, cellForce } from './cell-force';
import { LEVER_MM, N_PER_KPA_MM2 } from './contact-problem';

/** Ways of a saddle in this solve: surge, sway, heave, and turns about x, y and z as ways over the lever; then the tree's two. */
export type Ways = Float64Array;

/** What a cell does at a place, by its way. */
function reached(w: ContactWork, i: number, q: Ways): boolean {
  const ax = w.ax[i]!;
  const ay = w.ay[i]!;
  const az = w.az[i]!;
  let sy = q[1]! + q[5]! * ax - q[3]! * az;
  let sz = q[2]! + q[3]! * ay - q[4]! * ax;
  if (w.tree !== null) {
    sy += (q[7]! * w.openY[i]!) / LEVER_MM;
    sz += (q[6]! * w.bendZ[i]! + q[7]! * w.openZ[i]!) / LEVER_MM;
  }
  return cellForce(w, i, q[0]! + q[4]! * az - q[5]! * ay, sy, sz);
}

/** Visits every touching cell at a place; its answer stands in `CELL`. */
export function eachTouching(w: ContactWork, q: Ways, visit: (i: number) => void): void {
  for (let i = 0; i < w.count; i++) if (reached(w, i, q)) visit(i);
}

/** The balance at a place: fills `residual` (N, moments over the lever) and, where wanted, `tangent`, its slope. */
export function balanceAt(w: ContactWork, q: Ways, withTangent: boolean): void {
  const r = w.residual;
  r.fill(0);
  STUCK.fill(0);
  if (withTangent) w.tangent.fill(0);
  for (let i = 0; i < w.count; i++) {
    if (!reached(w, i, q)) continue;
    const a = w.ax[i]!;
    const b = w.ay[i]!;
    const h = w.az[i]!;
    const s = w.area[i]! * N_PER_KPA_MM2;
    const p = CELL[P]!;
    const fx = s * (p * w.nx[i]! + CELL[TX]!);
    const fy = s * (p * w.ny[i]! + CELL[TY]!);
    const fz = s * (p * w.nz[i]! + CELL[TZ]!);
    r[0]! += fx;
    r[1]! += fy;
    r[2]! += fz;
    r[3]! += b * fz - h * fy;
    r[4]! += h * fx - a * fz;
    r[5]! += a * fy - b * fx;
    if (w.tree !== null) {
      r[6]! += (w.bendZ[i]! * fz) / LEVER_MM;
      r[7]! += (w.openY[i]! * fy + w.openZ[i]! * fz) / LEVER_MM;
    }
    if (withTangent) addTangent(w, i, s, a, b, h);
  }
  if (withTangent) addStuck(w.tangent);
  addLoads(w, q, withTangent);
}

/** J' C J of one cell: C = m n' - hold 1 + slip e e' (see `CELL`), J = [1, -[a]x]. */
function addTangent(w: ContactWork, i: number, s: number, a: number, b: number, h: number): void {
  const nx = w.nx[i]!;
  const ny = w.ny[i]!;
  const nz = w.nz[i]!;
  arm(RIGHT, nx, ny, nz, a, b, h);
  arm(LEFT, s * CELL[MX]!, s * CELL[MY]!, s * CELL[MZ]!, a, b, h);
  const gives = w.tree !== null;
  if (gives) {
    bent(RIGHT, w, i);
    bent(LEFT, w, i);
  }
  addProduct(w.tangent, gives);
  const hold = s * CELL[HOLD]!;
  if (hold === 0) return;
  if (gives) addHeld(w, i, hold);
  STUCK[0]! += hold;
  STUCK[1]! += hold * a;
  STUCK[2]! += hold * b;
  STUCK[3]! += hold * h;
  STUCK[4]! += hold * a * a;
  STUCK[5]! += hold * b * b;
  STUCK[6]! += hold * h * h;
  STUCK[7]! += hold * a * b;
  STUCK[8]! += hold * a * h;
  STUCK[9]! += hold * b * h;
  const slip = s * CELL[SLIP]!;
  if (slip === 0) return;
  arm(RIGHT, CELL[EX]!, CELL[EY]!, CELL[EZ]!, a, b, h);
  arm(LEFT, slip * CELL[EX]!, slip * CELL[EY]!, slip * CELL[EZ]!, a, b, h);
  if (gives) {
    bent(RIGHT, w, i);
    bent(LEFT, w, i);
  }
  addProduct(w.tangent, gives);
}

const RIGHT = new Float64Array(8);
const LEFT = new Float64Array(8);
/** Sums of hold, hold times arm, and hold times products of arms. */
const STUCK = new Float64Array(10);

/** J' v: a vector and its moment. */
function arm(into: Float64Array, x: number, y: number, z: number, a: number, b: number, h: number): void {
  into[0] = x;
  into[1] = y;
  into[2] = z;
  into[3] = b * z - h * y;
  into[4] = h * x - a * z;
  into[5] = a * y - b * x;
}

function bent(into: Float64Array, w: ContactWork, i: number): void {
  into[6] = (w.bendZ[i]! * into[2]!) / LEVER_MM;
  into[7] = (w.openY[i]! * into[1]! + w.openZ[i]! * into[2]!) / LEVER_MM;
}

function addProduct(m: Float64Array, gives: boolean): void {
  const r0 = RIGHT[0]!;
  const r1 = RIGHT[1]!;
  const r2 = RIGHT[2]!;
  const r3 = RIGHT[3]!;
  const r4 = RIGHT[4]!;
  const r5 = RIGHT[5]!;
  const rows = gives ? 8 : 6;
  for (let k = 0; k < rows; k++) {
    const l = LEFT[k]!;
    const at = 8 * k;
    m[at]! += l * r0;
    m[at + 1]! += l * r1;
    m[at + 2]! += l * r2;
    m[at + 3]! += l * r3;
    m[at + 4]! += l * r4;
    m[at + 5]! += l * r5;
    if (!gives) continue;
    m[at + 6]! += l * RIGHT[6]!;
    m[at + 7]! += l * RIGHT[7]!;
  }
}

/** -J' J of all that holds, from its sums. */
function addStuck(m: Float64Array): void {
  const [s = 0, sa = 0, sb = 0, sh = 0, saa = 0, sbb = 0, shh = 0, sab = 0, sah = 0, sbh = 0] = STUCK;
  const add = (row: number, col: number, by: number): void => {
    m[8 * row + col]! -= by;
    if (row !== col) m[8 * col + row]! -= by;
  };
  add(0, 0, s);
  add(1, 1, s);
  add(2, 2, s);
  add(0, 4, sh);
  add(0, 5, -sb);
  add(1, 3, -sh);
  add(1, 5, sa);
  add(2, 3, sb);
  add(2, 4, -sa);
  add(3, 3, sbb + shh);
  add(4, 4, saa + shh);
  add(5, 5, saa + sbb);
  add(3, 4, -sab);
  add(3, 5, -sah);
  add(4, 5, -sbh);
}

/** The same for the tree's two freedoms, cell by cell: they are few saddles. */
function addHeld(w: ContactWork, i: number, hold: number): void {
  const m = w.tangent;
  const bz = w.bendZ[i]! / LEVER_MM;
  const oy = w.openY[i]! / LEVER_MM;
  const oz = w.openZ[i]! / LEVER_MM;
  const arms = [
    [0, 0, bz],
    [0, oy, oz],
  ] as const;
  arms.forEach(([x, y, z], k) => {
    arm(LEFT, x, y, z, w.ax[i]!, w.ay[i]!, w.az[i]!);
    for (let j = 0; j < 6; j++) {
      m[8 * (6 + k) + j]! -= hold * LEFT[j]!;
      m[8 * j + 6 + k]! -= hold * LEFT[j]!;
    }
  });
  m[54]! -= hold * bz * bz;
  m[55]! -= hold * bz * oz;
  m[62]! -= hold * bz * oz;
  m[63]! -= hold * (oy * oy + oz * oz);
}

/** Loads hang at their points, which don't move within a solve; what the tree has given pushes back. */
function addLoads({ loads, x0, y0, z0, residual: r, tangent: m, tree }: ContactWork, q: Ways, withTangent: boolean): void {
  loads.forEach(({ x, y, z, forceX, forceY, forceZ }, i) => {
    const a = (x - x0) / LEVER_MM;
    const b = (y - y0) / LEVER_MM;
    const h = (z - z0) / LEVER_MM;
    r[0]! += forceX;
    r[1]! += forceY;
    r[2]! += forceZ;
    r[3]! += b * forceZ - h * forceY;
    r[4]! += h * forceX - a * forceZ;
    r[5]! += a * forceY - b * forceX;
    if (tree !== null) r[6]! += (tree.loadBendZ[i]! / LEVER_MM) * forceZ;
  });
  if (tree === null) return;
  r[6]! -= tree.bend * (tree.bent + q[6]!);
  r[7]! -= tree.open * (tree.opened + q[7]!);
  if (!withTangent) return;
  m[54]! -= tree.bend;
  m[63]! -= tree.open;
}
