import { type Problem, problem } from '../problems';
import { type NearOff, SIDES } from '../units';

/** How a leather hangs: doubled over the bar through the iron, or a single strap. Western leathers are looped too, with wider holes. */
export const LEATHER_KINDS = ['looped', 'single', 'westernLooped'] as const;
export type LeatherKind = (typeof LEATHER_KINDS)[number];

/** A pair as it is: holes are counted from 1, the shortest. */
export interface LeatherPair {
  readonly kind: LeatherKind;
  readonly holes: number;
  readonly spacingMm: number;
  /** True hang of each side, mm, in one hole, both under the same pull; iron included. */
  readonly hang: Readonly<Record<NearOff, { readonly hole: number; readonly hangMm: number }>>;
  /** Hang measured in two holes gives this, and wins over the rule. */
  readonly measuredPerHoleMm?: number | undefined;
}

/** A hole changes the hang by half its spacing where the strap is doubled, by the whole where it isn't. */
export const RULE_PER_HOLE: Readonly<Record<LeatherKind, number>> = { looped: 0.5, single: 1, westernLooped: 0.5 };

export const perHoleMm = ({ kind, spacingMm, measuredPerHoleMm }: Omit<LeatherPair, 'hang' | 'holes'>): number =>
  measuredPerHoleMm ?? RULE_PER_HOLE[kind] * spacingMm;

/** The hang of one side in a hole, mm. */
export const hangInHole = (pair: LeatherPair, side: NearOff, hole: number): number =>
  pair.hang[side].hangMm + (hole - pair.hang[side].hole) * perHoleMm(pair);

/** Judged with the reading's error of 3 mm (defaults): nothing is judged finer than 5. */
export const EVEN_LIMITS_MM = { aim: 5, correctAbove: 10, replaceAbove: 25 } as const;

/** What is wrong with a pair: no holes, no spacing, a hang that is none. */
export function leatherProblems(pair: LeatherPair): Problem[] {
  const per = perHoleMm(pair);
  const fault = (measure: string, value: number, least: number): Problem => problem('LEATHER_OUT_OF_RANGE', { measure, value, least });
  return [
    ...(Number.isInteger(pair.holes) && pair.holes >= 1 ? [] : [fault('holes', pair.holes, 1)]),
    ...(per > 0 && Number.isFinite(per) ? [] : [fault('perHole', per, 0)]),
    ...SIDES.flatMap((side) => {
      const { hangMm } = pair.hang[side];
      return hangMm > 0 && Number.isFinite(hangMm) ? [] : [fault(`hang.${side}`, hangMm, 0)];
    }),
  ];
}

export interface HolesFor {
  readonly holes: Readonly<Record<NearOff, number>>;
  readonly hangMm: Readonly<Record<NearOff, number>>;
  /** Off less near, mm: + the off side hangs lower. */
  readonly unevenMm: number;
  /** Mean of both less what was wanted, mm: + too long. */
  readonly missMm: number;
}

/** Hangs that differ by less than this are told apart by nobody, mm. */
const SAME_MM = 0.5;

/**
 * Which hole on each side for a hang: the most even pair of holes first, then the one nearest to the length.
 * @param offLongerMm how much longer the off side is meant to hang; never but for a named person's reason
 * @throws where `leatherProblems` finds any: nothing hangs in no hole
 */
export function holesFor(pair: LeatherPair, wantedMm: number, offLongerMm = 0): HolesFor {
  const problems = leatherProblems(pair);
  if (problems.length > 0) throw new RangeError(problems.map((p) => `${p.code} ${JSON.stringify(p.values)}`).join('; '));
  const holes = Array.from({ length: pair.holes }, (_, i) => i + 1);
  const all = holes.flatMap((near) => holes.map((off) => hangsIn(pair, { near, off }, wantedMm)));
  const off = (c: HolesFor): number => Math.abs(c.unevenMm - offLongerMm);
  const evenest = Math.min(...all.map(off));
  return all.filter((c) => off(c) <= evenest + SAME_MM).reduce((best, c) => (Math.abs(c.missMm) < Math.abs(best.missMm) - 1e-9 ? c : best));
}

/** How a pair hangs in two holes, against what is wanted. */
export function hangsIn(pair: LeatherPair, holes: HolesFor['holes'], wantedMm: number): HolesFor {
  const hangMm = { near: hangInHole(pair, 'near', holes.near), off: hangInHole(pair, 'off', holes.off) };
  return { holes, hangMm, unevenMm: hangMm.off - hangMm.near, missMm: (hangMm.near + hangMm.off) / 2 - wantedMm };
}

export type PairRemedy =
  | { readonly code: 'even' }
  | { readonly code: 'otherHole'; readonly side: NearOff; readonly holes: number }
  | { readonly code: 'halfAHole'; readonly side: NearOff; readonly leavesMm: number }
  | { readonly code: 'swap'; readonly leavesMm: number; readonly offBarLowerMm: number }
  | { readonly code: 'replacePair'; readonly differMm: number };

/** From here on a bar counts as lower than the other, mm (default): the saddle's fault, not the leather's. */
export const BAR_LEVEL_MM = 5;

/**
 * What a pair needs, from its hang in the same hole number on both sides.
 * @param offBarLowerMm how much lower the off bar hangs: swapping sides helps today only then, else it evens wear to come
 */
export function pairRemedy(pair: LeatherPair, offBarLowerMm = 0): PairRemedy {
  const leatherMm = hangInHole(pair, 'off', 1) - hangInHole(pair, 'near', 1);
  if (Math.abs(leatherMm) <= EVEN_LIMITS_MM.replaceAbove && Math.abs(offBarLowerMm) >= BAR_LEVEL_MM) {
    const [now, swapped] = [Math.abs(offBarLowerMm + leatherMm), Math.abs(offBarLowerMm - leatherMm)];
    if (now <= EVEN_LIMITS_MM.aim) return { code: 'even' };
    if (swapped < now) return { code: 'swap', leavesMm: swapped, offBarLowerMm };
  }
  const differMm = leatherMm;
  const per = perHoleMm(pair);
  const longer: NearOff = differMm > 0 ? 'off' : 'near';
  const by = Math.abs(differMm);
  if (by > EVEN_LIMITS_MM.replaceAbove) return { code: 'replacePair', differMm };
  if (by <= EVEN_LIMITS_MM.aim) return { code: 'even' };
  const holes = Math.round(by / per);
  const left = Math.abs(by - holes * per);
  if (holes > 0 && left <= EVEN_LIMITS_MM.aim) return { code: 'otherHole', side: longer, holes };
  const halves = Math.round((2 * by) / per) / 2;
  return { code: 'halfAHole', side: longer, leavesMm: Math.abs(by - halves * per) };
}

/** Holes from one purpose's to another's, mean of both sides: + longer. */
export const holesBetween = (from: HolesFor, to: HolesFor): number =>
  SIDES.reduce((sum, side) => sum + to.holes[side] - from.holes[side], 0) / SIDES.length;
