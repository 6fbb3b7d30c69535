import { BLOCK, TOUCHING } from './cell-block';
import { LEVER_MM, N_PER_KPA_MM2 } from './contact-problem';
import { type ContactWork } from './contact-work';

const { at, hold, slip, mx, my, mz, ex, ey, ez } = TOUCHING;

/** Looked up once: an export of another file is looked up on every use. */
const PER_KPA = N_PER_KPA_MM2;

/** Pairs of vectors whose outer products make the slope, at most two of a cell: each a force with its moment and what the tree takes of it. */
const pairs = (): Float64Array => new Float64Array(2 * BLOCK);
const LEFT0 = pairs();
const LEFT1 = pairs();
const LEFT2 = pairs();
const LEFT3 = pairs();
const LEFT4 = pairs();
const LEFT5 = pairs();
const LEFT6 = pairs();
const LEFT7 = pairs();
const RIGHT0 = pairs();
const RIGHT1 = pairs();
const RIGHT2 = pairs();
const RIGHT3 = pairs();
const RIGHT4 = pairs();
const RIGHT5 = pairs();
const RIGHT6 = pairs();
const RIGHT7 = pairs();
const LEFT = [LEFT0, LEFT1, LEFT2, LEFT3, LEFT4, LEFT5, LEFT6, LEFT7] as const;
/** Sums of hold, hold times arm, and hold times products of arms. */
const STUCK = new Float64Array(10);

/** A new slope begins. */
export const noneStuck = (): void => void STUCK.fill(0);

/** J' C J of each cell: C = m n' - hold 1 + slip e e' (see `TOUCHING`), J = [1, -[a]x] and what the tree gives. */
export function addTangents(w: ContactWork, n: number): void {
  const gives = w.tree !== null;
  let count = 0;
  for (let j = 0; j < n; j++) {
    const i = at[j]!;
    const s = w.area[i]! * PER_KPA;
    setPair(w, i, count, s, mx[j]!, my[j]!, mz[j]!, w.nx[i]!, w.ny[i]!, w.nz[i]!);
    count++;
    const slides = s * slip[j]!;
    if (slides === 0) continue;
    setPair(w, i, count, slides, ex[j]!, ey[j]!, ez[j]!, ex[j]!, ey[j]!, ez[j]!);
    count++;
  }
  addHeld(w, n);
  const rows = gives ? 8 : 6;
  for (let row = 0; row < rows; row++) addRow(w.tangent, row, count);
  if (!gives) return;
  for (let row = 0; row < rows; row++) addLast(w.tangent, row, count);
  for (let j = 0; j < n; j++) addHeldTree(w, at[j]!, w.area[at[j]!]! * PER_KPA * hold[j]!);
}

/** One pair: `by` times a vector with its moment, and another with its own. */
function setPair(
  w: ContactWork,
  i: number,
  pair: number,
  by: number,
  lx: number,
  ly: number,
  lz: number,
  rx: number,
  ry: number,
  rz: number,
): void {
  const a = w.ax[i]!;
  const b = w.ay[i]!;
  const h = w.az[i]!;
  LEFT0[pair] = by * lx;
  LEFT1[pair] = by * ly;
  LEFT2[pair] = by * lz;
  LEFT3[pair] = by * (b * lz - h * ly);
  LEFT4[pair] = by * (h * lx - a * lz);
  LEFT5[pair] = by * (a * ly - b * lx);
  RIGHT0[pair] = rx;
  RIGHT1[pair] = ry;
  RIGHT2[pair] = rz;
  RIGHT3[pair] = b * rz - h * ry;
  RIGHT4[pair] = h * rx - a * rz;
  RIGHT5[pair] = a * ry - b * rx;
  if (w.tree === null) return;
  const bend = w.bendZ[i]! / LEVER_MM;
  const openY = w.openY[i]! / LEVER_MM;
  const openZ = w.openZ[i]! / LEVER_MM;
  LEFT6[pair] = by * bend * lz;
  LEFT7[pair] = by * (openY * ly + openZ * lz);
  RIGHT6[pair] = bend * rz;
  RIGHT7[pair] = openY * ry + openZ * rz;
}

/** One row of the sum of outer products, its first six. */
function addRow(m: Float64Array, row: number, count: number): void {
  const left = LEFT[row]!;
  let [t0, t1, t2, t3, t4, t5] = [0, 0, 0, 0, 0, 0];
  for (let k = 0; k < count; k++) {
    const l = left[k]!;
    t0 += l * RIGHT0[k]!;
    t1 += l * RIGHT1[k]!;
    t2 += l * RIGHT2[k]!;
    t3 += l * RIGHT3[k]!;
    t4 += l * RIGHT4[k]!;
    t5 += l * RIGHT5[k]!;
  }
  const from = 8 * row;
  m[from]! += t0;
  m[from + 1]! += t1;
  m[from + 2]! += t2;
  m[from + 3]! += t3;
  m[from + 4]! += t4;
  m[from + 5]! += t5;
}

/** Its last two, the tree's. */
function addLast(m: Float64Array, row: number, count: number): void {
  const left = LEFT[row]!;
  let [t6, t7] = [0, 0];
  for (let k = 0; k < count; k++) {
    t6 += left[k]! * RIGHT6[k]!;
    t7 += left[k]! * RIGHT7[k]!;
  }
  m[8 * row + 6]! += t6;
  m[8 * row + 7]! += t7;
}

/** Sums of what holds, of a block: -J' J of it is added once, from them. */
function addHeld({ ax, ay, az, area }: ContactWork, n: number): void {
  let [s, sa, sb, sh, saa, sbb, shh, sab, sah, sbh] = [0, 0, 0, 0, 0, 0, 0, 0, 0, 0];
  for (let j = 0; j < n; j++) {
    const i = at[j]!;
    const by = area[i]! * PER_KPA * hold[j]!;
    const a = ax[i]!;
    const b = ay[i]!;
    const h = az[i]!;
    s += by;
    sa += by * a;
    sb += by * b;
    sh += by * h;
    saa += by * a * a;
    sbb += by * b * b;
    shh += by * h * h;
    sab += by * a * b;
    sah += by * a * h;
    sbh += by * b * h;
  }
  STUCK[0]! += s;
  STUCK[1]! += sa;
  STUCK[2]! += sb;
  STUCK[3]! += sh;
  STUCK[4]! += saa;
  STUCK[5]! += sbb;
  STUCK[6]! += shh;
  STUCK[7]! += sab;
  STUCK[8]! += sah;
  STUCK[9]! += sbh;
}

/** -J' J of all that holds, from its sums. */
export function addStuck(m: Float64Array): void {
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
function addHeldTree(w: ContactWork, i: number, hold: number): void {
  const m = w.tangent;
  const bz = w.bendZ[i]! / LEVER_MM;
  const oy = w.openY[i]! / LEVER_MM;
  const oz = w.openZ[i]! / LEVER_MM;
  const arms = [
    [0, 0, bz],
    [0, oy, oz],
  ] as const;
  arms.forEach(([x, y, z], k) => {
    const [a, b, h] = [w.ax[i]!, w.ay[i]!, w.az[i]!];
    const moved = [x, y, z, b * z - h * y, h * x - a * z, a * y - b * x];
    for (let j = 0; j < 6; j++) {
      m[8 * (6 + k) + j]! -= hold * moved[j]!;
      m[8 * j + 6 + k]! -= hold * moved[j]!;
    }
  });
  m[54]! -= hold * bz * bz;
  m[55]! -= hold * bz * oz;
  m[62]! -= hold * bz * oz;
  m[63]! -= hold * (oy * oy + oz * oz);
}
