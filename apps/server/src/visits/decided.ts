import { type Decision } from '@fulcra/contract';

export interface Decided {
  readonly decision: Decision | null;
  /** Earlier ones, oldest first. */
  readonly superseded: Decision[];
}

/** @param all decisions in the order in which the server heard of them */
export function decidedAt(all: readonly Decision[], visitId: string): Decided {
  const own = all.filter((d) => d.visitId === visitId);
  return { decision: own.at(-1) ?? null, superseded: own.slice(0, -1) };
}
