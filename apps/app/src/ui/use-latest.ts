import { type RefObject, useEffect, useRef } from 'react';

/** The newest value for those who come later, such as a listener that is set up once. */
export function useLatest<T>(value: T): RefObject<T> {
  const latest = useRef(value);
  useEffect(() => {
    latest.current = value;
  });
  return latest;
}
