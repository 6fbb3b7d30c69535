export interface SpaceLeft {
  readonly leftMb: number;
  readonly nearlyFull: boolean;
}

/** A visit with its photos needs about this much (default), MB; less than twice that is said early. */
const VISIT_MB = 60;

/** How much this browser may still keep; null where it doesn't say. */
export async function spaceLeft(): Promise<SpaceLeft | null> {
  const { quota, usage } = (await navigator.storage?.estimate?.()) ?? {};
  if (quota === undefined || usage === undefined) return null;
  const leftMb = Math.round((quota - usage) / 1e6);
  return { leftMb, nearlyFull: leftMb < 2 * VISIT_MB };
}

/** Asks the browser not to throw away what is kept here when space runs short. */
export const askToKeep = (): void => void navigator.storage?.persist?.();
