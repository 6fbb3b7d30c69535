import { PRACTICE_DEFAULTS } from '@fulcra/contract';
import { type School, type SchoolId, allSchools, schoolOf } from '@fulcra/core';
import { useMemo } from 'react';
import { SCHOOLS_PHRASES } from '../words/schools-phrases';
import { usePracticeSettingsView } from './use-views';

/** The schools of whoever is signed in: those that come with it, and the practice's own. */
export interface KnownSchools {
  readonly all: readonly School[];
  /** The practice's own aren't known yet: they are being asked for. */
  readonly asking: boolean;
  /** Null where it is an own school that this device wasn't told of. */
  readonly of: (id: SchoolId) => School | null;
  /** What it is called; that it isn't known where it isn't. */
  readonly nameOf: (id: SchoolId) => string;
}

export function useSchools(): KnownSchools {
  const { data, loading } = usePracticeSettingsView();
  const { schools } = data ?? PRACTICE_DEFAULTS;
  return useMemo(() => {
    const of = (id: SchoolId) => schoolOf(id, schools);
    return { all: allSchools(schools), asking: loading, of, nameOf: (id) => of(id)?.name ?? SCHOOLS_PHRASES.notKnown };
  }, [schools, loading]);
}
