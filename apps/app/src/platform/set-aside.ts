import { keysOfDevice } from './draft-scope';
import { keeping } from './keeping';

export const SET_ASIDE = 'set-aside:';
const PREFIX = SET_ASIDE;
const listeners = new Set<() => void>();
let known: readonly SetAside[] | null = null;

export interface SetAside {
  /** Whose it is and what, as a draft is kept. */
  readonly key: string;
  readonly text: string;
}

function read(): readonly SetAside[] {
  const keys = keysOfDevice().filter((k) => k.startsWith(PREFIX));
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
    keeping.put(PREFIX + key, text);
    // a draft is read while a screen is drawn: those who show this are told after it
    queueMicrotask(changed);
  },
  /** Others wrote or took them. */
  reread: changed,
  discard(key: string): void {
    keeping.drop(PREFIX + key);
    changed();
  },
  subscribe(listen: () => void): () => void {
    listeners.add(listen);
    return () => listeners.delete(listen);
  },
};
