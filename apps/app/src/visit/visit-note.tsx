import { useEffect, useRef, useState } from 'react';
import { Field } from '../ui/field';

const PAUSE_MS = 600;

export interface VisitNoteProps {
  readonly value: string;
  /** @param from what the note was when this person began to change it */
  readonly onSave: (note: string, from: string) => void;
}

/**
 * Saved as it is typed, after a short pause, and at once when the screen is left.
 * What another device writes meanwhile is taken over only where nothing was typed here; else both are told apart by what this one began with.
 */
export function VisitNote({ value, onSave }: VisitNoteProps) {
  const [text, setText] = useState(value);
  const [from, setFrom] = useState(value);
  const latest = useRef({ text, from, onSave });
  latest.current = { text, from, onSave };
  useEffect(() => {
    if (latest.current.text !== latest.current.from) return;
    setText(value);
    setFrom(value);
  }, [value]);
  useEffect(() => {
    if (text === latest.current.from) return;
    const timer = setTimeout(() => {
      latest.current.onSave(text, latest.current.from);
      setFrom(text);
    }, PAUSE_MS);
    return () => clearTimeout(timer);
  }, [text]);
  useEffect(
    () => () => {
      const { text: typed, from: began, onSave: save } = latest.current;
      if (typed !== began) save(typed, began);
    },
    [],
  );
  return <Field label="Note" lines={3} value={text} onChange={setText} />;
}
