import { type NearOff } from '../units';
import { type Dated, standingInOrder } from './dated';
import { type LeatherKind, type LeatherPair, perHoleMm } from './leather';

/** How a leather's true length was found: hung under the same pull on both sides, or the two folded up beside each other. */
export const LEATHER_WAYS = ['hang', 'foldUp'] as const;
export type LeatherWay = (typeof LEATHER_WAYS)[number];

/** Pull in each iron while the hang is taken, N (default). */
export const HANG_PULL_N = 50;

/** One measuring of a pair, mm: the hang from bar to tread, iron included, each in a hole. */
export interface LeatherTake {
  readonly way: LeatherWay;
  readonly near: HangInHole;
  /** Folded up, the off side's is the near side's in the same hole with their difference. */
  readonly off: HangInHole;
  /** The near side in another hole: then what one hole does is measured, not taken from the rule. */
  readonly second: HangInHole | null;
}
export interface HangInHole {
  readonly hole: number;
  readonly hangMm: number;
}

/** What is described of a pair: what it is made like. */
export interface LeatherMake {
  readonly kind: LeatherKind;
  readonly holes: number;
  readonly spacingMm: number;
}

/** The pair as it hangs, from how it is made and how it was measured last. */
export function pairOfTake({ kind, holes, spacingMm }: LeatherMake, { near, off, second }: LeatherTake): LeatherPair {
  const made = { kind, holes, spacingMm };
  const apart = second === null ? 0 : second.hole - near.hole;
  const measuredPerHoleMm = second === null || apart === 0 ? undefined : (second.hangMm - near.hangMm) / apart;
  return { ...made, hang: { near, off }, ...(measuredPerHoleMm !== undefined && measuredPerHoleMm > 0 && { measuredPerHoleMm }) };
}

/** A fold-up take: both in the same hole, the off one longer by so much. */
export const foldUpTake = (near: HangInHole, offLongerMm: number): LeatherTake => ({
  way: 'foldUp',
  near,
  off: { hole: near.hole, hangMm: near.hangMm + offLongerMm },
  second: null,
});

/** How much each side has stretched between two takes of the same pair, mm: + longer than it was; both as in hole 1. */
export function stretchedMm(make: LeatherMake, before: LeatherTake, now: LeatherTake): Readonly<Record<NearOff, number>> {
  const first = (take: LeatherTake, side: NearOff): number => {
    const per = perHoleMm(pairOfTake(make, take));
    return take[side].hangMm - (take[side].hole - 1) * per;
  };
  return { near: first(now, 'near') - first(before, 'near'), off: first(now, 'off') - first(before, 'off') };
}

/** The take that counts: the newest that stands; of one day, the one entered last. */
export const newestTake = <T extends Dated>(takes: readonly T[]): T | null => standingInOrder(takes).at(-1) ?? null;

/** Stretch of each side from the first take that stands to the last; null while there are not two. */
export function stretchSinceFirst(make: LeatherMake, takes: readonly (LeatherTake & Dated)[]): ReturnType<typeof stretchedMm> | null {
  const standing = standingInOrder(takes);
  return standing.length < 2 ? null : stretchedMm(make, standing[0]!, standing.at(-1)!);
}
