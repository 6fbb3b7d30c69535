import { LEVER_MM } from './contact-problem';
import { type ContactWork, type Ways } from './contact-work';

/** Cells are answered for so many at a time, so that what is said of them stays close at hand. */
export const BLOCK = 128;
const list = (): Float64Array => new Float64Array(BLOCK);

/**
 * What the touching cells of one block answer, one entry each: which cell, its pressure and its shear in kPa; then how its force per
 * area changes with its way s, kPa per mm: C = m n' - hold 1 + slip e e', with n the normal and e the direction it slips.
 */
export const TOUCHING = {
  at: new Int32Array(BLOCK),
  p: list(),
  tx: list(),
  ty: list(),
  tz: list(),
  hold: list(),
  slip: list(),
  mx: list(),
  my: list(),
  mz: list(),
  ex: list(),
  ey: list(),
  ez: list(),
} as const;
const { at, p, tx, ty, tz, hold, slip, mx, my, mz, ex, ey, ez } = TOUCHING;
/** How deep each is squeezed, mm, and its way in this solve. */
const [deep, wayX, wayY, wayZ] = [list(), list(), list(), list()];

/**
 * The law of the cells `from` and on, a block of them, at a place: fills `TOUCHING`. Squeezed by d along its normal a cell presses
 * p = k d (1 + d / dh). Along the skin it holds by a spring of `shearShare` k from what it held before, over the part of its way on
 * which it touched, and never more than friction times p.
 * @returns how many of them touch
 */
export function touchingFrom(w: ContactWork, q: Ways, from: number): number {
  const count = found(w, q, from);
  const { shearShare, hardeningMm } = w.law;
  for (let j = 0; j < count; j++) {
    const i = at[j]!;
    const k = w.stiff[i]!;
    const hard = deep[j]! / hardeningMm;
    const pressure = k * deep[j]! * (1 + hard);
    const dp = k * (1 + 2 * hard);
    const friction = w.friction[i]!;
    p[j] = pressure;
    if (friction > 0) held(w, i, j, shearShare * k, dp, friction);
    else slick(w, i, j, dp);
  }
  return count;
}

/** Which cells touch there, how deep, and how far each has gone. */
function found({ count, ax, ay, az, nx, ny, nz, squeeze, openY, openZ, bendZ, tree }: ContactWork, q: Ways, from: number): number {
  const [q0, q1, q2, q3, q4, q5] = [q[0]!, q[1]!, q[2]!, q[3]!, q[4]!, q[5]!];
  const [bend, open] = [q[6]! / LEVER_MM, q[7]! / LEVER_MM];
  const to = Math.min(count, from + BLOCK);
  let n = 0;
  for (let i = from; i < to; i++) {
    const a = ax[i]!;
    const b = ay[i]!;
    const h = az[i]!;
    const sx = q0 + q4 * h - q5 * b;
    let sy = q1 + q5 * a - q3 * h;
    let sz = q2 + q3 * b - q4 * a;
    if (tree !== null) {
      sy += open * openY[i]!;
      sz += bend * bendZ[i]! + open * openZ[i]!;
    }
    const d = squeeze[i]! - (nx[i]! * sx + ny[i]! * sy + nz[i]! * sz);
    if (!(d > 0)) continue;
    at[n] = i;
    deep[n] = d;
    wayX[n] = sx;
    wayY[n] = sy;
    wayZ[n] = sz;
    n++;
  }
  return n;
}

function slick(w: ContactWork, i: number, j: number, dp: number): void {
  tx[j] = 0;
  ty[j] = 0;
  tz[j] = 0;
  hold[j] = 0;
  slip[j] = 0;
  mx[j] = -dp * w.nx[i]!;
  my[j] = -dp * w.ny[i]!;
  mz[j] = -dp * w.nz[i]!;
}

/** @param kt its spring along the skin @param dp what a mm of squeeze adds to its pressure */
function held(w: ContactWork, i: number, j: number, kt: number, dp: number, friction: number): void {
  const nx = w.nx[i]!;
  const ny = w.ny[i]!;
  const nz = w.nz[i]!;
  const goneX = w.mx[i]! + wayX[j]!;
  const goneY = w.my[i]! + wayY[j]!;
  const goneZ = w.mz[i]! + wayZ[j]!;
  const along = goneX * nx + goneY * ny + goneZ * nz;
  const px = goneX - along * nx;
  const py = goneY - along * ny;
  const pz = goneZ - along * nz;
  const before = w.before[i]!;
  const d = deep[j]!;
  const opened = before < 0 ? d - before : d;
  const holds = (kt * d) / opened;
  // less of the way counted, for each mm less of squeeze
  const fades = before < 0 ? (-kt * before) / (opened * opened) : 0;
  const x = w.tx[i]! - holds * px;
  const y = w.ty[i]! - holds * py;
  const z = w.tz[i]! - holds * pz;
  const square = x * x + y * y + z * z;
  const most = friction * p[j]!;
  if (square > most * most) return slips(j, most / Math.sqrt(square), holds, dp, friction, fades, x, y, z, nx, ny, nz, px, py, pz);
  tx[j] = x;
  ty[j] = y;
  tz[j] = z;
  hold[j] = holds;
  slip[j] = 0;
  const by = holds - dp;
  mx[j] = by * nx + fades * px;
  my[j] = by * ny + fades * py;
  mz[j] = by * nz + fades * pz;
}

/**
 * Shear at its bound: its size follows the pressure, its direction the way.
 * @param share what it may hold of what it would, x y z @param fades how much less of the way p counts by the mm
 */
function slips(
  j: number,
  share: number,
  holds: number,
  dp: number,
  friction: number,
  fades: number,
  x: number,
  y: number,
  z: number,
  nx: number,
  ny: number,
  nz: number,
  px: number,
  py: number,
  pz: number,
): void {
  const size = 1 / Math.sqrt(x * x + y * y + z * z);
  const ux = x * size;
  const uy = y * size;
  const uz = z * size;
  tx[j] = share * x;
  ty[j] = share * y;
  tz[j] = share * z;
  ex[j] = ux;
  ey[j] = uy;
  ez[j] = uz;
  // share (1 - e e') of what it would do unbound: -hold (1 - n n') + fades p n'; e stands on n
  const h = share * holds;
  hold[j] = h;
  slip[j] = h;
  const fading = share * fades;
  const on = -friction * dp - fading * (ux * px + uy * py + uz * pz);
  const by = h - dp;
  mx[j] = by * nx + on * ux + fading * px;
  my[j] = by * ny + on * uy + fading * py;
  mz[j] = by * nz + on * uz + fading * pz;
}

/** Visits every touching cell at a place: `i` of the cell, `j` of its answer in `TOUCHING`. */
export function eachTouching(w: ContactWork, q: Ways, visit: (i: number, j: number) => void): void {
  for (let from = 0; from < w.count; from += BLOCK) {
    const n = touchingFrom(w, q, from);
    for (let j = 0; j < n; j++) visit(at[j]!, j);
  }
}
