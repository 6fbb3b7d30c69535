/** What this browser would not keep of what is being entered; it still shows, and would be gone after a reload. */
let failing: ReadonlySet<string> = new Set();
const listeners = new Set<() => void>();

function become(next: ReadonlySet<string>): void {
  failing = next;
  listeners.forEach((tell) => tell());
}

export const keeping = {
  failing: (): ReadonlySet<string> => failing,
  onChange: (tell: () => void): (() => void) => {
    listeners.add(tell);
    return () => listeners.delete(tell);
  },
  /** Keeps a text where it can; never throws, because what is typed goes on. */
  put(key: string, text: string): void {
    try {
      localStorage.setItem(key, text);
      if (failing.has(key)) become(new Set([...failing].filter((k) => k !== key)));
    } catch (error) {
      console.error('This browser would not keep what is being entered.', error);
      if (!failing.has(key)) become(new Set([...failing, key]));
    }
  },
  drop(key: string): void {
    localStorage.removeItem(key);
    if (failing.has(key)) become(new Set([...failing].filter((k) => k !== key)));
  },
};
