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
/** How deep each is squeezed, mm, what a mm more adds to its pressure, and its way in this solve. */
const [deep, pushes, wayX, wayY, wayZ] = [list(), list(), list(), list(), list()];

/**
 * The law of the cells `from` and on, a block of them, at a place: fills `TOUCHING`. Squeezed by d along its normal a cell presses
 * p = k d (1 + d / dh). Along the skin it holds by a spring of `shearShare` k from what it held before, over the part of its way on
 * which it touched, and never more than friction times p.
 * @returns how many of them touch
 */
export function touchingFrom(w: ContactWork, q: Ways, from: number): number {
  const count = found(w, q, from);
  const { stiff, law } = w;
  for (let j = 0; j < count; j++) {
    const k = stiff[at[j]!]!;
    const hard = deep[j]! / law.hardeningMm;
    p[j] = k * deep[j]! * (1 + hard);
    pushes[j] = k * (1 + 2 * hard);
  }
  holdsOn(w, count);
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

/** What each of them holds along the skin: up to its bound, whose size follows the pressure and whose direction the way. */
function holdsOn(
  { nx, ny, nz, mx: goneX, my: goneY, mz: goneZ, tx: hadX, ty: hadY, tz: hadZ, before, stiff, friction, law }: ContactWork,
  count: number,
): void {
  const { shearShare } = law;
  for (let j = 0; j < count; j++) {
    const i = at[j]!;
    const [u, v, n] = [nx[i]!, ny[i]!, nz[i]!];
    const gx = goneX[i]! + wayX[j]!;
    const gy = goneY[i]! + wayY[j]!;
    const gz = goneZ[i]! + wayZ[j]!;
    const along = gx * u + gy * v + gz * n;
    const px = gx - along * u;
    const py = gy - along * v;
    const pz = gz - along * n;
    const was = before[i]!;
    const d = deep[j]!;
    const mu = friction[i]!;
    const kt = mu > 0 ? shearShare * stiff[i]! : 0;
    const opened = was < 0 ? d - was : d;
    const holds = (kt * d) / opened;
    const x = hadX[i]! - holds * px;
    const y = hadY[i]! - holds * py;
    const z = hadZ[i]! - holds * pz;
    const size = Math.sqrt(x * x + y * y + z * z);
    const most = mu * p[j]!;
    const slides = size > most;
    const share = slides ? most / size : 1;
    // less of the way counted, for each mm less of squeeze
    const fades = was < 0 ? (-share * kt * was) / (opened * opened) : 0;
    const h = share * holds;
    const by = h - pushes[j]!;
    tx[j] = share * x;
    ty[j] = share * y;
    tz[j] = share * z;
    hold[j] = h;
    slip[j] = slides ? h : 0;
    mx[j] = by * u + fades * px;
    my[j] = by * v + fades * py;
    mz[j] = by * n + fades * pz;
    if (slides) slidesOn(j, x / size, y / size, z / size, mu * pushes[j]!, fades, px, py, pz);
  }
}

/**
 * What sliding adds: share (1 - e e') of what it would do unbound, -hold (1 - n n') + fades p n', and its bound that grows; e stands on n.
 * @param grows of its bound, by the mm of squeeze @param fades how much less of the way p counts by the mm
 */
function slidesOn(j: number, x: number, y: number, z: number, grows: number, fades: number, px: number, py: number, pz: number): void {
  const on = -grows - fades * (x * px + y * py + z * pz);
  ex[j] = x;
  ey[j] = y;
  ez[j] = z;
  mx[j]! += on * x;
  my[j]! += on * y;
  mz[j]! += on * z;
}

/** Visits every touching cell at a place: `i` of the cell, `j` of its answer in `TOUCHING`. */
export function eachTouching(w: ContactWork, q: Ways, visit: (i: number, j: number) => void): void {
  for (let from = 0; from < w.count; from += BLOCK) {
    const n = touchingFrom(w, q, from);
    for (let j = 0; j < n; j++) visit(at[j]!, j);
  }
}
