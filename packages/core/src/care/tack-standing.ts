import { dayNumber, dayOfNumber } from '../change/trend';
import { type TackDays, TACK_DAYS } from './intervals';
import { TREE_POINTS, type TackItem, type TackKind, type TackRound, type TackSpot, neededSpots, sameTackSpot } from './tack-points';

export const TACK_FINDINGS = ['sound', 'watch', 'unsafe'] as const;
export type TackFinding = (typeof TACK_FINDINGS)[number];
/** Whose word a check is: an owner's is never taken for the practice's. */
export const TACK_SOURCES = ['practice', 'owner'] as const;
export type TackSource = (typeof TACK_SOURCES)[number];

/** As an item stands: what nobody walked round is not called sound. */
export const TACK_STATES = ['sound', 'lapsed', 'notChecked', 'watch', 'unsafe'] as const;
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

/** A fall, or lying down with the saddle on: the tree is held until a walk that knows of it looked at it. */
export interface TackFall {
  readonly horseId: string | null;
  /** The owner's word that told of it; null where the practice noted it. */
  readonly wordId: string | null;
}

/** One look at one item, one mending of it, or one fall. Never altered. */
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
  readonly fall: TackFall | null;
  /** Falls that whoever walked it round knew of: no other is answered. */
  readonly answers: readonly string[];
  readonly withdrawn: boolean;
}

/** What was found at a spot, by which look. */
export interface TackFound extends FoundSpot {
  readonly checkId: string;
  readonly madeAt: string;
  readonly hand: string;
  readonly source: TackSource;
}

/** An unsafe finding that nobody has mended, or a fall that no walk answers: it holds the item wherever it appears. */
export type TackHold = TackFound & { readonly fell: boolean };

export interface TackStanding {
  readonly state: TackState;
  readonly holds: readonly TackHold[];
  /** What was found last at each spot that was looked at and isn't held. */
  readonly latest: readonly TackFound[];
  /** Spots of the full walk that nobody has looked at yet. */
  readonly unseen: readonly TackSpot[];
  /** Last moment of each round; null where there was none. */
  readonly lastFullAt: string | null;
  readonly lastLookAt: string | null;
  /** Day to which what was found counts as looked at: the earlier of the owner's next look and the fitter's next walk; null where it was never looked at. */
  readonly lastsTo: string | null;
}

/** From when a look is judged, and how long one lasts. */
export interface TackNow {
  /** YYYY-MM-DD. */
  readonly today: string;
  readonly days?: TackDays;
}

const byMoment = (a: TackCheck, b: TackCheck): number => (a.madeAt < b.madeAt ? -1 : a.madeAt > b.madeAt ? 1 : a.id < b.id ? -1 : 1);

/** Checks that stand, oldest first. */
const standing = (checks: readonly TackCheck[]): TackCheck[] => checks.filter((c) => !c.withdrawn).sort(byMoment);

/**
 * Unsafe findings that no mending names, and falls that no walk answers. What counts is which check a mending or a walk names, not whose
 * clock was ahead: one that was made without knowing of a finding does not clear it, and a later "sound" clears nothing.
 */
export function holdsOf(checks: readonly TackCheck[]): TackHold[] {
  const all = standing(checks);
  const cleared = new Set(all.flatMap((c) => c.mended?.clears ?? []));
  const answered = new Set(all.filter(treeWasSeen).flatMap((c) => c.answers));
  return all.flatMap((c): TackHold[] => {
    if (c.fall !== null) return answered.has(c.id) ? [] : [{ ...foundBy(c, AFTER_A_FALL), fell: true }];
    if (cleared.has(c.id)) return [];
    return c.found.filter((f) => f.finding === 'unsafe').map((f) => ({ ...foundBy(c, f), fell: false }));
  });
}

/** Where a fall holds: the tree's own first point. */
const AFTER_A_FALL: FoundSpot = { point: TREE_POINTS[0], side: null, finding: 'unsafe', note: '' };

/** A walk answers a fall only where it looked at every point of the tree; by whom, and how, is the practice's affair. */
const treeWasSeen = ({ found, source }: TackCheck): boolean =>
  source === 'practice' && TREE_POINTS.every((point) => found.some((f) => f.point === point));

const foundBy = ({ id, madeAt, hand, source }: TackCheck, found: FoundSpot): TackFound => ({ ...found, checkId: id, madeAt, hand, source });

/** How an item stands by everything that was ever found on it. */
export function tackStanding(item: TackItem, checks: readonly TackCheck[], { today, days = TACK_DAYS }: TackNow): TackStanding {
  const all = standing(checks);
  const holds = holdsOf(all);
  const latest = latestFindings(all).filter((f) => !holds.some((h) => sameTackSpot(h, f)));
  const unseen = neededSpots(item).filter((spot) => ![...latest, ...holds].some((f) => sameTackSpot(f, spot)));
  const looks = all.filter((c) => c.mended === null && c.fall === null);
  const lastFullAt = looks.findLast((c) => c.round === 'full')?.madeAt ?? null;
  const lastLookAt = looks.at(-1)?.madeAt ?? null;
  const lastsTo = lastDay(lastFullAt, lastLookAt, days);
  const lapsed = lastsTo !== null && lastsTo < today;
  return { state: stateOf(holds, latest, unseen, lapsed), holds, latest, unseen, lastFullAt, lastLookAt, lastsTo };
}

/** A fitter's walk counts as that month's owner's look too; a walk that never was can't lapse: that is "not walked round". */
function lastDay(lastFullAt: string | null, lastLookAt: string | null, { ownerLook, fitterWalk }: TackDays): string | null {
  if (lastLookAt === null) return null;
  const after = (moment: string, by: number): number => dayNumber(moment.slice(0, 10)) + by;
  const look = after(lastLookAt, ownerLook);
  return dayOfNumber(lastFullAt === null ? look : Math.min(look, after(lastFullAt, fitterWalk)));
}

function stateOf(holds: readonly unknown[], latest: readonly FoundSpot[], unseen: readonly unknown[], lapsed: boolean): TackState {
  if (holds.length > 0) return 'unsafe';
  if (latest.some((f) => f.finding === 'watch')) return 'watch';
  if (unseen.length > 0) return 'notChecked';
  return lapsed ? 'lapsed' : 'sound';
}

/** What was said last of each spot; a mended one is what its mending found. */
function latestFindings(all: readonly TackCheck[]): TackFound[] {
  const found = all.flatMap((c) => c.found.filter((f) => f.finding !== 'unsafe').map((f) => foundBy(c, f)));
  return found.filter((f, i) => !found.slice(i + 1).some((later) => sameTackSpot(later, f)));
}

/** Ids of the items that are held, with one pass over everything that was found. */
export const heldItems = (checks: readonly TackCheck[]): ReadonlySet<string> => {
  const holding = new Set(holdsOf(checks).map((h) => h.checkId));
  return new Set(checks.filter((c) => holding.has(c.id)).map((c) => c.itemId));
};
