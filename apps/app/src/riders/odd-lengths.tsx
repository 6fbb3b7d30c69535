import { type OddLength } from '@fulcra/core';
import { Banner } from '../ui/banner';
import { Small } from '../ui/text';
import { oddLengthWords } from '../words/odd-length-words';

/** Lengths that hardly any body has together, each with what is expected and what to do. */
export function OddLengths({ odd }: { readonly odd: readonly OddLength[] }) {
  if (odd.length === 0) return null;
  return (
    <Banner tone={odd.some((o) => o.level === 'refused') ? 'bad' : 'lookOut'}>
      {odd.map((o) => (
        <Small key={o.measure}>{oddLengthWords(o)}</Small>
      ))}
    </Banner>
  );
}
