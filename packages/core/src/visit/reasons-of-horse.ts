import { GROWING_UNDER_YEARS, VISIT_REASONS, type VisitReason, WEIGHT_CHANGE_SHARE, YOUNG_UNDER_YEARS } from '../care';
import { type BySideAndZone } from '../saddle';
import { SIDES } from '../units';
import { type IntakeField, type DatedFact } from '../intake';
import { chosenSettingOf, holdOfFacts } from './facts-read';
import { factsOfKind } from './recorded';
import { type EndedVisit, type SaddleInUse, saddleInUse } from './tack-in-use';

/** A visit as far as it bears on the next one. */
export type ReasonVisit = EndedVisit;

export interface ReasonQuestion {
  /** Oldest first; the last one is what the next is counted from. */
  readonly visits: readonly ReasonVisit[];
  readonly bornYear: number | null;
  readonly today: string;
  /** What it is ridden in now: what the visits decided, or what a person says. */
  readonly saddle: SaddleInUse | null;
  /** Something of what it is ridden in is held by what was found on it. */
  readonly tackHeld: boolean;
  /** A fall, or lying down with the saddle on, that came after the tree was last checked. */
  readonly fell: boolean;
}

/** What is true of a horse that brings it back sooner than half a year. */
export function visitReasons(question: ReasonQuestion): ReadonlySet<VisitReason> {
  const last = question.visits.at(-1);
  if (last === undefined) return new Set();
  const holds: Partial<Record<VisitReason, boolean>> = {
    pain: soreNow(question.visits),
    unsafeTack: question.tackHeld,
    fall: question.fell,
    ...ofAge(question),
    ...ofSetting(question),
    newSaddle: isNewSaddle(question.visits),
    ...ofDatedFacts(question.visits),
  };
  return new Set(VISIT_REASONS.filter((reason) => holds[reason] === true));
}

function ofAge({ bornYear, today }: ReasonQuestion) {
  if (bornYear === null) return {};
  const age = Number(today.slice(0, 4)) - bornYear;
  return { growing: age < GROWING_UNDER_YEARS, young: age >= GROWING_UNDER_YEARS && age < YOUNG_UNDER_YEARS };
}

/** Sore as it was felt last: a visit at which no hand was laid on leaves what was found before. */
function soreNow(visits: readonly ReasonVisit[]): boolean {
  const felt = visits.findLast(({ facts }) => factsOfKind(facts, 'feel').length > 0);
  if (felt === undefined) return false;
  const after = visits.slice(visits.indexOf(felt)).flatMap(({ facts }) => facts);
  return holdOfFacts(after).state === 'held';
}

/** Shims of the setting it is ridden in; filling where it was changed at the last visit. */
function ofSetting({ visits, saddle }: ReasonQuestion) {
  const settings = visits.map(({ facts }) => chosenSettingOf(facts)?.tried ?? null);
  const [now, ...before] = settings.filter((t) => t !== null).reverse();
  const last = settings.at(-1);
  const known = before.find((t) => t.saddleId === now?.saddleId)?.setup.flock ?? null;
  return {
    shimsInUse: now !== undefined && now.id === saddle?.decidedBy && anyFilling(now.setup.shims),
    newFlocking: last != null && anyFilling(last.setup.flock) && !sameFilling(last.setup.flock, known),
  };
}

const anyFilling = (filling: BySideAndZone): boolean => Object.values(filling).some((zones) => Object.values(zones).some((mm) => mm !== 0));
const sameFilling = (a: BySideAndZone, b: BySideAndZone | null): boolean =>
  b !== null && SIDES.every((side) => Object.entries(a[side]).every(([zone, mm]) => b[side][zone as keyof (typeof b)['near']] === mm));

/** The last visit decided on another saddle than the one it had gone in; what it went in before the first decision nobody knows. */
function isNewSaddle(visits: readonly ReasonVisit[]): boolean {
  const before = saddleInUse(visits.slice(0, -1));
  const now = saddleInUse(visits);
  return before !== null && now !== null && now.visitId === visits.at(-1)?.id && now.saddleId !== before.saddleId;
}

function ofDatedFacts(visits: readonly ReasonVisit[]) {
  const said = datedFacts(visits);
  const of = (field: IntakeField) => said.filter((f) => f.field === field).map((f) => f.value);
  const weights = of('weightKg').filter((v) => typeof v === 'number');
  const [before, now] = weights.slice(-2);
  const works = of('work');
  const planned = of('workPlanned').at(-1) ?? 'same';
  return {
    returning: (of('timeOff').at(-1) ?? 'none') !== 'none',
    changedWeight: before !== undefined && now !== undefined && Math.abs(now - before) >= WEIGHT_CHANGE_SHARE * before,
    changedWork: planned !== 'same' || (works.length > 1 && works.at(-1) !== works.at(-2)),
  };
}

/** Intake of all visits in order. */
const datedFacts = (visits: readonly ReasonVisit[]): Pick<DatedFact, 'field' | 'value'>[] =>
  visits.flatMap(({ facts }) => factsOfKind(facts, 'intake').map(({ field, value }) => ({ field, value })));
