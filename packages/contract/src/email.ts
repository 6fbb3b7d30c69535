import { z } from 'zod';

/**
 * An e-mail as it is kept and looked up, made once and in one way: without spaces round it, signs that can't be seen, wide or joined letters,
 * and capitals. Two that look alike and aren't (an accent, another script) stay two.
 */
export const normalEmail = (typed: string): string =>
  typed
    .normalize('NFKC')
    .replace(/[\p{Cf}\p{Cc}\s]/gu, '')
    .toLowerCase();

/** Typed by somebody who signs in. */
export const typedEmailSchema = z.string().max(400).transform(normalEmail).pipe(z.string().max(200));
