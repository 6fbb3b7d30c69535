import {
  type LegOnHorse,
  type OverTheIron,
  type PlumbParts,
  ankleRuleHangMm,
  armRuleHang,
  hipSpread,
  legOf,
  loweredBy,
  type WeightLowering,
  weightLowerings,
  weightShare,
  OTHER_TACK_KG,
  factsOfKind,
} from '@fulcra/core';
import { usePracticeSettings } from '../platform/use-views';
import { Banner } from '../ui/banner';
import { Body, Small } from '../ui/text';
import { type LoadedVisit } from '../visit';
import { LEG_PHRASES } from '../words/leg-phrases';
import { Panel } from './panel';
import { type Leg, type LegChosen } from './use-leg';

interface PlaceProps {
  readonly leg: Leg;
  readonly chosen: LegChosen;
  readonly place: LegOnHorse;
}

export function PlumbPanel({ heel: parts, place }: { readonly heel: PlumbParts; readonly place: LegOnHorse }) {
  const words = LEG_PHRASES.heelWords(parts.balance, parts.heelBehindHipMm);
  const even = parts.balance === 'even';
  return (
    <Panel title={LEG_PHRASES.plumbTitle}>
      {even || !parts.sure ? <Body>{words}</Body> : <Banner tone="lookOut">{`${words} ${LEG_PHRASES.chairCause(parts.cause)}`}</Banner>}
      {even || parts.sure ? null : <Small>{LEG_PHRASES.plumbEdge}</Small>}
      <Small>{LEG_PHRASES.barAhead(place.hip.xMm - place.hangs.bar.xMm)}</Small>
      {Math.abs(parts.fromBalanceMm) < 1 ? null : <Small>{LEG_PHRASES.partsBalance(parts.fromBalanceMm)}</Small>}
      {parts.fromLengthMm === 0 ? null : (
        <Small>{LEG_PHRASES.partsLength(parts.fromLengthMm, parts.heelBehindHipMm - parts.fromLengthMm)}</Small>
      )}
      {even || !parts.sure || parts.barShiftMm === 0 ? null : <Small>{LEG_PHRASES.barShift(parts.barShiftMm)}</Small>}
    </Panel>
  );
}

/** The lengths two rules of thumb would give, over the flap. */
export function otherRules({ body, foot }: Leg, { saddle }: LegChosen, place: LegOnHorse) {
  return {
    ankleMm: ankleRuleHangMm(legOf(body, foot), place.hangs, saddle?.kind ?? 'english'),
    arm: armRuleHang(body.armpitToFingertip),
  };
}

export function RulesPanel({ leg, chosen, place }: PlaceProps) {
  const { ankleMm, arm } = otherRules(leg, chosen, place);
  return (
    <Panel title={LEG_PHRASES.rulesTitle}>
      <Body>{LEG_PHRASES.ankleRule(ankleMm, place.hangMm)}</Body>
      <Body>{LEG_PHRASES.armRule(arm.hangMm, arm.sdMm, place.hangMm)}</Body>
      <Small>{LEG_PHRASES.rulesDiffer}</Small>
    </Panel>
  );
}

export function OverPanel({ over }: { readonly over: OverTheIron }) {
  return (
    <Panel title={LEG_PHRASES.overTitle}>
      <Body>{LEG_PHRASES.overLean(over.leanDeg)}</Body>
      {over.leanDeg === null ? null : <Small>{LEG_PHRASES.overWhere(over.behindAnkleMm, over.behindToeMm, over.sittingBehindMm)}</Small>}
    </Panel>
  );
}

/** What a higher seat is tried with, mm. */
const HIGHER_MM = 20;

export function HipPanel({ leg, chosen, place }: PlaceProps) {
  const { ground } = leg.known;
  const above = place.hip.zMm - ground.saddle.backZMm;
  const half = leg.body.hipJointHalfDistance.mm;
  const spread = hipSpread(ground.barrel, half, above);
  const higher = hipSpread(ground.barrel, half, above + HIGHER_MM);
  const words = LEG_PHRASES.hipSpread(spread.deg, spread.level);
  return (
    <Panel title={LEG_PHRASES.hipTitle}>
      {spread.level === 'caution' ? <Banner tone="lookOut">{words}</Banner> : <Body>{words}</Body>}
      <Small>{spread.aboveTheWidest ? LEG_PHRASES.hipHigher(HIGHER_MM, higher.deg) : LEG_PHRASES.hipWidest}</Small>
      {chosen.known?.rider.injuries.includes('hip') ? <Small>{LEG_PHRASES.hipInjury}</Small> : null}
    </Panel>
  );
}

/** Rider and tack over the horse's weight, as the practice's levels judge it. */
export function WeightPanel({ chosen }: { readonly chosen: LegChosen }) {
  const { weightPercent } = usePracticeSettings().rider;
  if (chosen.horse === null) return null;
  const horseKg = factsOfKind(chosen.horse.facts, 'intake').findLast((f) => f.field === 'weightKg')?.value;
  const riderKg = chosen.known?.rider.weightKg ?? null;
  if (typeof horseKg !== 'number') return <Unknown words={LEG_PHRASES.weightUnknownHorse} />;
  if (riderKg === null) return <Unknown words={LEG_PHRASES.weightUnknownRider} />;
  const saddleKg = chosen.saddle?.build.frame.massKg ?? 0;
  const loadKg = riderKg + saddleKg + OTHER_TACK_KG;
  const lowerings = loweringsOf(chosen.loaded!);
  const share = weightShare(loadKg, horseKg, loweredBy(lowerings), weightPercent);
  const words = LEG_PHRASES.weightWord(share.level, share.borderline);
  return (
    <Panel title={LEG_PHRASES.weightTitle}>
      <Body>{LEG_PHRASES.weight(loadKg, horseKg, share.percent)}</Body>
      {share.level === 'fine' || share.level === 'note' ? (
        <Body>{words}</Body>
      ) : (
        <Banner tone={share.level === 'professional' ? 'bad' : 'lookOut'}>{words}</Banner>
      )}
      {lowerings.length === 0 ? null : <Small>{LEG_PHRASES.weightLowered(lowerings, loweredBy(lowerings))}</Small>}
      <Small>{LEG_PHRASES.weightParts(riderKg, saddleKg, OTHER_TACK_KG)}</Small>
      <Small>{LEG_PHRASES.weightIdeal}</Small>
    </Panel>
  );
}

/** What lowers the levels for this horse, from what was said and felt. */
function loweringsOf({ page, measured }: LoadedVisit): WeightLowering[] {
  const { bornYear } = page.horse;
  const work = factsOfKind(page.facts, 'intake').findLast((f) => f.field === 'work')?.value;
  const ageYears = bornYear === null ? null : Number(page.visit.startedOn.slice(0, 4)) - bornYear;
  return weightLowerings({ ageYears, unfit: work === 'none', soreBack: measured.hold.state !== 'clear' });
}

const Unknown = ({ words }: { readonly words: string }) => (
  <Panel title={LEG_PHRASES.weightTitle}>
    <Small>{words}</Small>
  </Panel>
);
