import { createHash } from 'node:crypto';
import { setImmediate as letOthersGo } from 'node:timers/promises';
import { type FitOnDay, type PastVisit, type PresentTree, type School, fitsOfHorse } from '@fulcra/core';

interface OfVisit extends PastVisit {
  readonly id: string;
}

/** So many fits of a visit are remembered, the ones asked for last: a few KB each. */
const MOST_KEPT = 5000;
const kept = new Map<string, FitOnDay[]>();

/**
 * How the present tree fits at each visit. A fit takes a second of computing, so that each is worked out once for as long as its visit,
 * the tree and the school are the same, and others are answered between one and the next.
 */
export async function keptFits(visits: readonly OfVisit[], tree: PresentTree, school: School): Promise<FitOnDay[]> {
  const fits: FitOnDay[] = [];
  const under = JSON.stringify([tree, school.id, school.version]);
  for (const visit of visits) {
    const key = keyOf(visit, under);
    const known = kept.get(key);
    if (known === undefined) await letOthersGo();
    const found = known ?? fitsOfHorse([visit], tree, school);
    remember(key, found);
    fits.push(...found);
  }
  return fits;
}

/** Takes and facts are never altered, only withdrawn: their ids say what they say. */
function keyOf({ id, on, visit, facts, takes }: OfVisit, under: string): string {
  const standing = [...facts, ...takes].map((f) => (f.withdrawn ? `-${f.id}` : f.id));
  return createHash('sha256')
    .update(JSON.stringify([id, on, visit.stationMm, standing, under]))
    .digest('base64');
}

function remember(key: string, found: FitOnDay[]): void {
  kept.delete(key);
  kept.set(key, found);
  if (kept.size > MOST_KEPT) kept.delete(kept.keys().next().value!);
}
