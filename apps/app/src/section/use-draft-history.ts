import { useState } from 'react';
import { type History, useHistory } from '../platform/use-history';
import { SECTION_PHRASES } from '../words/section-phrases';

/** What is undone in a draft itself: points keep their own past, which is still there after a reload. */
interface WithPoints {
  readonly way: 'points' | 'widths' | 'drops' | 'sensor';
  readonly past: readonly unknown[];
}

/**
 * The one history of a screen on which something is entered: each change of the draft is a step, the digits of one number together.
 * @param undone the draft one point back, for when only its own past is left
 */
export function useDraftHistory<D extends WithPoints>(draft: D, setDraft: (draft: D) => void, undone: (draft: D) => D) {
  const [typing, setTyping] = useState(false);
  const history = useHistory();
  const change = (next: D): void => {
    setDraft(next);
    history.did({
      words: draft.way === 'points' ? SECTION_PHRASES.point : SECTION_PHRASES.typing,
      undo: () => setDraft(draft),
      redo: () => setDraft(next),
      ...(draft.way !== 'points' && typing && { key: 'typing' }),
    });
  };
  const onlyItsOwnPast = history.undoes === null && draft.way === 'points' && draft.past.length > 0;
  const shown: History = onlyItsOwnPast ? { ...history, undoes: SECTION_PHRASES.point, undo: () => setDraft(undone(draft)) } : history;
  return { typing, setTyping, history: shown, change };
}
