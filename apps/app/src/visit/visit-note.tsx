import { useEffect, useRef, useState } from 'react';
import { Field } from '../ui/field';

const PAUSE_MS = 600;

/** Saved as it is typed, after a short pause, and at once when the screen is left. */
export function VisitNote({ value, onSave }: { readonly value: string; readonly onSave: (note: string) => void }) {
  const [text, setText] = useState(value);
  const latest = useRef({ text, value, onSave });
  latest.current = { text, value, onSave };
  useEffect(() => {
    if (text === latest.current.value) return;
    const timer = setTimeout(() => latest.current.onSave(text), PAUSE_MS);
    return () => clearTimeout(timer);
  }, [text]);
  useEffect(
    () => () => {
      const { text: typed, value: saved, onSave: save } = latest.current;
      if (typed !== saved) save(typed);
    },
    [],
  );
  return <Field label="Note" lines={3} value={text} onChange={setText} />;
}
