import { SECTION_PHRASES } from '../words/section-phrases';
import { router } from 'expo-router';
import { type History } from '../platform/use-history';
import { Button } from '../ui/button';
import { UndoRedo } from '../ui/undo-redo';
import { type NextStep, type LoadedVisit } from '../visit';

export interface TakesBottomProps {
  readonly visitId: string;
  readonly loaded: LoadedVisit;
  readonly history: Pick<History, 'undoes' | 'redoes' | 'undo' | 'redo'>;
  /** Takes enough: what comes next is proposed instead of another take. */
  readonly enough: boolean;
  readonly next: NextStep;
  readonly keepLabel: string;
  readonly keepOff: boolean;
  readonly onKeep: () => void;
}

/** What the thumb reaches while a station is measured. A closed visit's takes stand as they are until it is opened again. */
export function TakesBottom({ visitId, loaded, history, enough, next, keepLabel, keepOff, onKeep }: TakesBottomProps) {
  if (loaded.closed) {
    return <Button grow kind="main" label={SECTION_PHRASES.openThisVisit} onPress={() => void loaded.change({ status: 'open' })} />;
  }
  return (
    <>
      <UndoRedo of={history} />
      {enough ? (
        <Button grow kind="main" label={next.label} onPress={() => router.push(`/visits/${visitId}/${next.path}`)} />
      ) : (
        <Button grow kind="main" label={keepLabel} off={keepOff} onPress={onKeep} />
      )}
    </>
  );
}
