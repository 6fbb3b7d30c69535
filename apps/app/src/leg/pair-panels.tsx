import {
  EYE_TO_TREAD_MM,
  onePairForAll,
  pairRemedy,
  perHoleMm,
  stretchedMm,
  twoPairs,
  holesBetween,
  purposePlans,
  FOOT,
} from '@fulcra/core';
import { router } from 'expo-router';
import { useMemo } from 'react';
import { usePracticeSettings } from '../platform/use-views';
import { Banner } from '../ui/banner';
import { Button } from '../ui/button';
import { Body, Small } from '../ui/text';
import { LEG_PHRASES } from '../words/leg-phrases';
import { PURPOSE_WORDS } from '../words/riders-phrases';
import { groundUnder, saddleThere } from './leg-ground';
import { Panel } from './panel';
import { Picker } from './picker';
import { type Leg, type LegChosen, loadOf } from './use-leg';

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
  const standing = chosen.takes
    .filter((t) => t.leatherId === leather.id && !t.withdrawn)
    .sort((a, b) => (a.takenOn < b.takenOn ? -1 : a.takenOn > b.takenOn ? 1 : 0));
  const [first, last] = [standing[0], standing.at(-1)];
  const grown = first === undefined || last === undefined || first === last ? null : stretchedMm(leather, first, last);
  const words = LEG_PHRASES.remedy(remedy);
  const { uneven, offLegLongerMm } = known!.rider;
  return (
    <Panel title={LEG_PHRASES.evenTitle}>
      {leather.state === 'unsafe' ? <Banner tone="bad">{LEG_PHRASES.unsafe}</Banner> : null}
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

/** What a new pair has, mm (default): the usual spacing and number of holes. */
const NEW_PAIRS = [
  { kind: 'looped', holes: 16, spacingMm: 25, eyeToTreadMm: EYE_TO_TREAD_MM },
  { kind: 'single', holes: 14, spacingMm: 12, eyeToTreadMm: EYE_TO_TREAD_MM },
] as const;

/** One length for all purposes where there is one, else two. */
export function BuyPanel({ leg }: PairProps) {
  const { stockLengthsMm } = usePracticeSettings().rider;
  const served = leg.plans.filter((p) => p.place.ok);
  const wanted = served.map((p) => (p.place.ok ? p.place.value.hangMm : 0));
  if (wanted.length === 0) return null;
  return (
    <Panel title={LEG_PHRASES.buyTitle}>
      {NEW_PAIRS.map((made) => {
        const offered = { ...made, lengthsMm: stockLengthsMm[made.kind] };
        const one = onePairForAll(wanted, offered);
        const two = one === null ? twoPairs(wanted, offered) : null;
        const on = two?.onShorter.map((i) => PURPOSE_WORDS[served[i]!.purpose]).join(', ') ?? '';
        return (
          <Body key={made.kind}>
            {LEG_PHRASES.buyKind(made.kind === 'looped')}:{' '}
            {one !== null
              ? LEG_PHRASES.buyOne(one.lengthMm, one.missMm, one.spare)
              : two === null
                ? LEG_PHRASES.buyNone
                : LEG_PHRASES.buyTwo(two.shorter.lengthMm, two.longer.lengthMm, on)}
          </Body>
        );
      })}
      <Small>{LEG_PHRASES.buyFrom}</Small>
    </Panel>
  );
}

/** How many holes to move when the same rider sits on another saddle of the stock. */
export function AgainstPanel({ leg, chosen }: PairProps) {
  const { saddles, picked, pick, horse, known, pair } = chosen;
  const other = saddles.find((s) => s.id === picked.againstId) ?? null;
  const { body, offLongerMm, plans } = leg;
  const bands = usePracticeSettings().rider;
  const theirs = useMemo(() => {
    if (other === null) return null;
    const ground = groundUnder(saddleThere(horse, other, loadOf(known)), body).ground;
    const purposes = plans.map((p) => p.purpose);
    return purposePlans({ body, foot: FOOT, ground, purposes, bands: bands.bands[bands.bandSet], pair, offLongerMm });
  }, [other, horse, known, body, plans, bands, pair, offLongerMm]);
  return (
    <Panel title={LEG_PHRASES.againstTitle}>
      <Picker
        label={LEG_PHRASES.againstTitle}
        value={other?.name ?? LEG_PHRASES.none}
        options={saddles.filter((s) => s.id !== chosen.saddle?.id).map((s) => ({ id: s.id, name: s.name }))}
        onPick={(againstId) => pick({ againstId })}
      />
      {theirs === null ? <Small>{LEG_PHRASES.againstNone}</Small> : null}
      {theirs?.map((there, i) => {
        const here = plans[i]!;
        if (!there.place.ok || !here.place.ok) return null;
        const holes = there.holes === null || here.holes === null ? null : holesBetween(here.holes, there.holes);
        return (
          <Body key={there.purpose}>
            {LEG_PHRASES.againstMove(PURPOSE_WORDS[there.purpose], holes, there.place.value.hangMm - here.place.value.hangMm)}
          </Body>
        );
      })}
    </Panel>
  );
}
