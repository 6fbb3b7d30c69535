import { type SitRow } from '../judge';
import { type Compared, betterOf } from '../search';
import { type NeighbourOf } from './sit-questions';

/** One step that was laid on the horse, and what it does to a number that misses. */
export interface TriedRemedy extends Pick<NeighbourOf, 'axis' | 'direction' | 'assessed'> {
  readonly from: number;
  readonly to: number;
  /** Whether the number then lies inside what is wanted. */
  readonly mends: boolean;
}

/** A step that takes less than this share of a miss away is not said to help (default). */
export const HELPS_FROM = 0.25;

/** What a step does to the whole that speaks against it, however much it helps one number. */
const AGAINST: readonly Compared['code'][] = ['findsNoRest', 'wouldBeRefused', 'refusedByMore', 'worse'];

/**
 * Of the steps either way that were tried, those that bring a number nearer to what is wanted and don't make the whole worse; what
 * helps it most first. Null where the number isn't among what was tried: it comes of riding, or wasn't measured.
 */
export function triedRemedies(row: SitRow, neighbours: readonly NeighbourOf[]): readonly TriedRemedy[] | null {
  const { id, value } = row;
  const tried = neighbours.flatMap((n) => {
    const there = n.assessed.resting.rows.find((r) => r.id === id);
    return there === undefined || there.value === null ? [] : [{ ...n, there }];
  });
  if (value === null || (tried.length === 0 && neighbours.length > 0)) return null;
  return tried
    .filter(({ there, compared }) => missOf(there) <= (1 - HELPS_FROM) * missOf(row) && !isAgainst(compared))
    .sort((a, b) => missOf(a.there) - missOf(b.there) || betterOf(a.assessed, b.assessed))
    .map(({ axis, direction, assessed, there }) => ({
      axis,
      direction,
      assessed,
      from: value,
      to: there.value!,
      mends: there.outside === 0,
    }));
}

const missOf = ({ outside }: Pick<SitRow, 'outside'>): number => Math.abs(outside);
const isAgainst = (compared: Compared | null): boolean => compared !== null && AGAINST.includes(compared.code);
