import { GROWING_UNDER_YEARS, VISIT_REASONS, type VisitReason, WEIGHT_CHANGE_SHARE, YOUNG_UNDER_YEARS } from '../care';
import { type BySideAndZone } from '../saddle';
import { type IntakeField, type DatedFact } from '../intake';
import { chosenSettingOf, holdOfFacts } from './facts-read';
import { type RecordedFact, factsOfKind } from './recorded';

/** A visit as far as it bears on the next one. */
export interface ReasonVisit {
  readonly on: string;
  readonly facts: readonly RecordedFact[];
  readonly decidedSaddleId: string | null;
}

export interface ReasonQuestion {
  /** Oldest first; the last one is what the next is counted from. */
  readonly visits: readonly ReasonVisit[];
  readonly bornYear: number | null;
  readonly today: string;
  /** Something of the tack that goes with the last visit is held. */
  readonly tackHeld: boolean;
  /** A fall, or lying down with the saddle on, that came after the tree was last checked. */
  readonly fell: boolean;
}

/** What is true of a horse that brings it back sooner than half a year. */
export function visitReasons(question: ReasonQuestion): ReadonlySet<VisitReason> {
  const last = question.visits.at(-1);
  if (last === undefined) return new Set();
  const holds: Partial<Record<VisitReason, boolean>> = {
    pain: holdOfFacts(last.facts).state === 'held',
    unsafeTack: question.tackHeld,
    fall: question.fell,
    ...ofAge(question),
    ...ofSetting(last),
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

function ofSetting({ facts }: ReasonVisit) {
  const setup = chosenSettingOf(facts)?.tried.setup;
  return setup === undefined ? {} : { shimsInUse: anyFilling(setup.shims), newFlocking: anyFilling(setup.flock) };
}

const anyFilling = (filling: BySideAndZone): boolean => Object.values(filling).some((zones) => Object.values(zones).some((mm) => mm !== 0));

/** The last visit ended with a saddle that none before it ended with. */
function isNewSaddle(visits: readonly ReasonVisit[]): boolean {
  const [last, ...before] = [...visits].reverse().map(saddleOf);
  return last !== null && last !== undefined && !before.includes(last);
}
const saddleOf = ({ facts, decidedSaddleId }: ReasonVisit): string | null => chosenSettingOf(facts)?.tried.saddleId ?? decidedSaddleId;

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
