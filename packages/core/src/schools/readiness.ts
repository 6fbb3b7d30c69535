import { type CriterionId, CRITERIA, CRITERION_IDS } from './criteria';
import { type Need } from './needs';
import { type FrontFollows, type School } from './school';

export interface Waiting {
  readonly criterion: CriterionId;
  readonly missing: readonly Need[];
}

/** What of a school can be answered from what has been measured, and what each other rule waits for. */
export interface Readiness {
  readonly answerable: readonly CriterionId[];
  readonly waiting: readonly Waiting[];
  /** What the front angle itself waits for; the front section stands in for it meanwhile. Empty where it is read as the school reads it. */
  readonly frontWaitsFor: readonly Need[];
}

/** What each line that a front can follow has to be measured by. */
const FOLLOWS_NEEDS: Readonly<Record<FrontFollows, readonly Need[]>> = {
  frontSection: ['frontSection'],
  shoulderLine: ['shoulderLine'],
  barsAlongShoulder: ['shoulderLine', 'bars'],
};

/** What must be there before a criterion can be judged under a school. */
export function needsOf(id: CriterionId, school: School): readonly Need[] {
  if (id === 'frontEven') return FOLLOWS_NEEDS[school.front.follows];
  const { needs, from } = CRITERIA[id];
  return from === 'front' ? needs : [...needs, 'saddlePosition'];
}

/** The rules told of where a school is chosen: those that can refuse a saddle, and the front's own. */
const isTold = (school: School, id: CriterionId): boolean => {
  const rule = school.rules[id];
  return rule !== undefined && id !== 'sits' && (rule.hardStop !== 'never' || id === 'frontEven');
};

export function schoolReadiness(school: School, measured: ReadonlySet<Need>): Readiness {
  const sorted = CRITERION_IDS.filter((id) => isTold(school, id)).map((criterion) => ({
    criterion,
    missing: needsOf(criterion, school).filter((need) => !measured.has(need)),
  }));
  return {
    answerable: sorted.filter((w) => w.missing.length === 0).map((w) => w.criterion),
    waiting: sorted.filter((w) => w.missing.length > 0),
    frontWaitsFor: sorted.find((w) => w.criterion === 'frontEven')!.missing,
  };
}
