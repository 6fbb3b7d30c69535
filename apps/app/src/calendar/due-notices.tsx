import { type Due } from '@fulcra/contract';
import { Small } from '../ui/text';
import { SCHOOL_UNKNOWN_WORDS, forecastWords, lapsedWords } from '../words/due-words';

/** What is foretold, or why nothing is, and what of its tack nobody looked at for too long. */
export const DueNotices = ({ due }: { readonly due: Due }) => (
  <>
    {due.forecast === null ? null : <Small>{forecastWords(due.forecast)}</Small>}
    {due.schoolKnown ? null : <Small>{SCHOOL_UNKNOWN_WORDS}</Small>}
    {due.lapsed.map((l) => (
      <Small key={l.itemId} color="$lookOut">
        {lapsedWords(l)}
      </Small>
    ))}
  </>
);
