import { type Saddle } from '@fulcra/contract';
import { type Pose, type Sitting, backSurface, measuredStations, surfaceHeightMm } from '@fulcra/core';
import { useMemo } from 'react';
import { type Choice, choiceOf, useChosenSitting } from '../fit-room';
import { type LoadedVisit } from '../visit';
import { type StationTemplate, templatesOfChoice } from './template-of-choice';

interface ChosenTemplates {
  /** Null where nothing was chosen in the fit room. */
  readonly choice: Choice | null;
  readonly sits: Sitting | null;
  /** Where the saddle came to rest; null where it doesn't sit. */
  readonly rest: Pose | null;
  readonly templates: readonly StationTemplate[];
}

/** A template of every measured section with the chosen saddle cut there. */
export function useChosenTemplates(loaded: LoadedVisit, saddles: readonly Saddle[]): ChosenTemplates {
  const { page, measured, schools } = loaded;
  const choice = choiceOf(loaded, saddles);
  // the sections were traced standing: in another pose the tree would be drawn over the wrong back
  const sits = useChosenSitting(loaded, choice, 'resting');
  const rest = sits?.settled.state === 'settled' ? sits.settled.pose : null;
  const surface = useMemo(() => backSurface({ stations: measuredStations(measured), topline: measured.topline.consensus }), [measured]);
  const templates = useMemo(() => {
    if (choice === null) return [];
    const spine = (x: number): number => (surface.ok ? surfaceHeightMm(surface.value, x, 0) : Number.NaN);
    return templatesOfChoice(page, measured, choice.saddle, choice.tried, rest, spine, schools.nameOf(choice.tried.schoolId));
  }, [page, measured, choice?.saddle, choice?.tried, rest, surface, schools]); // eslint-disable-line react-hooks/exhaustive-deps -- a choice is these two
  return { choice, sits, rest, templates };
}
