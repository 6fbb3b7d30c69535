import { useCallback, useState } from 'react';

/** Something a person did on a screen, and how it is taken back and done again. */
export interface Done {
  /** What it was, as it is said beside Undo: "take 3". */
  readonly words: string;
  readonly undo: () => void;
  readonly redo: () => void;
  /** One after the other under the same key are one: the digits of a number. */
  readonly key?: string;
}

/** Nothing further back than this is taken back. */
const MOST = 50;

export interface History {
  readonly did: (done: Done) => void;
  /** What the next Undo takes back, or null. */
  readonly undoes: string | null;
  readonly redoes: string | null;
  readonly undo: () => void;
  readonly redo: () => void;
}

export interface Stacks {
  readonly past: readonly Done[];
  readonly ahead: readonly Done[];
}
export const NOTHING_DONE: Stacks = { past: [], ahead: [] };

/** One more is done: what was taken back before it can't be done again. */
export function afterDoing({ past }: Stacks, done: Done): Stacks {
  const last = past.at(-1);
  const same = last !== undefined && done.key !== undefined && last.key === done.key;
  return { past: same ? [...past.slice(0, -1), { ...done, undo: last.undo }] : [...past, done].slice(-MOST), ahead: [] };
}

export const afterUndoing = ({ past, ahead }: Stacks): Stacks =>
  past.length === 0 ? { past, ahead } : { past: past.slice(0, -1), ahead: [...ahead, past.at(-1)!] };

export const afterRedoing = ({ past, ahead }: Stacks): Stacks =>
  ahead.length === 0 ? { past, ahead } : { past: [...past, ahead.at(-1)!], ahead: ahead.slice(0, -1) };

/** The one history of a screen: everything done on it, taken back in the order it was done. */
export function useHistory(): History {
  const [stacks, setStacks] = useState<Stacks>(NOTHING_DONE);
  const did = useCallback((done: Done) => setStacks((now) => afterDoing(now, done)), []);
  return {
    did,
    undoes: stacks.past.at(-1)?.words ?? null,
    redoes: stacks.ahead.at(-1)?.words ?? null,
    undo: () => {
      stacks.past.at(-1)?.undo();
      setStacks(afterUndoing);
    },
    redo: () => {
      stacks.ahead.at(-1)?.redo();
      setStacks(afterRedoing);
    },
  };
}
