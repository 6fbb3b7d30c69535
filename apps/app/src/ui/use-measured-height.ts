import { useCallback, useRef, useState } from 'react';

/** How high something is, px, whenever that changes; the last known height while it isn't there. */
export function useMeasuredHeight(): readonly [number, (element: HTMLElement | null) => void] {
  const [height, setHeight] = useState(0);
  const observer = useRef<ResizeObserver | null>(null);
  const ref = useCallback((element: HTMLElement | null) => {
    observer.current?.disconnect();
    observer.current = null;
    if (element === null || typeof ResizeObserver === 'undefined') return;
    observer.current = new ResizeObserver(() => setHeight(element.getBoundingClientRect().height));
    observer.current.observe(element);
  }, []);
  return [height, ref];
}
