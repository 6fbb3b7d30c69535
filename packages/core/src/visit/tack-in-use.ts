import { chosenSettingOf } from './facts-read';
import { type RecordedFact, factsOfKind } from './recorded';

/** A visit as far as it says what the horse is ridden in. */
export interface EndedVisit {
  readonly id: string;
  readonly on: string;
  readonly facts: readonly RecordedFact[];
  /** The decision that stands at it; its saddle is null for a width without one. */
  readonly decision: { readonly id: string; readonly saddleId: string | null } | null;
}

/**
 * What a person says a horse is ridden in, against what was decided. It names the decision that it replaces, so that it needs no clock: a
 * later decision takes its place.
 */
export interface SaidInUse {
  /** Null: in none. */
  readonly saddleId: string | null;
  /** Id of what had decided until then; null where nothing had. */
  readonly insteadOf: string | null;
  readonly by: string;
  readonly on: string;
}

/** The saddle a horse is ridden in, until another decision or a person says otherwise. */
export interface SaddleInUse {
  readonly saddleId: string;
  /** Id of what decided it: a tried setting that was chosen, or a decision; null where a person said it. */
  readonly decidedBy: string | null;
  /** The visit it was decided at; null where a person said it. */
  readonly visitId: string | null;
  readonly since: string;
}

/** What of a visit decides: the chosen setting, else the decision where it is about a saddle. */
function endOf({ id, on, facts, decision }: EndedVisit): SaddleInUse | null {
  const tried = chosenSettingOf(facts)?.tried;
  if (tried !== undefined) return { saddleId: tried.saddleId, decidedBy: tried.id, visitId: id, since: on };
  if (decision === null || decision.saddleId === null) return null;
  return { saddleId: decision.saddleId, decidedBy: decision.id, visitId: id, since: on };
}

/**
 * The saddle a horse is ridden in after its visits. A visit that decides nothing leaves it as it was.
 * @param visits in their order, oldest first: by their day, of one day as the server took them
 * @param said counts where it replaces just what the visits decide
 */
export function saddleInUse(visits: readonly EndedVisit[], said: SaidInUse | null = null): SaddleInUse | null {
  const decided = lastOf(visits, endOf);
  if (said === null || said.insteadOf !== (decided?.decidedBy ?? null)) return decided;
  return said.saddleId === null ? null : { saddleId: said.saddleId, decidedBy: null, visitId: null, since: said.on };
}

function lastOf<T, R>(list: readonly T[], of: (item: T) => R | null): R | null {
  for (let i = list.length - 1; i >= 0; i--) {
    const found = of(list[i]!);
    if (found !== null) return found;
  }
  return null;
}

/** What a horse is ridden in, as it is kept beside it. */
export interface InUse {
  readonly saddle: SaddleInUse | null;
  /** The pair each rider's holes were kept for last. */
  readonly leathers: readonly { readonly riderId: string; readonly leatherId: string }[];
}

export const NOTHING_IN_USE: InUse = { saddle: null, leathers: [] };

/** @param visits as in `saddleInUse` */
export function inUseAfter(visits: readonly EndedVisit[], said: SaidInUse | null = null): InUse {
  const kept = new Map(
    visits.flatMap(({ facts }) => factsOfKind(facts, 'leatherHoles')).map(({ riderId, leatherId }) => [riderId, leatherId]),
  );
  return { saddle: saddleInUse(visits, said), leathers: [...kept].map(([riderId, leatherId]) => ({ riderId, leatherId })) };
}

/**
 * What a horse is ridden in after one visit, from what it came in.
 * @param own the visit; where it decides nothing, what the horse came in stands
 */
export function inUseOfVisit(own: EndedVisit, cameIn: InUse, said: SaidInUse | null): InUse {
  const after = inUseAfter([own]);
  // what was said in place of an earlier decision is in what it came in already
  const replaced = after.saddle !== null && said !== null && said.insteadOf === after.saddle.decidedBy;
  const saddle = after.saddle === null ? cameIn.saddle : replaced ? saddleInUse([own], said) : after.saddle;
  const others = cameIn.leathers.filter((l) => !after.leathers.some((a) => a.riderId === l.riderId));
  return { saddle, leathers: [...others, ...after.leathers] };
}

/** What goes on with a saddle: its leathers and girths, or a rider's own pair. */
export interface BesideTack {
  readonly id: string;
  readonly saddleId: string | null;
  /** Whose own it is; a girth is nobody's. */
  readonly riderId?: string | null;
}

/**
 * Ids of everything a horse is ridden in: the saddle, what belongs to it, and of each of its riders the pair whose holes were kept last,
 * else their own pairs that belong to no other saddle.
 */
export function tackInUse({ saddle, leathers }: InUse, riderIds: readonly string[], beside: readonly BesideTack[]): ReadonlySet<string> {
  const saddleId = saddle?.saddleId ?? null;
  const kept = leathers.filter((l) => riderIds.includes(l.riderId));
  const own = beside.filter(
    ({ riderId, saddleId: of }) => riderId != null && riderIds.includes(riderId) && of === null && !kept.some((l) => l.riderId === riderId),
  );
  const withSaddle = saddleId === null ? [] : beside.filter((b) => b.saddleId === saddleId);
  return new Set([
    ...(saddleId === null ? [] : [saddleId]),
    ...kept.map((l) => l.leatherId),
    ...own.map((b) => b.id),
    ...withSaddle.map((b) => b.id),
  ]);
}
