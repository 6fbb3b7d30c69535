import { chosenSettingOf } from './facts-read';
import { type RecordedFact } from './recorded';

/** A decision as far as it matters which of a visit's stands. */
export interface DecidedOn {
  /** Its place in the practice's counting, as the server took it: a device's clock may be wrong by a year. */
  readonly order: number;
  /** The tried setting it was made of; null or absent for a width kept at the front alone: a suggestion, until a setting is chosen. */
  readonly triedId?: string | null;
}

export interface StandingDecision<D> {
  readonly decision: D | null;
  /** All others, oldest first: they stay in the history. */
  readonly superseded: D[];
}

/**
 * The one decision of a visit, which template, report, history, order and forecast read: of the setting that was chosen last, or, while
 * none is chosen, the width that was kept last. A width kept after a setting was chosen doesn't take its place.
 */
export function standingDecision<D extends DecidedOn>(all: readonly D[], facts: readonly RecordedFact[]): StandingDecision<D> {
  const inOrder = [...all].sort((a, b) => a.order - b.order);
  const chosenId = chosenSettingOf(facts)?.tried.id ?? null;
  const ofChoice = chosenId === null ? undefined : inOrder.findLast((d) => d.triedId === chosenId);
  const decision = ofChoice ?? inOrder.findLast((d) => (d.triedId ?? null) === null) ?? null;
  return { decision, superseded: inOrder.filter((d) => d !== decision) };
}
