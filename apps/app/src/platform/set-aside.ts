const PREFIX = 'set-aside:';
const listeners = new Set<() => void>();
let known: readonly SetAside[] | null = null;

export interface SetAside {
  readonly key: string;
  readonly text: string;
}

function read(): readonly SetAside[] {
  const keys = Array.from({ length: localStorage.length }, (_, i) => localStorage.key(i)!).filter((k) => k.startsWith(PREFIX));
  return keys.sort().map((k) => ({ key: k.slice(PREFIX.length), text: localStorage.getItem(k) ?? '' }));
}

function changed(): void {
  known = null;
  listeners.forEach((listen) => listen());
}

/** What was half entered under an earlier release and can't be gone on with: kept as it was, shown, and let go only by a person. */
export const setAside = {
  all: (): readonly SetAside[] => (known ??= read()),
  keep(key: string, text: string): void {
    localStorage.setItem(PREFIX + key, text);
    // a draft is read while a screen is drawn: those who show this are told after it
    queueMicrotask(changed);
  },
  discard(key: string): void {
    localStorage.removeItem(PREFIX + key);
    changed();
  },
  subscribe(listen: () => void): () => void {
    listeners.add(listen);
    return () => listeners.delete(listen);
  },
};
