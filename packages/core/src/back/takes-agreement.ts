import { alignRigidly } from '../geometry';
import { GAUGE_DEPTHS_MM, type SectionMeasures, measureSection, widthAcrossMm } from './section-measures';
import { type Take } from './take';

/** When two takes of one station say the same (defaults; source: what practitioners accept by hand, in mm). */
export const AGREEMENT_LIMITS = { rmsMm: 3, widthMm: 5, angleDeg: 2, turnDeg: 3 } as const;

/** How two takes differ once the second is laid on the first. */
export interface PairDifference {
  readonly a: string;
  readonly b: string;
  readonly rmsMm: number;
  readonly greatestMm: number;
  /** Greatest difference of the widths across at the gauge depths. */
  readonly widthMm: number;
  readonly angleDeg: number;
  readonly turnDeg: number;
  readonly agrees: boolean;
}

export type AgreementState = 'none' | 'single' | 'differ' | 'agree';

export interface Agreement {
  readonly state: AgreementState;
  /** Ids of the takes that agree with each other, in the order given. */
  readonly accepted: readonly string[];
  /** Ids of the takes that agree with too few, each with what it misses by against the accepted ones. */
  readonly odd: readonly { readonly id: string; readonly differsBy: PairDifference }[];
  readonly pairs: readonly PairDifference[];
  /** Technical error of measurement of the widths, mm (Dahlberg); null with fewer than two takes. */
  readonly technicalErrorMm: number | null;
}

/** Takes of a section that say the same. The answer doesn't depend on the order of the takes. */
export const takesAgreement = (takes: readonly Take[]): Agreement =>
  agreementOf(
    takes.map((t) => t.id),
    () => allPairs(takes),
    (ids) => technicalErrorMm(takes.filter((t) => ids.includes(t.id))),
  );

/**
 * Which of some takes say the same: the largest group in which every pair agrees (closest group on a tie).
 * Two takes that differ can't say which is wrong, so neither is accepted.
 */
export function agreementOf(
  ids: readonly string[],
  allDifferences: () => readonly PairDifference[],
  errorMm: (ids: readonly string[]) => number | null,
): Agreement {
  if (ids.length === 0) return { state: 'none', accepted: [], odd: [], pairs: [], technicalErrorMm: null };
  if (ids.length === 1) return { state: 'single', accepted: ids, odd: [], pairs: [], technicalErrorMm: null };
  const pairs = allDifferences();
  const group = largestAgreeingGroup(ids, pairs);
  if (group.length < 2) return { state: 'differ', accepted: [], odd: [], pairs, technicalErrorMm: errorMm(ids) };
  const accepted = ids.filter((id) => group.includes(id));
  const odd = ids.filter((id) => !group.includes(id)).map((id) => ({ id, differsBy: mostTelling(id, group, pairs) }));
  return { state: 'agree', accepted, odd, pairs, technicalErrorMm: errorMm(accepted) };
}

interface MeasuredTake {
  readonly take: Take;
  readonly measures: SectionMeasures;
}

/** Each take is measured once, then held against every other. */
function allPairs(takes: readonly Take[]): PairDifference[] {
  const sorted = [...takes].sort((a, b) => (a.id < b.id ? -1 : 1)).map((take) => ({ take, measures: measureSection(take.section) }));
  return sorted.flatMap((a, i) => sorted.slice(i + 1).map((b) => difference(a, b)));
}

function difference(a: MeasuredTake, b: MeasuredTake): PairDifference {
  const laid = alignRigidly(b.take.section.points, a.take.section.points, AGREEMENT_LIMITS.turnDeg);
  const widthMm = Math.max(0, ...a.measures.widthsMm.map((width, i) => widthGap(width, b.measures.widthsMm[i] ?? null)));
  const angleDeg = Math.abs((a.measures.includedAngleDeg ?? 0) - (b.measures.includedAngleDeg ?? 0));
  const agrees = laid.rmsMm <= AGREEMENT_LIMITS.rmsMm && widthMm <= AGREEMENT_LIMITS.widthMm && angleDeg <= AGREEMENT_LIMITS.angleDeg;
  return { a: a.take.id, b: b.take.id, rmsMm: laid.rmsMm, greatestMm: laid.greatestMm, widthMm, angleDeg, turnDeg: laid.turnDeg, agrees };
}

const widthGap = (a: number | null, b: number | null): number => (a === null || b === null ? 0 : Math.abs(a - b));

const isPair = (p: PairDifference, x: string, y: string): boolean => (p.a === x && p.b === y) || (p.a === y && p.b === x);

/** At most five takes, so all groups can be looked at. */
function largestAgreeingGroup(given: readonly string[], pairs: readonly PairDifference[]): readonly string[] {
  const ids = [...given].sort();
  let best: readonly string[] = [];
  let bestRms = Infinity;
  for (let mask = 1; mask < 1 << ids.length; mask++) {
    const group = ids.filter((_, i) => mask & (1 << i));
    const inside = pairs.filter((p) => group.includes(p.a) && group.includes(p.b));
    if (!inside.every((p) => p.agrees)) continue;
    const rms = inside.reduce((s, p) => s + p.rmsMm, 0);
    if (group.length > best.length || (group.length === best.length && rms < bestRms)) {
      best = group;
      bestRms = rms;
    }
  }
  return best;
}

function mostTelling(id: string, group: readonly string[], pairs: readonly PairDifference[]): PairDifference {
  const against = pairs.filter((p) => group.some((g) => isPair(p, id, g)));
  return against.reduce((worst, p) => (p.rmsMm + p.widthMm > worst.rmsMm + worst.widthMm ? p : worst));
}

/** Dahlberg's error for k repeats: the square root of the pooled within-horse variance over the gauge depths. */
function technicalErrorMm(takes: readonly Take[]): number | null {
  const variances = GAUGE_DEPTHS_MM.flatMap((d) => {
    const widths = takes.map((t) => widthAcrossMm(t.section, d));
    if (widths.some((w) => w === null)) return [];
    const values = widths as number[];
    const mean = values.reduce((s, w) => s + w, 0) / values.length;
    return [values.reduce((s, w) => s + (w - mean) ** 2, 0) / (values.length - 1)];
  });
  return variances.length === 0 ? null : Math.sqrt(variances.reduce((s, v) => s + v, 0) / variances.length);
}
