import { N_PER_KPA_MM2 } from './contact-problem';
import { type ContactWork } from './contact-work';

const ROUNDS = 12;
/** One cell in so many is enough to come close, where there are many. */
const FEW_OF = 7;
const MANY = 700;
/** Nothing is lowered further than this, mm. */
const DEEPEST_MM = 1000;

/** About the heave at which the cells carry the weight without turning and without friction, mm: where a search may begin. */
export function loweredFor(w: ContactWork): number {
  const every = w.count > MANY ? FEW_OF : 1;
  const touches = firstTouch(w);
  if (!Number.isFinite(touches)) return 0;
  // depths are counted from the touch, so that they grow whatever its size
  let [shallow, deep] = [0, 1];
  while (levelForce(w, touches - deep, every) < w.weightN && deep < DEEPEST_MM) deep *= 3;
  for (let i = 0; i < ROUNDS; i++) {
    const middle = (shallow + deep) / 2;
    if (levelForce(w, touches - middle, every) >= w.weightN) deep = middle;
    else shallow = middle;
  }
  return touches - deep;
}

/** Heave at which the first cell touches, mm. */
function firstTouch({ count, squeeze, nz }: ContactWork): number {
  let most = -Infinity;
  for (let i = 0; i < count; i++) {
    const clear = squeeze[i]! / nz[i]!;
    if (nz[i]! > 0.01 && clear > most) most = clear;
  }
  return most;
}

function levelForce({ count, squeeze, nz, area, stiff, law }: ContactWork, heave: number, every: number): number {
  let sum = 0;
  for (let i = 0; i < count; i += every) {
    const d = squeeze[i]! - nz[i]! * heave;
    if (d > 0) sum += area[i]! * nz[i]! * stiff[i]! * d * (1 + d / law.hardeningMm);
  }
  return sum * every * N_PER_KPA_MM2;
}
