import { useCallback, useEffect, useRef } from 'react';
import { z } from 'zod';
import { type DraftSpec } from './draft';
import { useDraft } from './use-draft';

interface Typed {
  /** What stood there when this was typed. */
  readonly of: string;
  readonly text: string;
}
const TYPED: DraftSpec<Typed> = { version: 1, schema: z.object({ of: z.string(), text: z.string() }) };

export interface TypedText {
  readonly text: string;
  /** What stood there when this person began to type. */
  readonly of: string;
  readonly set: (text: string) => void;
  readonly forget: () => void;
}

/**
 * Text over something that is kept elsewhere: every letter stays in this browser until it is entered, over reload and Close.
 * @param value what stands there now; where it changed meanwhile and nothing was typed, it is what is shown
 */
export function useTypedText(key: string, value: string): TypedText {
  const [draft, setDraft, forgetDraft] = useDraft(key, TYPED, { of: value, text: value });
  const untouched = draft.text === draft.of;
  const [of, text] = untouched ? [value, value] : [draft.of, draft.text];
  const set = useCallback((next: string) => setDraft({ of, text: next }), [setDraft, of]);
  const forget = useCallback(() => {
    setDraft({ of: text, text });
    forgetDraft();
  }, [setDraft, forgetDraft, text]);
  return { text, of, set, forget };
}

export interface SaidText extends Pick<TypedText, 'text' | 'of' | 'set'> {
  /** Says now what was typed, if anything was. */
  readonly say: () => void;
}

/** The same, said wherever the screen calls for it, and at the latest when that is left. */
export function useSaidText(key: string, value: string, onSay: (text: string, of: string) => void): SaidText {
  const { text, of, set, forget } = useTypedText(key, value);
  const last = useRef(() => {});
  last.current = () => {
    if (text === of) return;
    onSay(text, of);
    forget();
  };
  const say = useCallback(() => last.current(), []);
  useEffect(() => say, [say]);
  return { text, of, set, say };
}
