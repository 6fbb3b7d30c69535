/** What of a browser the screens lean on, in memory: they are rendered here without one. */
const kept = new Map();
globalThis.localStorage = {
  getItem: (key) => kept.get(key) ?? null,
  setItem: (key, value) => void kept.set(key, String(value)),
  removeItem: (key) => void kept.delete(key),
  clear: () => kept.clear(),
  key: (at) => [...kept.keys()][at] ?? null,
  get length() {
    return kept.size;
  },
};
const target = new EventTarget();
globalThis.addEventListener = target.addEventListener.bind(target);
globalThis.removeEventListener = target.removeEventListener.bind(target);
globalThis.dispatchEvent = target.dispatchEvent.bind(target);
const media = {
  matches: false,
  addEventListener: () => undefined,
  removeEventListener: () => undefined,
  addListener: () => undefined,
  removeListener: () => undefined,
};
// what a library puts here instead lacks what the screens ask of it
Object.defineProperty(globalThis, 'matchMedia', { get: () => () => media, set: () => undefined });
