import { type ContactWork } from './contact-work';

/**
 * One cell's answer, filled by `cellForce`, one cell at a time. First its pressure and its shear in kPa; then how its force per
 * area changes with its way s, kPa per mm: C = m n' - hold 1 + slip e e', with n the normal and e the direction it slips.
 */
export const CELL = new Float64Array(12);
export const [P, TX, TY, TZ, HOLD, SLIP, MX, MY, MZ, EX, EY, EZ] = [0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11] as const;

/**
 * The law of a cell. Squeezed by d along its normal it presses p = k d (1 + d / dh). Along the skin it holds by a spring of
 * `shearShare` k from what it held before, over the part of its way on which it touched, and never more than friction times p.
 * @param sx its way in this solve, mm
 * @returns false where it doesn't touch; `CELL` is then not filled
 */
export function cellForce(w: ContactWork, i: number, sx: number, sy: number, sz: number): boolean {
  const law = w.law;
  const nx = w.nx[i]!;
  const ny = w.ny[i]!;
  const nz = w.nz[i]!;
  const d = w.squeeze[i]! - (nx * sx + ny * sy + nz * sz);
  if (!(d > 0)) return false;
  const k = w.stiff[i]!;
  const hard = d / law.hardeningMm;
  const p = k * d * (1 + hard);
  const dp = k * (1 + 2 * hard);
  CELL[P] = p;
  const most = law.friction * p;
  if (!(most > 0)) {
    CELL.fill(0, TX);
    CELL[MX] = -dp * nx;
    CELL[MY] = -dp * ny;
    CELL[MZ] = -dp * nz;
    return true;
  }
  const mx = w.mx[i]! + sx;
  const my = w.my[i]! + sy;
  const mz = w.mz[i]! + sz;
  const along = mx * nx + my * ny + mz * nz;
  const px = mx - along * nx;
  const py = my - along * ny;
  const pz = mz - along * nz;
  const before = w.before[i]!;
  const kt = law.shearShare * k;
  const opened = before < 0 ? d - before : d;
  const hold = (kt * d) / opened;
  // less of the way counted, for each mm less of squeeze
  const fades = before < 0 ? (-kt * before) / (opened * opened) : 0;
  const tx = w.tx[i]! - hold * px;
  const ty = w.ty[i]! - hold * py;
  const tz = w.tz[i]! - hold * pz;
  const square = tx * tx + ty * ty + tz * tz;
  if (square <= most * most) {
    CELL[TX] = tx;
    CELL[TY] = ty;
    CELL[TZ] = tz;
    CELL[HOLD] = hold;
    CELL[SLIP] = 0;
    const by = hold - dp;
    CELL[MX] = by * nx + fades * px;
    CELL[MY] = by * ny + fades * py;
    CELL[MZ] = by * nz + fades * pz;
    return true;
  }
  const per = 1 / Math.sqrt(square);
  CELL[EX] = tx * per;
  CELL[EY] = ty * per;
  CELL[EZ] = tz * per;
  slipping(most, most * per * hold, dp, law.friction * dp, most * per * fades, nx, ny, nz, px, py, pz);
  return true;
}

/**
 * Shear at its bound: its size follows the pressure, its direction the way. @param h what would hold, as far as it still turns it
 * @param pushes how its size grows with squeeze @param fades as above, as far as it still turns it
 */
function slipping(
  most: number,
  h: number,
  dp: number,
  pushes: number,
  fades: number,
  nx: number,
  ny: number,
  nz: number,
  px: number,
  py: number,
  pz: number,
): void {
  const ex = CELL[EX]!;
  const ey = CELL[EY]!;
  const ez = CELL[EZ]!;
  CELL[TX] = most * ex;
  CELL[TY] = most * ey;
  CELL[TZ] = most * ez;
  // share (1 - e e') of what it would do unbound: -hold (1 - n n') + fades p n'; e stands on n
  CELL[HOLD] = h;
  CELL[SLIP] = h;
  const on = -pushes - fades * (ex * px + ey * py + ez * pz);
  const by = h - dp;
  CELL[MX] = by * nx + on * ex + fades * px;
  CELL[MY] = by * ny + on * ey + fades * py;
  CELL[MZ] = by * nz + on * ez + fades * pz;
}
