import { type Leather } from '@fulcra/contract';
import { type HolesFor, type LeatherLine, type LegOnHorse, type PurposePlan, SIDES } from '@fulcra/core';
import { capital } from '../words/letter-case';
import { LEG_PHRASES } from '../words/leg-phrases';
import { PURPOSE_WORDS } from '../words/riders-phrases';

/** A hole as it is stamped, from its place counted from the shortest. */
export const holeShown = ({ firstHole }: Pick<Leather, 'firstHole'>, hole: number): number => hole + firstHole - 1;

function shownHoles(leather: Pick<Leather, 'firstHole'>, { holes }: HolesFor): HolesFor['holes'] {
  return Object.fromEntries(SIDES.map((side) => [side, holeShown(leather, holes[side])])) as HolesFor['holes'];
}

/** "General: 742 mm, near 5th, off 6th hole." */
export function headlineOf(plan: PurposePlan, place: LegOnHorse | null, holes: HolesFor | null, leather: Leather | null): string {
  const purpose = capital(PURPOSE_WORDS[plan.purpose]);
  if (place === null) return LEG_PHRASES.headlineCannot(purpose);
  if (holes === null || leather === null) return LEG_PHRASES.headlineNoPair(purpose, place.hangMm);
  const { near, off } = shownHoles(leather, holes);
  return LEG_PHRASES.headline(purpose, place.hangMm, near, off);
}

/** A line for each purpose that has holes, its hang to a tenth of a millimetre: what is kept, and what the card says. */
export const leatherLines = (plans: readonly PurposePlan[]): LeatherLine[] =>
  plans.flatMap(({ purpose, holes, place }) =>
    holes === null || !place.ok ? [] : [{ purpose, hangMm: Math.round(place.value.hangMm * 10) / 10, ...holes.holes }],
  );
