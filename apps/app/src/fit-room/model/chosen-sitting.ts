import { type Saddle } from '@fulcra/contract';
import {
  type BackPose,
  type Sitting,
  bodyFrom,
  sit,
  sitBench,
  type TriedOnVisit,
  chosenSettingOf,
  bodyInputOf,
  describedOf,
} from '@fulcra/core';
import { useMemo } from 'react';
import { type LoadedVisit } from '../../visit';

export interface Choice {
  readonly tried: TriedOnVisit;
  readonly saddle: Saddle;
}

/** What was chosen on a visit, with its saddle; null while nothing is, or where the saddle is no longer there. */
export function choiceOf({ page }: Pick<LoadedVisit, 'page'>, saddles: readonly Saddle[]): Choice | null {
  const tried = chosenSettingOf(page.facts)?.tried;
  const saddle = saddles.find((s) => s.id === tried?.saddleId);
  return tried === undefined || saddle === undefined ? null : { tried, saddle };
}

/**
 * How the chosen setting sits on the back as it is measured now; null where it can't be laid on.
 * @param asked how the horse holds its back; null for as it held it when this was tried
 */
export function useChosenSitting(
  { page, measured, schools }: LoadedVisit,
  choice: Choice | null,
  asked: BackPose | null = null,
): Sitting | null {
  return useMemo(() => {
    if (choice === null) return null;
    const body = bodyFrom(bodyInputOf(measured, page.facts));
    if (!body.ok) return null;
    const { tried, saddle } = choice;
    const { setup, rider } = tried;
    const pose = asked ?? tried.pose;
    const school = schools.of(tried.schoolId);
    if (school === null) return null;
    const outcome = sit({ body: body.value, saddle: describedOf(saddle), setup, rider, pose }, sitBench(body.value, pose, school.engine));
    return outcome.ok ? outcome.value : null;
  }, [measured, schools, page.facts, choice?.tried, choice?.saddle, asked]); // eslint-disable-line react-hooks/exhaustive-deps -- a choice is these two
}
