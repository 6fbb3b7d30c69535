import { type ContactWork, type Ways } from './contact-work';
import { balanceAt } from './balance';
import { LEVER_MM, FREEDOMS } from './contact-problem';

export interface Rested {
  /** Whether all balances of the free freedoms hold. */
  readonly balanced: boolean;
  readonly rounds: number;
  /** Greatest unbalanced force, or moment over the lever, as a share of the weight. */
  readonly left: number;
}

export interface NewtonOptions {
  /** Balanced where nothing left is more than this share of the weight. */
  readonly until?: number;
  /** Asked once it is: whether to go on until it is balanced to the last. */
  readonly further?: () => boolean;
  /** Is told what is left at every place the search stands at; it never grows. */
  readonly watch?: (left: number) => void;
}

const MOST_ROUNDS = 40;
const MOST_HALVINGS = 12;
/** It is stuck where so many rounds together leave more than this share of what was left before them. */
const STUCK = { rounds: 5, share: 0.9 } as const;
const BALANCED = 1e-9;
/** A step may not turn it further than this at once (as a slope), nor take it further, mm. */
const LONGEST = { turn: 0.12, mm: 15 } as const;

const SIZE = FREEDOMS.length;

/**
 * Newton's way on the balances of the free freedoms, with the friction's bound inside the slope (which is then not symmetric) and a
 * line search that lets no step make the whole imbalance larger. `q` is where it starts, and then where it stands.
 */
export function newton(w: ContactWork, q: Ways, { until = BALANCED, further, watch }: NewtonOptions = {}): Rested {
  let enough = until;
  const step = STEP;
  const from = FROM;
  balanceAt(w, q, true);
  let left = leftOf(w);
  watch?.(left);
  let before = left;
  for (let round = 0; round < MOST_ROUNDS; round++) {
    if (greatestOf(w) <= enough && enough > BALANCED && further?.() === true) enough = BALANCED;
    if (greatestOf(w) <= enough) return { balanced: true, rounds: round, left: greatestOf(w) };
    if (!stepOf(w, step)) return { balanced: false, rounds: round, left: greatestOf(w) };
    from.set(q);
    let share = Math.min(1, longestShare(step));
    let better = false;
    let sloped = true;
    for (let halving = 0; halving < MOST_HALVINGS && !better; halving++, share /= 2) {
      sloped = halving === 0;
      for (const k of w.free) q[k] = from[k]! + share * step[k]!;
      // the first try is mostly taken: its slope is wanted at once
      balanceAt(w, q, halving === 0);
      better = leftOf(w) < (1 - 1e-4 * share) * left;
    }
    if (!better) {
      q.set(from);
      balanceAt(w, q, true);
      const last = greatestOf(w);
      return { balanced: last <= Math.max(enough, 100 * BALANCED), rounds: round, left: last };
    }
    if (!sloped) balanceAt(w, q, true);
    left = leftOf(w);
    watch?.(left);
    if (round % STUCK.rounds !== STUCK.rounds - 1) continue;
    if (left > STUCK.share * before) return { balanced: false, rounds: round, left: greatestOf(w) };
    before = left;
  }
  return { balanced: false, rounds: MOST_ROUNDS, left: greatestOf(w) };
}

const STEP = new Float64Array(SIZE);
const FROM = new Float64Array(SIZE);

function longestShare(step: Float64Array): number {
  const turn = Math.max(Math.abs(step[3]!), Math.abs(step[4]!), Math.abs(step[5]!), Math.abs(step[6]!), Math.abs(step[7]!));
  const way = Math.max(Math.abs(step[0]!), Math.abs(step[1]!), Math.abs(step[2]!));
  return Math.min((LONGEST.turn * LEVER_MM) / Math.max(1e-12, turn), LONGEST.mm / Math.max(1e-12, way));
}

/** Length of what is left, and its greatest entry, as shares of the weight. */
function leftOf({ residual, free, weightN }: ContactWork): number {
  let sum = 0;
  for (const k of free) sum += residual[k]! * residual[k]!;
  return Math.sqrt(sum) / weightN;
}
function greatestOf({ residual, free, weightN }: ContactWork): number {
  let most = 0;
  for (const k of free) most = Math.max(most, Math.abs(residual[k]!));
  return most / weightN;
}

const MATRIX = new Float64Array(SIZE * (SIZE + 1));

/** Solves tangent . step = -residual over the free freedoms, by elimination with pivots; false where it can't be. */
function stepOf({ tangent, residual, free }: ContactWork, step: Float64Array): boolean {
  const n = free.length;
  const wide = n + 1;
  const m = MATRIX;
  let size = 0;
  for (let i = 0; i < n; i++) {
    for (let j = 0; j < n; j++) m[i * wide + j] = tangent[free[i]! * SIZE + free[j]!]!;
    m[i * wide + n] = -residual[free[i]!]!;
    size = Math.max(size, Math.abs(m[i * wide + i]!));
  }
  if (!(size > 0)) return false;
  // what nothing holds (one edge, a slick turn) is held back a little
  for (let i = 0; i < n; i++) m[i * wide + i]! -= 1e-9 * size;
  if (!eliminated(m, n)) return false;
  step.fill(0);
  for (let i = n - 1; i >= 0; i--) {
    let sum = m[i * wide + n]!;
    for (let j = i + 1; j < n; j++) sum -= m[i * wide + j]! * step[free[j]!]!;
    step[free[i]!] = sum / m[i * wide + i]!;
  }
  return step.every(Number.isFinite);
}

/** Upper triangle in place, rows changed for the greatest pivot. */
function eliminated(m: Float64Array, n: number): boolean {
  const wide = n + 1;
  for (let k = 0; k < n; k++) {
    let best = k;
    for (let i = k + 1; i < n; i++) if (Math.abs(m[i * wide + k]!) > Math.abs(m[best * wide + k]!)) best = i;
    if (m[best * wide + k] === 0) return false;
    if (best !== k) for (let j = k; j <= n; j++) [m[k * wide + j], m[best * wide + j]] = [m[best * wide + j]!, m[k * wide + j]!];
    for (let i = k + 1; i < n; i++) {
      const by = m[i * wide + k]! / m[k * wide + k]!;
      if (by === 0) continue;
      for (let j = k; j <= n; j++) m[i * wide + j]! -= by * m[k * wide + j]!;
    }
  }
  return true;
}
