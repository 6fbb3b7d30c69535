import { type FactBody } from '@fulcra/contract';
import { type History, useHistory } from '../platform/use-history';
import { useToast } from '../ui/toast';
import { VISIT_PHRASES } from '../words/visit-phrases';
import { factName } from '../words/write-words';
import { type LoadedVisit } from './use-visit-page';

/** What is found or said with a tap and so taken back with one. Whoever answers for something does so by name, and cautions were seen or weren't. */
const TAKEN_BACK: readonly string[] = ['intake', 'complaint', 'feel', 'bellyLift', 'trait'];
const isTakenBack = (body: { readonly kind: string } | undefined): body is FactBody => body !== undefined && TAKEN_BACK.includes(body.kind);

/** A screen's own history over a visit: what is found on it, and what is withdrawn, is taken back and done again in the order it was done. */
export function useRecorded(visit: LoadedVisit): { readonly loaded: LoadedVisit; readonly history: History } {
  const history = useHistory();
  const toast = useToast();
  const { page, note, withdrawFact } = visit;
  const set = (id: string, withdrawn: boolean) => () => void withdrawFact(id, withdrawn);
  const loaded: LoadedVisit = {
    ...visit,
    note: async (body, said) => {
      if (!isTakenBack(body)) return note(body, said);
      const id = await note(body);
      if (id === null) return null;
      if (said !== undefined) toast({ text: said });
      history.did({ words: factName(body), undo: set(id, true), redo: set(id, false) });
      return id;
    },
    withdrawFact: async (id, withdrawn = true) => {
      const done = await withdrawFact(id, withdrawn);
      const body = page.facts.find((f) => f.id === id)?.body;
      if (done && isTakenBack(body))
        history.did({ words: VISIT_PHRASES.withdrawing(factName(body), withdrawn), undo: set(id, !withdrawn), redo: set(id, withdrawn) });
      return done;
    },
  };
  return { loaded, history };
}
