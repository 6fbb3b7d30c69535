import { VISIT_PHRASES } from '../words/visit-phrases';
import { type StepId, stepDone, stepSkipped } from '@fulcra/core';
import { Button } from '../ui/button';
import { type LoadedVisit } from './use-visit-page';

/** Every step can be left out for now and come back to. */
export function SkipStep({ step, loaded }: { readonly step: StepId; readonly loaded: LoadedVisit }) {
  if (stepDone(loaded, step) || stepSkipped(loaded, step)) return null;
  return (
    <Button
      kind="quiet"
      label={VISIT_PHRASES.leaveThisOut}
      onPress={() => void loaded.note({ kind: 'skipped', step }, VISIT_PHRASES.leftOutFor)}
    />
  );
}
