import { type OddLength } from '@fulcra/core';
import { mmWords } from './measure-words';
import { RIDER_MEASURE_WORDS } from './rider-words';
import { measureShort } from './riders-phrases';

const WHAT_TO_DO: Readonly<Record<OddLength['level'], string>> = {
  asked: 'Is one mistyped? The leathers are less sure until one of them is measured once more.',
  refused: 'One is mistyped or taken elsewhere, and no leathers are worked out from it.',
};

/** Two lengths that don't go together, what was expected, and what settles it. */
export const oddLengthWords = ({ measure, mm, expectedMm, sdMm, against, againstMm, level }: OddLength): string =>
  `${RIDER_MEASURE_WORDS[measure].name} of ${mmWords(mm)} with ${measureShort[against]} of ${mmWords(againstMm)}: ` +
  `${mmWords(expectedMm)} ± ${mmWords(sdMm)} is expected. ${WHAT_TO_DO[level]} A second measuring that agrees is taken as it is.`;
