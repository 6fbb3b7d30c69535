import { type Compared } from '@fulcra/core';
import { capital } from './letter-case';

/** How another setting does against this one, as the ranking has it. */
export function comparedWords(compared: Compared): string {
  switch (compared.code) {
    case 'comesToRest':
      return 'comes to rest, which this one doesn’t';
    case 'findsNoRest':
      return 'finds no rest';
    case 'asFarOff':
      return 'refused as clearly';
    case 'asGood':
      return 'as good';
    case 'wouldBeRefused':
      return 'would be refused';
    case 'noLongerRefused':
      return 'no longer refused';
    case 'refusedByLess':
      return 'refused by less';
    case 'refusedByMore':
      return 'refused by more';
    case 'better':
      return `better by ${points(compared.by)}`;
    case 'worse':
      return `worse by ${points(compared.by)}`;
  }
}

const points = (by: number): string => `${by.toFixed(0)} ${by.toFixed(0) === '1' ? 'point' : 'points'}`;
export const comparedSentence = (compared: Compared): string => `${capital(comparedWords(compared))}.`;
