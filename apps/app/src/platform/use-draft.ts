import { useCallback, useEffect, useState } from 'react';

/**
 * Something half entered, kept in this browser with every change, so that a reload or a phone call loses nothing.
 * @returns value, setter, and a way to forget it once it has been entered
 */
export function useDraft<T>(key: string, start: T): readonly [T, (value: T) => void, () => void] {
  const [value, setValue] = useState<T>(() => stored<T>(key) ?? start);
  useEffect(() => setValue(stored<T>(key) ?? start), [key]); // eslint-disable-line react-hooks/exhaustive-deps -- `start` is only for a key never seen
  const keep = useCallback(
    (next: T) => {
      localStorage.setItem(`draft:${key}`, JSON.stringify(next));
      setValue(next);
    },
    [key],
  );
  const forget = useCallback(() => localStorage.removeItem(`draft:${key}`), [key]);
  return [value, keep, forget];
}

function stored<T>(key: string): T | null {
  const text = localStorage.getItem(`draft:${key}`);
  return text === null ? null : (JSON.parse(text) as T);
}
