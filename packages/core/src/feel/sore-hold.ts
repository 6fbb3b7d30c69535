import { type Feeling, type PassId, type Reaction, type SkinSign } from './places';

/** Skin that stops a fitting whatever the horse says. */
const STOPPING_SIGNS: readonly SkinSign[] = ['swelling', 'heat', 'openSkin'];

/** From which pass on a reaction is no longer soreness that stops (defaults): a flinch under a firm hand is looked at, not held. */
const STOPPING_PASSES: Readonly<Record<Exclude<Reaction, 'none'>, readonly PassId[]>> = {
  flinch: ['light', 'medium'],
  dip: ['light', 'medium', 'firm'],
  guard: ['light', 'medium', 'firm'],
  aggression: ['light', 'medium', 'firm'],
};

export type HoldReason =
  | { readonly code: 'STRONG_REACTION' | 'SORENESS'; readonly feelingId: string; readonly reaction: Reaction; readonly pass: PassId }
  | { readonly code: 'SKIN'; readonly feelingId: string; readonly sign: SkinSign };

/** A person took the responsibility of going on. Both what was found and this stay on record. */
export interface HoldClearance {
  readonly by: string;
  readonly reason: string;
  /** Which findings they knew of; one found later holds again. */
  readonly clears: readonly string[];
}

export interface SoreHold {
  readonly state: 'clear' | 'held' | 'cleared';
  /** What still holds, or held before it was cleared. */
  readonly reasons: readonly HoldReason[];
  readonly clearances: readonly HoldClearance[];
}

/** Whether what was felt stops the fitting: soreness, heat, swelling, open skin or a strong reaction does. */
export function soreHold(feelings: readonly Feeling[], clearances: readonly HoldClearance[]): SoreHold {
  const found = feelings.flatMap(reasonsIn);
  const open = found.filter((reason) => !clearances.some((c) => c.clears.includes(reason.feelingId)));
  if (open.length > 0) return { state: 'held', reasons: open, clearances };
  return { state: found.length > 0 ? 'cleared' : 'clear', reasons: found, clearances };
}

function reasonsIn({ id, pass, reaction, signs }: Feeling): HoldReason[] {
  const skin = signs.filter((s) => STOPPING_SIGNS.includes(s)).map((sign): HoldReason => ({ code: 'SKIN', feelingId: id, sign }));
  if (reaction === 'none' || !STOPPING_PASSES[reaction].includes(pass)) return skin;
  const strong = reaction === 'guard' || reaction === 'aggression';
  return [{ code: strong ? 'STRONG_REACTION' : 'SORENESS', feelingId: id, reaction, pass }, ...skin];
}
