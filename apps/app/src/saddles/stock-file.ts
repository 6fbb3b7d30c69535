import { STOCK_FILE_WORDS, stockRefusalWords } from '../words/saddle-issue-words';
import { type Saddle, type SaddleFields, type SaddleFile, saddleFileSchema } from '@fulcra/contract';
import { type TackState } from '@fulcra/core';

/** A stock as it is handed on: neutral measures, no ids, each with how it stands. */
export const stockFile = (saddles: readonly Saddle[], stateOf: (id: string) => TackState): SaddleFile => ({
  format: 'fulcra-saddles',
  version: 1,
  saddles: saddles.map(({ id, ...fields }) => ({ ...fields, state: stateOf(id) })),
});

/** A saddle of a file, with how it stood where it came from. */
export type HandedOn = SaddleFile['saddles'][number];
export type ReadStock = { readonly ok: true; readonly saddles: readonly HandedOn[] } | { readonly ok: false; readonly message: string };

/** Reads a stock file; nothing is taken in unless all of it can be read. */
export function readStockFile(text: string): ReadStock {
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch {
    return { ok: false, message: STOCK_FILE_WORDS.notJson };
  }
  const read = saddleFileSchema.safeParse(json);
  if (read.success) return { ok: true, saddles: read.data.saddles };
  return { ok: false, message: stockRefusalWords(read.error.issues[0]!) };
}

/** Whether a saddle of the file is one the stock has already: the same maker, name and front. */
export const sameSaddle = (a: SaddleFields, b: SaddleFields): boolean =>
  a.name === b.name && a.maker === b.maker && inOrder(a.front) === inOrder(b.front);

/** As text with its fields in one order, so that two descriptions compare whoever wrote them down. */
const inOrder = (value: unknown): string =>
  JSON.stringify(value, (_, v: unknown) =>
    v !== null && typeof v === 'object' && !Array.isArray(v)
      ? Object.fromEntries(Object.entries(v).sort(([a], [b]) => (a < b ? -1 : 1)))
      : v,
  );
