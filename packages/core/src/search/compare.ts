import { type Ordered } from './assess';

/** How another setting does against this one. `by` in points of the score, or in scales of the hard stops missed. */
export type Compared =
  | { readonly code: 'comesToRest' | 'findsNoRest' | 'asFarOff' | 'asGood' }
  | { readonly code: 'wouldBeRefused' | 'noLongerRefused' | 'refusedByLess' | 'refusedByMore' | 'better' | 'worse'; readonly by: number };

/** Nobody could tell settings apart that differ by less: points of the score, and scales of a hard stop (defaults). */
const AS_GOOD = { score: 1, scales: 0.1 } as const;

/** In the order settings are ranked in, so that no word says otherwise than the ranking: rest, hard stops by how far, then score. */
export function compareSettings(here: Ordered, there: Ordered): Compared {
  if (here.sits !== there.sits) return { code: there.sits ? 'comesToRest' : 'findsNoRest' };
  if (here.stopMiss > 0 || there.stopMiss > 0) {
    const by = there.stopMiss - here.stopMiss;
    if (here.stopMiss === 0) return { code: 'wouldBeRefused', by };
    if (there.stopMiss === 0) return { code: 'noLongerRefused', by: -by };
    if (Math.abs(by) < AS_GOOD.scales) return { code: 'asFarOff' };
    return by < 0 ? { code: 'refusedByLess', by: -by } : { code: 'refusedByMore', by };
  }
  const by = there.score - here.score;
  if (Math.abs(by) < AS_GOOD.score) return { code: 'asGood' };
  return by > 0 ? { code: 'better', by } : { code: 'worse', by: -by };
}
