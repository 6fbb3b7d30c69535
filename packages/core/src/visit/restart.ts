import { WEIGHT_CHANGE_SHARE } from '../care';
import { type RecordedFact, factsOfKind } from './recorded';

interface DatedVisit {
  readonly on: string;
  readonly facts: readonly RecordedFact[];
}

/** Why a back's change is counted anew from a visit on. */
export type Restart = 'timeOff' | 'work' | 'weight';

/**
 * What a trend may be drawn through: the visits since the horse last came back from time off, changed its work, or its weight by a
 * twentieth from one visit to the next. A back that changes for another reason changes at another rate (default).
 * @param visits oldest first
 */
export function sinceRestart<V extends DatedVisit>(visits: readonly V[]): { readonly visits: readonly V[]; readonly why: Restart | null } {
  for (let i = visits.length - 1; i > 0; i--) {
    const why = restartAt(visits, i);
    if (why !== null) return { visits: visits.slice(i), why };
  }
  return { visits, why: null };
}

function restartAt(visits: readonly DatedVisit[], i: number): Restart | null {
  const [now, before] = [said(visits[i]!), saidBefore(visits, i)];
  if (now.timeOff !== null && now.timeOff !== 'none' && (before.timeOff ?? 'none') === 'none') return 'timeOff';
  if (now.work !== null && before.work !== null && now.work !== before.work) return 'work';
  if (typeof now.weightKg !== 'number' || typeof before.weightKg !== 'number') return null;
  return Math.abs(now.weightKg - before.weightKg) >= WEIGHT_CHANGE_SHARE * before.weightKg ? 'weight' : null;
}

type Said = Readonly<Record<'timeOff' | 'work' | 'weightKg', string | number | null>>;

const said = ({ facts }: DatedVisit): Said => {
  const all = factsOfKind(facts, 'intake');
  const last = (field: string) => all.filter((f) => f.field === field).at(-1)?.value ?? null;
  return { timeOff: last('timeOff'), work: last('work'), weightKg: last('weightKg') };
};

/** What was said last of each field before a visit. */
function saidBefore(visits: readonly DatedVisit[], i: number): Said {
  return said({ on: '', facts: visits.slice(0, i).flatMap((v) => v.facts) });
}
