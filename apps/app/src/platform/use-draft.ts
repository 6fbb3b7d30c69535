import { useCallback, useEffect, useState } from 'react';
import { type DraftSpec, readDraft, writtenDraft } from './draft';
import { setAside } from './set-aside';

/**
 * Something half entered, kept in this browser with every change, so that a reload or a phone call loses nothing.
 * @returns value, setter, and a way to forget it once it has been entered
 */
export function useDraft<T>(key: string, spec: DraftSpec<T>, start: T): readonly [T, (value: T) => void, () => void] {
  const [value, setValue] = useState<T>(() => stored(key, spec) ?? start);
  useEffect(() => setValue(stored(key, spec) ?? start), [key]); // eslint-disable-line react-hooks/exhaustive-deps -- `start` is only for a key never seen, a spec never changes
  const keep = useCallback(
    (next: T) => {
      localStorage.setItem(`draft:${key}`, writtenDraft(next, spec));
      setValue(next);
    },
    [key, spec],
  );
  const forget = useCallback(() => localStorage.removeItem(`draft:${key}`), [key]);
  return [value, keep, forget];
}

/** Nothing half entered is left, on no screen. */
export const forgetAllDrafts = (): void =>
  Object.keys(localStorage)
    .filter((key) => key.startsWith('draft:'))
    .forEach((key) => localStorage.removeItem(key));

/** What another part of the application keeps under a key is forgotten there. */
export const forgetDraft = (key: string): void => localStorage.removeItem(`draft:${key}`);

function stored<T>(key: string, spec: DraftSpec<T>): T | null {
  const read = readDraft(localStorage.getItem(`draft:${key}`), spec);
  if (read.state === 'setAside') {
    setAside.keep(key, read.text);
    forgetDraft(key);
  }
  return read.state === 'kept' ? read.value : null;
}
