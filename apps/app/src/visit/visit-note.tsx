import { VISIT_PHRASES } from '../words/visit-phrases';
import { useEffect } from 'react';
import { useSaidText } from '../platform/use-typed-text';
import { Field } from '../ui/field';

const PAUSE_MS = 600;

export interface VisitNoteProps {
  readonly visitId: string;
  readonly value: string;
  /** @param from what the note was when this person began to change it */
  readonly onSave: (note: string, from: string) => void;
}

/**
 * Saved as it is typed, after a short pause, and at once when the screen is left; each letter is kept on the device before that.
 * What another device writes meanwhile is taken over only where nothing was typed here; else both are told apart by what this one began with.
 */
export function VisitNote({ visitId, value, onSave }: VisitNoteProps) {
  const { text, set, say } = useSaidText(`note-${visitId}`, value, onSave);
  useEffect(() => {
    const timer = setTimeout(say, PAUSE_MS);
    return () => clearTimeout(timer);
  }, [text, say]);
  return <Field label={VISIT_PHRASES.note} lines={3} value={text} onChange={set} />;
}
