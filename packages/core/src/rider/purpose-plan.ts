import { type Outcome } from '../problems';
import { type HolesFor, type LeatherPair, holesBetween, holesFor, leatherProblems } from './leather';
import { type Foot, legOf } from './leg-of';
import { type LegGround, type LegOnHorse, legOnHorse } from './on-barrel';
import { type RiderBody } from './rider-body';
import { type KneeBand, type Purpose, CROUCH_MM, bandMiddle } from './purposes';

/** What a plan says to be careful of. */
export type PlanWarning =
  | { readonly code: 'kneeBehindBar'; readonly byMm: number }
  | { readonly code: 'farApart'; readonly holes: number }
  | { readonly code: 'outOfHoles'; readonly missMm: number };

/** More holes than this between two purposes are doubted (default). */
export const MOST_HOLES_APART = 10;

export interface PurposePlan {
  readonly purpose: Purpose;
  readonly band: KneeBand;
  readonly place: Outcome<LegOnHorse>;
  /** Hang at the two ends of the band, mm, shorter first; null where the leg can't. */
  readonly rangeMm: readonly [number, number] | null;
  /** Null while no pair was measured. */
  readonly holes: HolesFor | null;
  /** Holes from the first purpose of the list, mean of both sides: + longer. */
  readonly fromFirst: number | null;
  readonly warnings: readonly PlanWarning[];
}

export interface PlanQuestion {
  readonly body: RiderBody;
  readonly foot: Foot;
  readonly ground: LegGround;
  readonly purposes: readonly Purpose[];
  readonly bands: Readonly<Record<Purpose, KneeBand>>;
  readonly pair: LeatherPair | null;
  /** How much longer the off side is meant to hang, mm; 0 but for a named person's reason. */
  readonly offLongerMm: number;
}

/** Length and holes for each purpose, side by side, in the order asked. */
export function purposePlans(question: PlanQuestion): PurposePlan[] {
  const plans = question.purposes.map((purpose) => planFor(question, purpose));
  const first = plans[0]?.holes ?? null;
  return plans.map((plan) => {
    const fromFirst = first === null || plan.holes === null ? null : holesBetween(first, plan.holes);
    const far =
      fromFirst !== null && Math.abs(fromFirst) > MOST_HOLES_APART ? [{ code: 'farApart', holes: Math.abs(fromFirst) } as const] : [];
    return { ...plan, fromFirst, warnings: [...plan.warnings, ...far] };
  });
}

function planFor({ body, foot, ground, bands, pair, offLongerMm }: PlanQuestion, purpose: Purpose): PurposePlan {
  const band = bands[purpose];
  const leg = legOf(body, foot);
  const crouched = { ...ground, hipAboveSeatMm: ground.hipAboveSeatMm + (CROUCH_MM[purpose] ?? 0) };
  const place = legOnHorse(leg, crouched, bandMiddle(band));
  const [low, high] = [legOnHorse(leg, crouched, band[0]), legOnHorse(leg, crouched, band[1])];
  const holes = pair === null || !place.ok || leatherProblems(pair).length > 0 ? null : holesFor(pair, place.value.hangMm, offLongerMm);
  return {
    purpose,
    band,
    place,
    rangeMm: low.ok && high.ok ? [low.value.hangMm, high.value.hangMm] : null,
    holes,
    fromFirst: null,
    warnings: warningsOf(place, holes, pair),
  };
}

function warningsOf(place: Outcome<LegOnHorse>, holes: HolesFor | null, pair: LeatherPair | null): PlanWarning[] {
  if (!place.ok) return [];
  const { kneeBehindBarMm } = place.value;
  const behind: PlanWarning[] = kneeBehindBarMm > 0 ? [{ code: 'kneeBehindBar', byMm: kneeBehindBarMm }] : [];
  const out: PlanWarning[] =
    holes !== null && pair !== null && Math.abs(holes.missMm) > atMostMiss(pair) ? [{ code: 'outOfHoles', missMm: holes.missMm }] : [];
  return [...behind, ...out];
}

/** Evenness comes first, so half a hole of the length may be given up for it; more means that the holes end. */
const atMostMiss = (pair: LeatherPair): number => (pair.measuredPerHoleMm ?? pair.spacingMm) + 1e-9;
