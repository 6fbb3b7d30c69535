import { PLATFORM_PHRASES } from '../words/platform-phrases';
import { NoAnswer, Refused } from './api-client';

/** Why nothing came of an asking, in words, with what helps. */
export const lineWordsOf = (error: unknown): string =>
  error instanceof Refused
    ? `${error.reply.message} ${error.reply.remedy}`
    : error instanceof NoAnswer
      ? PLATFORM_PHRASES.thereIsNo
      : error instanceof Error
        ? error.message
        : String(error);
