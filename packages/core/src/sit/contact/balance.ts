import { type ContactWork, type Ways } from './contact-work';
import { BLOCK, TOUCHING, touchingFrom } from './cell-block';
import { addStuck, addTangents, noneStuck } from './tangent';
import { LEVER_MM, N_PER_KPA_MM2 } from './contact-problem';

const { at, p, tx, ty, tz } = TOUCHING;

/** The balance at a place: fills `residual` (N, moments over the lever) and, where wanted, `tangent`, its slope. */
export function balanceAt(w: ContactWork, q: Ways, withTangent: boolean): void {
  w.residual.fill(0);
  noneStuck();
  if (withTangent) w.tangent.fill(0);
  for (let from = 0; from < w.count; from += BLOCK) {
    const n = touchingFrom(w, q, from);
    if (n === 0) continue;
    addForces(w, n);
    if (withTangent) addTangents(w, n);
  }
  if (withTangent) addStuck(w.tangent);
  addLoads(w, q, withTangent);
}

function addForces(w: ContactWork, n: number): void {
  const { ax, ay, az, nx, ny, nz, area, residual: r } = w;
  const perKPa = N_PER_KPA_MM2;
  let [r0, r1, r2, r3, r4, r5] = [0, 0, 0, 0, 0, 0];
  for (let j = 0; j < n; j++) {
    const i = at[j]!;
    const a = ax[i]!;
    const b = ay[i]!;
    const h = az[i]!;
    const s = area[i]! * perKPa;
    const pressure = p[j]!;
    const fx = s * (pressure * nx[i]! + tx[j]!);
    const fy = s * (pressure * ny[i]! + ty[j]!);
    const fz = s * (pressure * nz[i]! + tz[j]!);
    r0 += fx;
    r1 += fy;
    r2 += fz;
    r3 += b * fz - h * fy;
    r4 += h * fx - a * fz;
    r5 += a * fy - b * fx;
    if (w.tree === null) continue;
    r[6]! += (w.bendZ[i]! * fz) / LEVER_MM;
    r[7]! += (w.openY[i]! * fy + w.openZ[i]! * fz) / LEVER_MM;
  }
  r[0]! += r0;
  r[1]! += r1;
  r[2]! += r2;
  r[3]! += r3;
  r[4]! += r4;
  r[5]! += r5;
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
