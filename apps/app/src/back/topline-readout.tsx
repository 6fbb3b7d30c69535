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
        Dip {mmWords(m.dipMm)} at {mmWords(m.dipAtMm)}; {m.dropMm >= 0 ? 'drops' : 'rises'} {mmWords(Math.abs(m.dropMm))} to the last rib;
        withers {mmWords(m.witherOverLowMm)} over the low point
      </Strong>
      <Small>
        {mmWords(m.alongMm)} along the curve, {mmWords(m.straightMm)} straight
        {m.leastRadiusMm === null ? '; as good as straight' : `; tightest bend a radius of ${mmWords(m.leastRadiusMm)}`}
        {m.croupOverWitherMm === null
          ? ''
          : `; croup ${mmWords(Math.abs(m.croupOverWitherMm))} ${m.croupOverWitherMm >= 0 ? 'over' : 'under'} the withers`}
      </Small>
    </YStack>
  );
}
