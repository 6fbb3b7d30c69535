import { type StandsOn } from '@fulcra/core';
import { Small } from '../../ui/text';
import { standsOnWords } from '../../words/error-words';

/** On how much a verdict stands; nothing where it stands on everything. */
export function StandsOnLine({ of }: { readonly of: StandsOn }) {
  const words = standsOnWords(of);
  return words === null ? null : <Small>{words}</Small>;
}
