import { BACK_PHRASES } from '../words/back-phrases';
import { type MeasuredVisit, toplineOfVisit } from '@fulcra/core';
import { YStack } from 'tamagui';
import { Small, Strong } from '../ui/text';
import { mmWords } from '../words/measure-words';

/** What the topline says, from the front station to the last rib or, where that wasn't found, to its end. */
export function ToplineReadout({ measured }: { readonly measured: MeasuredVisit }) {
  const m = toplineOfVisit(measured);
  if (m === null) return null;
  const to = measured.landmarks.lastRib.atMm === null ? BACK_PHRASES.toEndOfTracing : BACK_PHRASES.toLastRib;
  return (
    <YStack>
      <Strong>
        {BACK_PHRASES.dipAtTo(
          mmWords(m.dipMm),
          mmWords(m.dipAtMm),
          m.dropMm >= 0 ? 'drops' : 'rises',
          mmWords(Math.abs(m.dropMm)),
          to,
          mmWords(m.witherOverLowMm),
        )}
      </Strong>
      <Small>
        {BACK_PHRASES.alongTheCurve(
          to,
          mmWords(m.alongMm),
          mmWords(m.straightMm),
          m.leastRadiusMm === null ? BACK_PHRASES.asGoodAs : BACK_PHRASES.tightestBendA(mmWords(m.leastRadiusMm)),
          m.croupOverWitherMm === null
            ? ''
            : BACK_PHRASES.croupTheWithers(mmWords(Math.abs(m.croupOverWitherMm)), m.croupOverWitherMm >= 0 ? 'over' : 'under'),
        )}
      </Small>
    </YStack>
  );
}
