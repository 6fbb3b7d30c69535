import { alignRigidly, lengthMm, median, resampled } from '../geometry';
import { type LiesBeside, liesBeside } from './held-against';
import { type Section, sideOutward } from './section';
import { SIDES } from '../units';
import { GAUGE_DEPTHS_MM, type SectionMeasures, halfWidthAtMm, measureSection } from './section-measures';
import { type Take } from './take';
import { blunderOdds } from './take-odds';
import { medianSection } from './takes-consensus';

/**
 * When two takes of one station say the same (defaults: what practitioners accept by hand). Of three and more each is held against the
 * others: see `blunderOdds`.
 */
export const AGREEMENT_LIMITS = { rmsMm: 3, widthMm: 5, lyingMm: 4.5, turnDeg: 3 } as const;
/** A trace longer or shorter than the others by this share may be in another scale, where its shape doesn't speak against it. */
const SCALE_SHARE = 0.06;
/** Its length is read through so many places: a shaking hand draws a longer line, not a larger one. */
const LENGTH_SAMPLES = 25;
const drawnMm = (section: Section): number => lengthMm(resampled(section.points, LENGTH_SAMPLES));

/** How a take differs from another, or from what all say together. */
export interface TakeDifference extends LiesBeside {
  /** What is left once it is laid on by shift and turn. */
  readonly rmsMm: number;
  /** Greatest difference of the widths across at the gauge depths. */
  readonly widthMm: number;
  readonly angleDeg: number;
  readonly turnDeg: number;
}
export interface PairDifference extends TakeDifference {
  readonly a: string;
  readonly b: string;
  readonly agrees: boolean;
}

export type AgreementState = 'none' | 'single' | 'differ' | 'agree';

export interface Agreement {
  readonly state: AgreementState;
  /** Ids of the takes that say the same, in the order given. */
  readonly accepted: readonly string[];
  /** Ids of the takes that don't, each with what it misses by against what the others say together. */
  readonly odd: readonly { readonly id: string; readonly differsBy: TakeDifference }[];
  readonly pairs: readonly PairDifference[];
  /** Greatest difference of widths between accepted takes, mm; null with fewer than two. */
  readonly widestMm: number | null;
  /** Accepted takes whose trace is so much longer or shorter that it may be in another scale. */
  readonly otherScale: readonly { readonly id: string; readonly ratio: number }[];
  /** Technical error of measurement of a half-width, mm (Dahlberg); null with fewer than two takes. */
  readonly technicalErrorMm: number | null;
}

/** Takes of a section that say the same. The answer doesn't depend on the order of the takes. */
export function takesAgreement(takes: readonly Take[]): Agreement {
  const byId = new Map(takes.map((take) => [take.id, take] as const));
  const of = (ids: readonly string[]): Take[] => ids.map((id) => byId.get(id)!);
  const agreement = agreementOf(
    takes.map((t) => t.id),
    {
      pair: (a, b) => difference(byId.get(a)!.section, byId.get(b)!.section),
      against: (ids) => {
        const together = medianSection(of(ids));
        return (id) => difference(byId.get(id)!.section, together);
      },
      odds: (ids) => blunderOdds(of(ids)),
      errorMm: (ids) => technicalErrorMm(of(ids)),
    },
  );
  return { ...agreement, otherScale: otherScale(of(agreement.accepted)) };
}

/** How takes of one kind are held against each other. */
export interface TakesHeld {
  readonly pair: (a: string, b: string) => TakeDifference;
  /** What some of them say together, and how far each is off it. */
  readonly against: (ids: readonly string[]) => (id: string) => TakeDifference;
  /** Of three and more: the logarithm of the odds that one is a blunder, above zero where it is left out. */
  readonly odds: (ids: readonly string[]) => ReadonlyMap<string, number>;
  readonly errorMm: (ids: readonly string[]) => number | null;
}

/**
 * Which of some takes say the same. The one that is likeliest a blunder is left out as long as it is that rather than the hand, then the next.
 * Two takes that differ can't say which is wrong, so neither is accepted.
 */
export function agreementOf(ids: readonly string[], held: TakesHeld): Omit<Agreement, 'otherScale'> {
  const sorted = [...ids].sort();
  const none = { accepted: [], odd: [], pairs: [], widestMm: null, technicalErrorMm: null };
  if (ids.length === 0) return { ...none, state: 'none' };
  if (ids.length === 1) return { ...none, state: 'single', accepted: ids };
  const pairs = sorted.flatMap((a, i) => sorted.slice(i + 1).map((b) => paired(a, b, held.pair(a, b))));
  const group = whatAgrees(sorted, pairs, held);
  if (group.length < 2) return { ...none, state: 'differ', pairs, technicalErrorMm: held.errorMm(ids) };
  const inGroup = (id: string): boolean => group.includes(id);
  const accepted = ids.filter(inGroup);
  const off = held.against(group);
  return {
    state: 'agree',
    accepted,
    odd: ids.filter((id) => !inGroup(id)).map((id) => ({ id, differsBy: off(id) })),
    pairs,
    widestMm: Math.max(...pairs.filter((p) => inGroup(p.a) && inGroup(p.b)).map((p) => p.widthMm)),
    technicalErrorMm: held.errorMm(accepted),
  };
}

const paired = (a: string, b: string, d: TakeDifference): PairDifference => ({
  ...d,
  a,
  b,
  agrees: lieTogether(d) && d.widthMm <= AGREEMENT_LIMITS.widthMm,
});

const lieTogether = (d: LiesBeside): boolean => d.shiftedMm <= AGREEMENT_LIMITS.rmsMm && d.lyingMm <= AGREEMENT_LIMITS.lyingMm;

function whatAgrees(ids: readonly string[], pairs: readonly PairDifference[], held: TakesHeld): readonly string[] {
  let group = ids;
  while (group.length > 2) {
    const odds = held.odds(group);
    const furthest = group.reduce((a, b) => (odds.get(b)! > odds.get(a)! ? b : a));
    if (!(odds.get(furthest)! > 0)) return group;
    group = group.filter((id) => id !== furthest);
  }
  // two alone must agree by what is accepted by hand; two that are left after others went, by how they lie
  const alone = ids.length === 2;
  return pairs.some((p) => (alone ? p.agrees : lieTogether(p)) && group.includes(p.a) && group.includes(p.b)) ? group : [];
}

function difference(section: Section, from: Section): TakeDifference {
  const [here, there]: SectionMeasures[] = [measureSection(section), measureSection(from)];
  const laid = alignRigidly(section.points, from.points, AGREEMENT_LIMITS.turnDeg);
  return {
    ...liesBeside(section.points, from.points),
    rmsMm: laid.rmsMm,
    turnDeg: laid.turnDeg,
    widthMm: Math.max(0, ...here!.widthsMm.map((width, i) => widthGap(width, there!.widthsMm[i] ?? null))),
    angleDeg: Math.abs((here!.includedAngleDeg ?? 0) - (there!.includedAngleDeg ?? 0)),
  };
}

const widthGap = (a: number | null, b: number | null): number => (a === null || b === null ? 0 : Math.abs(a - b));

/**
 * On straight flanks a trace of another scale lies on the others as if it were its own: only its length tells. A trace that was merely
 * drawn further down is as long, so this asks and leaves nothing out.
 */
function otherScale(takes: readonly Take[]): Agreement['otherScale'] {
  if (takes.length < 3) return [];
  const usual = median(takes.map((t) => drawnMm(t.section)));
  return takes.flatMap((take) => {
    const ratio = drawnMm(take.section) / usual;
    return Math.abs(ratio - 1) > SCALE_SHARE ? [{ id: take.id, ratio }] : [];
  });
}

/**
 * Dahlberg's error for k repeats: the square root of the pooled within-horse variance of each side's half-widths at the gauge depths.
 * Of the sides, for what a tool held further left or right takes from one it gives to the other.
 */
function technicalErrorMm(takes: readonly Take[]): number | null {
  const sides = SIDES.map((side) => takes.map((t) => sideOutward(t.section, side)));
  const variances = sides.flatMap((lines) =>
    GAUGE_DEPTHS_MM.flatMap((d) => {
      const values = lines.flatMap((line) => halfWidthAtMm(line, d) ?? []);
      if (values.length < takes.length) return [];
      const mean = values.reduce((s, w) => s + w, 0) / values.length;
      return [values.reduce((s, w) => s + (w - mean) ** 2, 0) / (values.length - 1)];
    }),
  );
  return variances.length === 0 ? null : Math.sqrt(variances.reduce((s, v) => s + v, 0) / variances.length);
}
