import { type LeatherKind, RULE_PER_HOLE } from './leather';

/** Lengths that are generally to be had, mm: looped, the whole strap; single, the hang in the middle hole without iron (default, editable). */
export const STOCK_LENGTHS_MM: Readonly<Record<'looped' | 'single', readonly number[]>> = {
  looped: [760, 840, 910, 990, 1070, 1140, 1220, 1300, 1370, 1420, 1470, 1520],
  single: [500, 550, 600, 650, 700, 750, 800, 850],
};

export interface NewLeather {
  readonly kind: LeatherKind;
  readonly lengthMm: number;
  readonly holes: number;
  readonly spacingMm: number;
  /** From the iron's eye to its tread. */
  readonly eyeToTreadMm: number;
}

/** What is left between the longest hole and the tip, and holes kept free at each end (defaults). */
export const LAST_HOLE_TO_TIP_MM = 100;
export const SPARE_HOLES = 2;
export const EYE_TO_TREAD_MM = 125;

/** The hang of a new leather in a hole, mm; hole 1 is the shortest. */
export function newHangMm({ kind, lengthMm, holes, spacingMm, eyeToTreadMm }: NewLeather, hole: number): number {
  if (kind === 'single') return lengthMm + (hole - (holes + 1) / 2) * spacingMm + eyeToTreadMm;
  return (lengthMm - LAST_HOLE_TO_TIP_MM - (holes - hole) * spacingMm) * RULE_PER_HOLE[kind] + eyeToTreadMm;
}

/** What a new pair has: usual spacing, holes and iron (defaults). */
export const NEW_PAIRS = [
  { kind: 'looped', holes: 12, spacingMm: 25, eyeToTreadMm: EYE_TO_TREAD_MM },
  { kind: 'single', holes: 12, spacingMm: 12.5, eyeToTreadMm: EYE_TO_TREAD_MM },
] as const;

export interface PairToBuy {
  readonly lengthMm: number;
  /** Hole for each wanted hang, in their order. */
  readonly holes: readonly number[];
  /** Greatest miss of a hang in its hole, mm. */
  readonly missMm: number;
  /** Fewest holes left free at either end. */
  readonly spare: number;
}

export interface ToBuy extends Omit<NewLeather, 'lengthMm'> {
  readonly lengthsMm: readonly number[];
}

/**
 * The length in which every purpose lies in the middle holes: with the holes to spare that are wanted, the nearest to the hangs.
 * @returns null where no length of the list does: then two pairs
 */
export function onePairForAll(wantedMm: readonly number[], offered: ToBuy): PairToBuy | null {
  const all = offered.lengthsMm.map((lengthMm) => pairOf(wantedMm, { ...offered, lengthMm }));
  const fit = all.filter((p) => p.spare >= SPARE_HOLES && p.missMm <= halfHole(offered) + 1e-9);
  return fit.length === 0
    ? null
    : fit.reduce((best, p) => (p.spare > best.spare || (p.spare === best.spare && p.missMm < best.missMm) ? p : best));
}

const halfHole = ({ kind, spacingMm }: Pick<NewLeather, 'kind' | 'spacingMm'>): number => (RULE_PER_HOLE[kind] * spacingMm) / 2;

function pairOf(wantedMm: readonly number[], leather: NewLeather): PairToBuy {
  const first = newHangMm(leather, 1);
  const per = newHangMm(leather, 2) - first;
  const holes = wantedMm.map((mm) => Math.max(1, Math.min(leather.holes, Math.round((mm - first) / per) + 1)));
  const missMm = Math.max(...wantedMm.map((mm, i) => Math.abs(newHangMm(leather, holes[i]!) - mm)));
  const spare = Math.min(...holes.map((h) => Math.min(h - 1, leather.holes - h)));
  return { lengthMm: leather.lengthMm, holes, missMm, spare };
}

/** More pairs than this nobody keeps for one rider (default). */
export const MOST_PAIRS = 4;

export interface PairWithPurposes extends PairToBuy {
  /** Which purposes ride on it, by place in the list of hangs. */
  readonly serves: readonly number[];
}

/**
 * The fewest pairs that serve all purposes, shorter first; of as few, those split where the gaps between hangs are widest.
 * @returns null where the list's lengths can't serve them, with up to `MOST_PAIRS`
 */
export function pairsToBuy(wantedMm: readonly number[], offered: ToBuy): readonly PairWithPurposes[] | null {
  const order = wantedMm.map((mm, i) => ({ mm, i })).sort((a, b) => a.mm - b.mm);
  for (let pairs = 1; pairs <= Math.min(MOST_PAIRS, order.length); pairs++) {
    const found = cutsInto(order, pairs)
      .sort((a, b) => b.gapMm - a.gapMm)
      .map(({ parts }) => served(parts, offered))
      .find((all) => all !== null);
    if (found !== undefined) return found;
  }
  return null;
}

interface Wanted {
  readonly mm: number;
  readonly i: number;
}

/** Every way of cutting a list in order into so many parts, with the gaps that lie between the parts. */
function cutsInto(order: readonly Wanted[], parts: number): { readonly parts: readonly (readonly Wanted[])[]; readonly gapMm: number }[] {
  if (parts === 1) return [{ parts: [order], gapMm: 0 }];
  return order.slice(1, order.length - parts + 2).flatMap((next, k) =>
    cutsInto(order.slice(k + 1), parts - 1).map((rest) => ({
      parts: [order.slice(0, k + 1), ...rest.parts],
      gapMm: rest.gapMm + next.mm - order[k]!.mm,
    })),
  );
}

function served(parts: readonly (readonly Wanted[])[], offered: ToBuy): readonly PairWithPurposes[] | null {
  const pairs = parts.map((part) => {
    const one = onePairForAll(
      part.map((w) => w.mm),
      offered,
    );
    return one === null ? null : { ...one, serves: part.map((w) => w.i) };
  });
  return pairs.every((p) => p !== null) ? pairs : null;
}
