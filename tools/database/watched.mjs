/** Pauses between one restart and the next, ms; after the last of them it is given up. */
const PAUSES_MS = [1000, 2000, 4000, 8000, 16_000];
/** One that ran so long is well again: what failed before is not counted any more, ms. */
const WELL_MS = 60_000;

/**
 * Keeps something running: when it ends by itself it is said and started again, after a pause that grows; after five in a row it is given up.
 * @param launch  starts it; @returns its process
 * @param onGivenUp  told how often it was tried
 * @returns how to end the watch before ending what is watched
 */
export function watched(first, { name, launch, say, onGivenUp, pausesMs = PAUSES_MS, wellMs = WELL_MS }) {
  let over = false;
  let inARow = 0;
  let timer;
  const watch = (child, since) =>
    child.once('exit', (code, signal) => {
      if (over) return;
      if (Date.now() - since > wellMs) inARow = 0;
      const pause = pausesMs[inARow];
      if (pause === undefined) return onGivenUp(inARow);
      inARow++;
      say(`${name} ended by itself (${signal ?? `code ${code}`}); it is started again in ${pause / 1000} s.`);
      timer = setTimeout(() => over || watch(launch(), Date.now()), pause);
    });
  watch(first, Date.now());
  return () => {
    over = true;
    clearTimeout(timer);
  };
}
