import { BACK_PHRASES } from '../words/back-phrases';
import { measureTopline, type MeasuredVisit } from '@fulcra/core';
import { YStack } from 'tamagui';
import { Small, Strong } from '../ui/text';
import { mmWords } from '../words/measure-words';

/** What the topline says, where it reaches from the front station to the last rib. */
export function ToplineReadout({ measured }: { readonly measured: MeasuredVisit }) {
  const { topline, landmarks, sections } = measured;
  const lastRibMm = landmarks.lastRib.atMm ?? sections.lastRib.takenAtMm;
  const m = topline.consensus === null ? null : measureTopline(topline.consensus, { frontMm: sections.front.takenAtMm, lastRibMm });
  if (m === null) return null;
  return (
    <YStack>
      <Strong>
        {BACK_PHRASES.dipAtTo(
          mmWords(m.dipMm),
          mmWords(m.dipAtMm),
          m.dropMm >= 0 ? 'drops' : 'rises',
          mmWords(Math.abs(m.dropMm)),
          mmWords(m.witherOverLowMm),
        )}
      </Strong>
      <Small>
        {BACK_PHRASES.alongTheCurve(
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
