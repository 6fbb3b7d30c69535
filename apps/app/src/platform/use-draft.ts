import { useCallback, useEffect, useState } from 'react';
import { type DraftSpec, readDraft, writtenDraft } from './draft';
import { draftsOf, useDraftKey } from './draft-scope';
import { keeping } from './keeping';
import { setAside } from './set-aside';

/**
 * Something half entered, kept in this browser for this person with every change, so that a reload or a phone call loses nothing.
 * Where the browser would not keep it, it shows all the same, and `keeping` tells.
 * @returns value, setter, and a way to forget it once it has been entered
 */
export function useDraft<T>(key: string, spec: DraftSpec<T>, start: T): readonly [T, (value: T) => void, () => void] {
  const under = useDraftKey(key);
  const [value, setValue] = useState<T>(() => stored(under, spec) ?? start);
  useEffect(() => setValue(stored(under, spec) ?? start), [under]); // eslint-disable-line react-hooks/exhaustive-deps -- `start` is only for a key never seen, a spec never changes
  const keep = useCallback(
    (next: T) => {
      setValue(next);
      keeping.put(under, writtenDraft(next, spec));
    },
    [under, spec],
  );
  const forget = useCallback(() => keeping.drop(under), [under]);
  return [value, keep, forget];
}

/** Nothing of this person's is left half entered, on no screen. */
export const forgetDraftsOf = (scope: string): void => draftsOf(scope).forEach((key) => keeping.drop(key));

/** What another part of the application keeps under a key is forgotten there. */
export function useForgetDraft(key: string): () => void {
  const under = useDraftKey(key);
  return useCallback(() => keeping.drop(under), [under]);
}

function stored<T>(under: string, spec: DraftSpec<T>): T | null {
  const read = readDraft(localStorage.getItem(under), spec);
  if (read.state === 'setAside') {
    setAside.keep(under.slice('draft:'.length), read.text);
    localStorage.removeItem(under);
  }
  return read.state === 'kept' ? read.value : null;
}
