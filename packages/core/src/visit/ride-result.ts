import { type SoreHold } from '../feel';
import { type FactBodies, type MissedRow } from './recorded';

/** What the fitter said at the end of a visit. */
export const RIDE_WORDS = ['goodToRide', 'notGoodToRide'] as const;
export type RideWord = (typeof RIDE_WORDS)[number];

/** Tack that is held, and whether by what was found on it or by a fall. */
export interface HeldItem {
  readonly id: string;
  readonly name: string;
  readonly why: 'unsafe' | 'fall';
}

/** Why "good to ride" doesn't stand. */
export type TakenBack =
  | { readonly code: 'SORE_HOLD'; readonly findings: number }
  | { readonly code: 'TACK_UNSAFE'; readonly name: string }
  /** It fell in this saddle, and no walk that knows of it looked at the tree. */
  | { readonly code: 'TREE_AFTER_FALL'; readonly name: string }
  /** Told of a fall while nobody knows in which saddle. */
  | { readonly code: 'FELL' }
  /** Nothing was measured, felt or decided, and nobody says why it may be ridden all the same. */
  | { readonly code: 'NOTHING_DONE' }
  | { readonly code: 'SETTING_REFUSED'; readonly saddleName: string; readonly stops: number };

/** What "good to ride" was said without, or in spite of: said with it wherever it is said. */
export const RIDE_CAVEATS = ['NOTHING_DONE', 'NOT_FELT', 'NOT_RIDDEN', 'SETTING_MISSES'] as const;
export type RideCaveat =
  | { readonly code: 'NOT_FELT' | 'NOT_RIDDEN' }
  /** The chosen setting misses these clearly, none of them a hard stop. */
  | { readonly code: 'SETTING_MISSES'; readonly ids: readonly MissedRow['id'][] }
  /** Nothing was measured, felt or decided: by whom it is said, and why. */
  | { readonly code: 'NOTHING_DONE'; readonly by: string; readonly reason: string };

/** Whether the horse may be ridden, as everything known now has it: derived, never stored. */
export interface RideResult {
  readonly said: RideWord | null;
  /** What stands: "good to ride" only while nothing takes it back. */
  readonly stands: RideWord | null;
  readonly takenBack: readonly TakenBack[];
  /** With what "good to ride" stands; empty while it doesn't. */
  readonly caveats: readonly RideCaveat[];
  /** A refusal that a named person stands for, shown beside the result. */
  readonly overruled: FactBodies['refusalOverruled'] | null;
}

export interface RideQuestion {
  readonly said: RideWord | null;
  readonly hold: SoreHold;
  /** The held ones among what the horse is ridden in: saddle, leathers, girths. */
  readonly heldTack: readonly HeldItem[];
  /** A fall was told of while the horse was in no known saddle, and nobody of the practice accepted it. */
  readonly fell: boolean;
  /** The chosen setting with its hard stops, where there is one. */
  readonly chosen: { readonly saddleName: string; readonly stops: number } | null;
  readonly overruled: FactBodies['refusalOverruled'] | null;
  /** A hand was laid on the horse at this visit, and it was ridden in what it goes home in. */
  readonly felt: boolean;
  readonly ridden: boolean;
  readonly misses: readonly MissedRow['id'][];
  /** Something was measured, felt or decided at this visit. */
  readonly done: boolean;
  /** Who says, though nothing was, that it may be ridden, and why. */
  readonly saidWithout: FactBodies['saidWithout'] | null;
}

/** Clauses that can be switched; docs/architecture.md says which are on. */
export interface RideClauses {
  /** A chosen setting that is refused takes "good to ride" back. */
  readonly refusedSetting: boolean;
}

/** A setting counts as refused only where it misses a hard stop clearly, beyond the error of the measuring. */
export const RIDE_CLAUSES: RideClauses = { refusedSetting: true };

/**
 * What of "good to ride" stands. A sore hold and unsafe tack take it back whatever a person says; a refused setting can be
 * overruled by name and reason.
 */
export function rideResult(question: RideQuestion, clauses: RideClauses = RIDE_CLAUSES): RideResult {
  const { said, hold, heldTack, fell, chosen, overruled, done, saidWithout } = question;
  const reasons: TakenBack[] = [];
  if (hold.state === 'held') reasons.push({ code: 'SORE_HOLD', findings: new Set(hold.reasons.map((r) => r.feelingId)).size });
  for (const { name, why } of heldTack) reasons.push({ code: why === 'fall' ? 'TREE_AFTER_FALL' : 'TACK_UNSAFE', name });
  if (fell) reasons.push({ code: 'FELL' });
  if (!done && saidWithout === null) reasons.push({ code: 'NOTHING_DONE' });
  if (clauses.refusedSetting && chosen !== null && chosen.stops > 0 && overruled === null) {
    reasons.push({ code: 'SETTING_REFUSED', ...chosen });
  }
  const takenBack = said === 'goodToRide' ? reasons : [];
  const stands = takenBack.length > 0 ? 'notGoodToRide' : said;
  return { said, stands, takenBack, caveats: stands === 'goodToRide' ? caveatsOf(question) : [], overruled };
}

/** What "good to ride" is said without: nobody must take it for more than it is. */
export function caveatsOf({
  felt,
  ridden,
  misses,
  done,
  saidWithout,
}: Pick<RideQuestion, 'felt' | 'ridden' | 'misses' | 'done' | 'saidWithout'>): RideCaveat[] {
  return [
    ...(done || saidWithout === null ? [] : [{ code: 'NOTHING_DONE' as const, by: saidWithout.by, reason: saidWithout.reason }]),
    ...(felt ? [] : [{ code: 'NOT_FELT' as const }]),
    ...(ridden ? [] : [{ code: 'NOT_RIDDEN' as const }]),
    ...(misses.length === 0 ? [] : [{ code: 'SETTING_MISSES' as const, ids: misses }]),
  ];
}

/** What would take "good to ride" back if it were said now: empty where it may be said. */
export const againstRiding = (question: Omit<RideQuestion, 'said'>, clauses: RideClauses = RIDE_CLAUSES): readonly TakenBack[] =>
  rideResult({ ...question, said: 'goodToRide' }, clauses).takenBack;
