import { type FaultForecast, type ForetoldAnswer } from '@fulcra/core';
import { chainSentence } from './chain-words';
import { SIT_WORDS } from './criterion-words';
import { valueWithError } from './error-words';
import { capital, lower } from './letter-case';
import { needsWords } from './school-words';
import { FAULT_WORDS } from './shape-words';
import { rowWords } from './sit-words';
import { gaitWords } from './complaint-words';

/** "It will want to roll: likely, by its shape." */
export const foretoldTitle = ({ fault, likelihood }: FaultForecast): string =>
  `${FAULT_WORDS[fault]}: ${likelihood === 'leans' ? 'it leans that way' : likelihood}, by its shape.`;

/** What the saddle that lies there makes of it. */
export function foretoldLine({ state, rows, chains, gaits, unanswered, asksToRide }: ForetoldAnswer): string {
  const numbers = rows.slice(0, 2).map((row) => `${lower(rowWords(row))} (${valueWithError(row)})`);
  const moves = gaits.some((g) => g.bearsOut) ? gaitWords(gaits) : null;
  const said = [...numbers, ...(moves === null ? [] : [moves])].join('; ');
  const because = said === '' ? '' : `: ${said}`;
  if (state === 'found') return [`So it is in this saddle${because}.`, ...chains.slice(0, 1).map(chainSentence)].join(' ');
  if (state === 'notFound') return 'This saddle, set so, holds it: its numbers have nothing of it.';
  if (unanswered[0] !== undefined)
    return `Not told yet: ${lower(SIT_WORDS[unanswered[0].id].name)} waits for ${needsWords(unanswered[0].needs)}.`;
  if (asksToRide) return 'Its numbers have nothing of it at a stand; ride it under “In motion” to see whether it moves.';
  return `${capital(said === '' ? 'its chains point to it' : said)}, but no gait shows it.`;
}
