import { PAPERS_PHRASES } from '../words/papers-phrases';
import { type specificationLines } from './specification-lines';

const HEADS = { make: PAPERS_PHRASES.toMakeOr, change: PAPERS_PHRASES.toChangeFrom, horse: PAPERS_PHRASES.onTheHorse } as const;

/** Heading by heading, a line each, as a letter carries it. */
export function specificationText(lines: ReturnType<typeof specificationLines>): string {
  const parts = (['make', 'change', 'horse'] as const).map((part) => {
    const told =
      lines[part].length === 0 && part === 'change'
        ? [PAPERS_PHRASES.nothingItHangs]
        : lines[part].map(([what, value]) => `${what}: ${value}`);
    return [HEADS[part], ...told].join('\n');
  });
  return parts.join('\n\n');
}
