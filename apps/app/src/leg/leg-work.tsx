import {
  CORE_VERSION,
  armRuleHang,
  holesFor,
  legOf,
  legOnLeather,
  overTheIron,
  plumbOf,
  plumbParts,
  perHoleMm,
  referenceOf,
} from '@fulcra/core';
import { router } from 'expo-router';
import { useMemo, useState } from 'react';
import { useWindowDimensions } from 'react-native';
import { XStack, YStack } from 'tamagui';
import { usePracticeSettings } from '../platform/use-views';
import { Button } from '../ui/button';
import { Columns } from '../ui/columns';
import { Screen } from '../ui/screen';
import { Body, Name, Small } from '../ui/text';
import { useWide } from '../ui/use-wide';
import { LEG_PHRASES } from '../words/leg-phrases';
import { degWords } from '../words/measure-words';
import { PURPOSE_WORDS } from '../words/riders-phrases';
import { LegBox } from './leg-box';
import { headlineOf, leatherLines } from './leg-words';
import { LoadPanel } from './load-panel';
import { AgainstPanel } from './against-panel';
import { BuyPanel, PairPanel } from './pair-panels';
import { Picker } from './picker';
import { PurposeRows } from './purpose-rows';
import { HipPanel, OverPanel, PlumbPanel, RulesPanel, WeightPanel } from './rule-panels';
import { SaddlePanel } from './saddle-panel';
import { type Leg, type LegChosen, PLAIN_SADDLE } from './use-leg';
import { OddLengths } from '../riders';
import { useHeldTack } from '../tack';
import { ClosedVisit } from '../visit';

export interface LegWorkProps {
  readonly chosen: LegChosen;
  readonly leg: Leg;
  readonly visitId: string | null;
  readonly back: string;
}

/** Where the leg is now: as the purpose has it, or as the hand has drawn it. */
function useLegNow({ leg, chosen }: Pick<LegWorkProps, 'leg' | 'chosen'>) {
  const [drawnMm, setDrawnMm] = useState<number | null>(null);
  const { body, foot, plan, known } = leg;
  const limb = useMemo(() => legOf(body, foot), [body, foot]);
  const drawn = drawnMm === null ? null : legOnLeather(limb, known.ground, drawnMm);
  const outcome = drawn?.ok === true ? drawn : plan.place;
  const place = outcome.ok ? outcome.value : null;
  const isDrawn = drawn?.ok === true;
  const holes = place === null || chosen.pair === null ? null : holesFor(chosen.pair, place.hangMm, leg.offLongerMm);
  const reachMm = chosen.saddle?.seat.flapReachMm ?? null;
  const heel = place === null ? null : plumbParts(plumbOf(place, body.heelToAnkle.mm), place, known.ground.saddle.pitchDeg, reachMm);
  const over = place === null ? null : overTheIron(place, body);
  return { limb, place, isDrawn, holes, heel, over, setDrawnMm };
}

export type LegNow = ReturnType<typeof useLegNow>;

/** A screen at least so high keeps the drawing in sight, px. */
const PINNED_FROM_PX = 600;

export function LegWork(props: LegWorkProps) {
  const { chosen, leg, visitId, back } = props;
  const wide = useWide();
  // on a phone held sideways, or enlarged, the drawing scrolls with the rest
  const pinned = useWindowDimensions().height >= PINNED_FROM_PX && !wide;
  const now = useLegNow(props);
  const { known, saddle, loaded } = chosen;
  const saddleName = saddle?.name ?? LEG_PHRASES.plainSaddle;
  const note =
    loaded === null
      ? LEG_PHRASES.onPlain(known!.rider.name, saddleName)
      : LEG_PHRASES.onHorse(known!.rider.name, loaded.page.horse.name, saddleName);
  const drawing = <LegBox chosen={chosen} leg={leg} now={now} />;
  return (
    <Screen
      title={LEG_PHRASES.leathers}
      note={note}
      onBack={() => router.navigate(back)}
      top={pinned ? drawing : undefined}
      bottom={<KeepHoles {...props} />}
    >
      <Columns shares={[1.1, 1]}>
        <YStack gap="$s">
          {pinned ? null : drawing}
          {loaded === null ? null : <ClosedVisit loaded={loaded} />}
          <Headline leg={leg} chosen={chosen} now={now} />
          <PurposeRows leg={leg} chosen={chosen} />
          <Picks chosen={chosen} />
          <Assumed leg={leg} chosen={chosen} />
          <Ways visitId={visitId} />
        </YStack>
        <Panels {...props} now={now} />
      </Columns>
    </Screen>
  );
}

interface NowProps {
  readonly leg: Leg;
  readonly chosen: LegChosen;
  readonly now: LegNow;
}

function Headline({ leg, chosen, now }: NowProps) {
  const { place, holes, isDrawn, setDrawnMm } = now;
  const { plan, error } = leg;
  const perHole = chosen.pair === null ? null : perHoleMm(chosen.pair);
  return (
    <YStack gap="$xs" aria-live="polite">
      <Name>{headlineOf(plan, place, holes, chosen.leather)}</Name>
      {isDrawn ? (
        <XStack alignItems="center" flexWrap="wrap">
          <Body color="$lookOut">
            {LEG_PHRASES.drawn}: {place === null ? '' : degWords(place.kneeDeg)}
          </Body>
          <Button kind="quiet" tight label={LEG_PHRASES.backToPurpose(PURPOSE_WORDS[plan.purpose])} onPress={() => setDrawnMm(null)} />
        </XStack>
      ) : null}
      {holes === null ? null : (
        <Body>
          {LEG_PHRASES.missBy(holes.missMm)} {LEG_PHRASES.unevenBy(holes.unevenMm)}
        </Body>
      )}
      {place === null ? null : (
        <Small>{LEG_PHRASES.why(plan.band[0], plan.band[1], Math.round(place.hipDeg), Math.round(place.trueKneeDeg))}</Small>
      )}
      <Small>
        {LEG_PHRASES.sure(error.sdMm)}
        {LEG_PHRASES.sureFrom(error)}
        {perHole === null ? '.' : LEG_PHRASES.sureHoles(error.sdMm / perHole)}
      </Small>
      <OddLengths odd={chosen.known?.odd ?? []} />
      <OfAChild chosen={chosen} leg={leg} />
    </YStack>
  );
}

/** Proportions say little of a child: the arm is the second opinion. */
function OfAChild({ chosen: { known }, leg }: Pick<NowProps, 'chosen' | 'leg'>) {
  if (known === null || referenceOf(known.measured)?.child !== true) return null;
  const arm = armRuleHang(leg.body.armpitToFingertip);
  return <Small color="$lookOut">{LEG_PHRASES.ofAChild(arm.hangMm, arm.sdMm)}</Small>;
}

function Picks({ chosen }: { readonly chosen: LegChosen }) {
  const { riders, saddles, leathers, known, saddle, leather, pick, loaded } = chosen;
  return (
    <YStack>
      {loaded === null ? null : (
        <Picker
          label={LEG_PHRASES.rider}
          value={known?.rider.name ?? LEG_PHRASES.none}
          options={riders.map(({ rider }) => ({ id: rider.id, name: rider.name }))}
          onPick={(riderId) => pick({ riderId, leatherId: null, purpose: null })}
        />
      )}
      <Picker
        label={LEG_PHRASES.saddle}
        value={saddle?.name ?? LEG_PHRASES.plainSaddle}
        options={[...saddles.map((s) => ({ id: s.id, name: s.name })), { id: PLAIN_SADDLE, name: LEG_PHRASES.plainSaddle }]}
        onPick={(saddleId) => pick({ saddleId })}
      />
      <Picker
        label={LEG_PHRASES.leather}
        value={leather?.name ?? LEG_PHRASES.none}
        options={leathers.map((l) => ({ id: l.id, name: l.name }))}
        onPick={(leatherId) => pick({ leatherId })}
      />
    </YStack>
  );
}

/** What the answer leans on that nobody measured. */
function Assumed({ leg, chosen }: Pick<NowProps, 'leg' | 'chosen'>) {
  const list = [
    chosen.horse === null ? LEG_PHRASES.assumedHorse : leg.known.barrelMeasured ? null : LEG_PHRASES.assumedBarrel,
    chosen.saddle === null ? LEG_PHRASES.plainSaddle : leg.known.assumed.length === 0 ? null : LEG_PHRASES.assumedSeat(leg.known.assumed),
    chosen.horse !== null && !leg.known.ground.saddle.settled ? LEG_PHRASES.assumedLevel : null,
  ].filter((words) => words !== null);
  if (list.length === 0) return null;
  return (
    <Small color="$lookOut">
      {LEG_PHRASES.assumedGround} {list.join('; ')}.
    </Small>
  );
}

/** The other things that belong to rider and leathers. */
function Ways({ visitId }: { readonly visitId: string | null }) {
  if (visitId === null) return null;
  return (
    <XStack flexWrap="wrap">
      <Button kind="quiet" tight label={LEG_PHRASES.measureBarrel} onPress={() => router.push(`/visits/${visitId}/barrel`)} />
      <Button kind="quiet" tight label={LEG_PHRASES.sidePhoto} onPress={() => router.push(`/visits/${visitId}/side-photo`)} />
      <Button kind="quiet" tight label={LEG_PHRASES.suitsBoth} onPress={() => router.push(`/visits/${visitId}/suits`)} />
    </XStack>
  );
}

function Panels({ chosen, leg, visitId, now }: LegWorkProps & { readonly now: LegNow }) {
  const { place, heel, over } = now;
  return (
    <YStack gap="$m">
      <PairPanel leg={leg} chosen={chosen} />
      {place === null || heel === null || over === null ? null : (
        <>
          <PlumbPanel heel={heel} place={place} />
          <RulesPanel leg={leg} chosen={chosen} place={place} />
          <SaddlePanel leg={leg} chosen={chosen} place={place} heel={heel} />
          <OverPanel over={over} />
          <HipPanel leg={leg} chosen={chosen} place={place} />
          <WeightPanel chosen={chosen} />
          <AgainstPanel leg={leg} chosen={chosen} />
          <BuyPanel leg={leg} chosen={chosen} />
          {visitId === null ? null : <LoadPanel visitId={visitId} leg={leg} chosen={chosen} place={place} />}
        </>
      )}
      <Bands />
      <Small>{LEG_PHRASES.ironNarrow}</Small>
    </YStack>
  );
}

const BAND_SETS = [
  { value: 'photo', label: LEG_PHRASES.bandPhoto },
  { value: 'spoken', label: LEG_PHRASES.bandSpoken },
] as const;

function Bands() {
  const { bandSet } = usePracticeSettings().rider;
  return (
    <YStack borderTopWidth={1} borderColor="$rule" paddingTop="$m" gap="$xs">
      <Body>
        {LEG_PHRASES.bandSet}: {BAND_SETS.find((b) => b.value === bandSet)!.label}
      </Body>
      {bandSet === 'spoken' ? <Small color="$lookOut">{LEG_PHRASES.bandSpokenNote}</Small> : null}
      <Button kind="quiet" label={LEG_PHRASES.changeBands} onPress={() => router.push('/practice')} />
    </YStack>
  );
}

/** Keeps the holes of every purpose with the visit, and prints their card. */
function KeepHoles({ chosen, leg, visitId }: LegWorkProps) {
  const { known, saddle, leather, pair, loaded } = chosen;
  const lines = leatherLines(leg.plans);
  // unsafe tack is held: nobody is sent home with holes for it
  const heldTack = useHeldTack();
  const held = heldTack.has(leather?.id ?? '') || heldTack.has(saddle?.id ?? '');
  const off = held || lines.length === 0 || leather === null || pair === null;
  if (visitId === null || loaded === null) {
    return (
      <Button
        grow
        kind="main"
        off={off}
        label={LEG_PHRASES.keepAndPrint}
        onPress={() => router.push(`/riders/${chosen.known!.rider.id}/leg/card` as '/')}
      />
    );
  }
  // what was kept stays to be printed
  if (loaded.closed)
    return <Button grow kind="main" label={LEG_PHRASES.keepAndPrint} onPress={() => router.push(`/visits/${visitId}/leathers-card`)} />;
  const keep = async (then: () => void) => {
    const body = { kind: 'leatherHoles' as const, riderId: known!.rider.id, leatherId: leather!.id, saddleId: saddle?.id ?? null };
    if (await loaded.note({ ...body, coreVersion: CORE_VERSION, lines }, LEG_PHRASES.kept)) then();
  };
  return (
    <>
      <Button label={LEG_PHRASES.keep} off={off} onPress={() => void keep(() => undefined)} />
      <Button
        grow
        kind="main"
        off={off}
        label={LEG_PHRASES.keepAndPrint}
        onPress={() => void keep(() => router.push(`/visits/${visitId}/leathers-card`))}
      />
    </>
  );
}
