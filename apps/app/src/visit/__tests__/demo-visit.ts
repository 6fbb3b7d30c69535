import { NOTHING_IN_USE, SCHOOLS, measuredVisit, schoolById, schoolOf } from '@fulcra/core';
import { type Fact, type FactBody, type TakeRecord, type VisitPage } from '@fulcra/contract';
import { type KnownSchools } from '../../platform/use-schools';
import { DEMO_ANIMALS, wholeBackFacts, wholeBackTakes } from '@fulcra/demo';

export const CORRIE = DEMO_ANIMALS[6]!;

export const fact = (id: string, body: FactBody): Fact => ({
  id,
  visitId: 'v',
  hand: 'Isla',
  withdrawn: false,
  madeAt: '2026-11-20T09:00:00.000Z',
  body,
});

/** The demo's Corrie, whole back measured. */
export const takes: TakeRecord[] = wholeBackTakes(CORRIE, CORRIE.back, '2026-11-20', 1).map(({ id, take }) => ({
  ...take,
  id,
  visitId: 'v',
  hand: 'Isla',
  withdrawn: false,
}));
export const facts = wholeBackFacts(CORRIE.back, '2026-11-20', 500, 900, { barrel: null, seen: '' }).map((f) => fact(f.id, f.body));

/** A practice without schools of its own. */
const BUILT_IN: KnownSchools = { all: SCHOOLS, asking: false, of: (id) => schoolOf(id, []), nameOf: (id) => schoolOf(id, [])!.name };

/** A visit with Corrie, nothing measured unless it is given. */
export function visited(change: Partial<VisitPage> = {}) {
  const page: VisitPage = {
    visit: {
      id: 'v',
      fitter: 'Isla',
      horseId: 'h',
      startedOn: '2026-11-20',
      schoolId: 'static-close',
      stationMm: 50,
      status: 'open',
      note: '',
      result: null,
    },
    horse: { id: 'h', ...CORRIE.horse },
    takes: [],
    facts: [],
    photos: [],
    earlier: [],
    decision: null,
    superseded: [],
    cameIn: NOTHING_IN_USE,
    feltBefore: [],
    ...change,
  };
  return { page, measured: measuredVisit(page), school: schoolById('static-close'), schools: BUILT_IN };
}
