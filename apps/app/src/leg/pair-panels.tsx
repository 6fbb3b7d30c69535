import { MOST_PAIRS, NEW_PAIRS, pairRemedy, pairsToBuy, perHoleMm, stretchSinceFirst } from '@fulcra/core';
import { router } from 'expo-router';
import { usePracticeSettings } from '../platform/use-views';
import { Banner } from '../ui/banner';
import { Button } from '../ui/button';
import { Body, Small } from '../ui/text';
import { LEG_PHRASES } from '../words/leg-phrases';
import { PURPOSE_WORDS } from '../words/riders-phrases';
import { Panel } from './panel';
import { type Leg, type LegChosen } from './use-leg';
import { HeldBanner } from '../tack';

interface PairProps {
  readonly leg: Leg;
  readonly chosen: LegChosen;
}

/** Whether the two hang alike, and what to do where they don't. */
export function PairPanel({ chosen }: PairProps) {
  const { pair, leather, saddle, known } = chosen;
  if (pair === null || leather === null) {
    return (
      <Panel title={LEG_PHRASES.evenTitle}>
        <Body>{LEG_PHRASES.noPair}</Body>
        <Button label={LEG_PHRASES.measureAPair} onPress={() => router.push(leather === null ? '/leathers' : `/leathers/${leather.id}`)} />
      </Panel>
    );
  }
  const remedy = pairRemedy(pair, saddle?.seat.offBarLowerMm ?? 0);
  const grown = stretchSinceFirst(
    leather,
    chosen.takes.filter((t) => t.leatherId === leather.id),
  );
  const words = LEG_PHRASES.remedy(remedy);
  const { uneven, offLegLongerMm } = known!.rider;
  return (
    <Panel title={LEG_PHRASES.evenTitle}>
      <HeldBanner id={leather.id} />
      {remedy.code === 'even' ? <Body>{words}</Body> : <Banner tone="lookOut">{words}</Banner>}
      <Small>{LEG_PHRASES.perHole(perHoleMm(pair), pair.measuredPerHoleMm !== undefined)}</Small>
      {leather.kind === 'single' ? null : <Small>{LEG_PHRASES.doublesHalf}</Small>}
      {grown === null ? null : <Small>{LEG_PHRASES.stretched(grown.near, grown.off)}</Small>}
      {uneven === null ? null : <Banner tone="lookOut">{LEG_PHRASES.purposely(uneven.offLongerMm, uneven.by, uneven.reason)}</Banner>}
      {uneven !== null || offLegLongerMm === null || offLegLongerMm === 0 ? null : <Small>{LEG_PHRASES.legsDiffer(offLegLongerMm)}</Small>}
      <Button kind="quiet" label={leather.name} onPress={() => router.push(`/leathers/${leather.id}`)} />
    </Panel>
  );
}

/** One length for all purposes where there is one, else as few as serve them. */
export function BuyPanel({ leg }: PairProps) {
  const { stockLengthsMm } = usePracticeSettings().rider;
  const served = leg.plans.filter((p) => p.place.ok);
  const wanted = served.map((p) => (p.place.ok ? p.place.value.hangMm : 0));
  if (wanted.length === 0) return null;
  return (
    <Panel title={LEG_PHRASES.buyTitle}>
      {NEW_PAIRS.map((made) => {
        const offered = { ...made, lengthsMm: stockLengthsMm[made.kind] };
        const pairs = pairsToBuy(wanted, offered);
        return (
          <Body key={made.kind}>
            {LEG_PHRASES.buyKind(made.kind === 'looped', made.holes, made.spacingMm)}:{' '}
            {pairs === null
              ? LEG_PHRASES.buyNone(MOST_PAIRS)
              : pairs.length === 1
                ? LEG_PHRASES.buyOne(pairs[0]!.lengthMm, pairs[0]!.missMm, pairs[0]!.spare)
                : LEG_PHRASES.buySeveral(
                    pairs.map((p) => ({ mm: p.lengthMm, on: p.serves.map((i) => PURPOSE_WORDS[served[i]!.purpose]) })),
                  )}
          </Body>
        );
      })}
      <Small>{LEG_PHRASES.buyFrom}</Small>
    </Panel>
  );
}
