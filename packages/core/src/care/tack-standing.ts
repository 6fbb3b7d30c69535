import { type TackItem, type TackKind, type TackRound, type TackSpot, neededSpots, sameTackSpot } from './tack-points';

export const TACK_FINDINGS = ['sound', 'watch', 'unsafe'] as const;
export type TackFinding = (typeof TACK_FINDINGS)[number];
/** Whose word a check is: an owner's is never taken for the practice's. */
export const TACK_SOURCES = ['practice', 'owner'] as const;
export type TackSource = (typeof TACK_SOURCES)[number];

/** As an item stands: what nobody walked round is not called sound. */
export const TACK_STATES = ['sound', 'notChecked', 'watch', 'unsafe'] as const;
export type TackState = (typeof TACK_STATES)[number];

export interface FoundSpot extends TackSpot {
  readonly finding: TackFinding;
  readonly note: string;
}

/** Who says that what was unsafe is mended, what was done, and which checks that answers. */
export interface Mended {
  readonly by: string;
  readonly what: string;
  readonly clears: readonly string[];
}

/** One look at one item, or one mending of it. Never altered. */
export interface TackCheck {
  readonly id: string;
  readonly itemKind: TackKind;
  readonly itemId: string;
  /** Moment in UTC, ISO. */
  readonly madeAt: string;
  readonly hand: string;
  readonly source: TackSource;
  readonly round: TackRound;
  readonly found: readonly FoundSpot[];
  readonly mended: Mended | null;
  readonly withdrawn: boolean;
}

/** An unsafe finding that nobody has mended: it holds the item wherever it appears. */
export interface TackHold extends FoundSpot {
  readonly checkId: string;
  readonly madeAt: string;
  readonly hand: string;
  readonly source: TackSource;
}

export interface TackStanding {
  readonly state: TackState;
  readonly holds: readonly TackHold[];
  /** What was found last at each spot that was looked at and isn't held. */
  readonly latest: readonly TackHold[];
  /** Spots of the full walk that nobody has looked at yet. */
  readonly unseen: readonly TackSpot[];
  /** Last moment of each round; null where there was none. */
  readonly lastFullAt: string | null;
  readonly lastLookAt: string | null;
}

const byMoment = (a: TackCheck, b: TackCheck): number => (a.madeAt < b.madeAt ? -1 : a.madeAt > b.madeAt ? 1 : a.id < b.id ? -1 : 1);

/** Checks that stand, oldest first. */
const standing = (checks: readonly TackCheck[]): TackCheck[] => checks.filter((c) => !c.withdrawn).sort(byMoment);

/**
 * Unsafe findings that no mending names. What counts is which check a mending answers, not whose clock was ahead:
 * one that was made without knowing of a finding does not clear it, and a later "sound" clears nothing.
 */
export function holdsOf(checks: readonly TackCheck[]): TackHold[] {
  const all = standing(checks);
  const cleared = new Set(all.flatMap((c) => c.mended?.clears ?? []));
  return all.filter((c) => !cleared.has(c.id)).flatMap((c) => c.found.filter((f) => f.finding === 'unsafe').map((f) => heldBy(c, f)));
}

const heldBy = ({ id, madeAt, hand, source }: TackCheck, found: FoundSpot): TackHold => ({ ...found, checkId: id, madeAt, hand, source });

/** How an item stands by everything that was ever found on it. */
export function tackStanding(item: TackItem, checks: readonly TackCheck[]): TackStanding {
  const all = standing(checks);
  const holds = holdsOf(all);
  const latest = latestFindings(all).filter((f) => !holds.some((h) => sameTackSpot(h, f)));
  const unseen = neededSpots(item).filter((spot) => ![...latest, ...holds].some((f) => sameTackSpot(f, spot)));
  const looks = all.filter((c) => c.mended === null);
  return {
    state: stateOf(holds, latest, unseen),
    holds,
    latest,
    unseen,
    lastFullAt: looks.findLast((c) => c.round === 'full')?.madeAt ?? null,
    lastLookAt: looks.at(-1)?.madeAt ?? null,
  };
}

const stateOf = (holds: readonly unknown[], latest: readonly FoundSpot[], unseen: readonly unknown[]): TackState =>
  holds.length > 0 ? 'unsafe' : latest.some((f) => f.finding === 'watch') ? 'watch' : unseen.length > 0 ? 'notChecked' : 'sound';

/** What was said last of each spot; a mended one is what its mending found. */
function latestFindings(all: readonly TackCheck[]): TackHold[] {
  const found = all.flatMap((c) => c.found.filter((f) => f.finding !== 'unsafe').map((f) => heldBy(c, f)));
  return found.filter((f, i) => !found.slice(i + 1).some((later) => sameTackSpot(later, f)));
}

/** Ids of the items that are held, with one pass over everything that was found. */
export const heldItems = (checks: readonly TackCheck[]): ReadonlySet<string> => {
  const holding = new Set(holdsOf(checks).map((h) => h.checkId));
  return new Set(checks.filter((c) => holding.has(c.id)).map((c) => c.itemId));
};
