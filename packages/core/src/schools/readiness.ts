import { type Need } from './needs';
import { type Criterion, type School } from './school';

export interface Waiting {
  readonly criterion: Criterion;
  readonly missing: readonly Need[];
}

/** What of a school can be answered from what has been measured, and what each other rule waits for. */
export interface Readiness {
  readonly answerable: readonly Criterion[];
  readonly waiting: readonly Waiting[];
  /** False where the front angle itself isn't read as the school reads it and the front section stands in. */
  readonly frontAsTheSchoolReadsIt: boolean;
}

export function schoolReadiness(school: School, measured: ReadonlySet<Need>): Readiness {
  const sorted = school.criteria.map((criterion) => ({
    criterion,
    missing: criterion.needs.filter((need) => !measured.has(need)),
  }));
  const answerable = sorted.filter((w) => w.missing.length === 0).map((w) => w.criterion);
  return {
    answerable,
    waiting: sorted.filter((w) => w.missing.length > 0),
    frontAsTheSchoolReadsIt: answerable.some((c) => c.id === 'frontAngle'),
  };
}
