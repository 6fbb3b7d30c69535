import { type FrontArch } from '../saddle/front-arch';
import { type School } from '../schools/school';
import { type NearOff, SIDES, otherSide, radFromDeg } from '../units';
import { type LaidArch, type SideGaps } from './arch-on-section';
import { type Padding, bearingPart } from './padding';

export const FRONT_VERDICTS = ['even', 'narrow', 'wide', 'sidesDiffer', 'withersLow', 'withersTight', 'withersHigh'] as const;
export type FrontVerdictCode = (typeof FRONT_VERDICTS)[number];
export type Severity = 'good' | 'lookOut' | 'bad';

/** Why, as data. The interface finds the words. */
export type Reason =
  | { readonly code: 'tipCloser' | 'topCloser'; readonly byMm: number }
  | { readonly code: 'evenOverPoint'; readonly byMm: number; readonly toleranceMm: number }
  | { readonly code: 'oneWidthOver'; readonly wantedMm: number; readonly byMm: number }
  | { readonly code: 'sideTighter'; readonly side: NearOff; readonly byMm: number }
  | {
      readonly code: 'withersClearance';
      /** Under saddle and rider, and half of the interval of nine in ten. */
      readonly clearanceMm: number;
      readonly halfMm: number;
      /** What it is of: this saddle, or whichever it is built into. */
      readonly from: Padding['sinkFrom'];
      readonly leastMm: number;
      readonly mostMm: number | null;
    }
  | {
      readonly code: 'besideWithersClose';
      readonly side: NearOff;
      /** Under saddle and rider, and half of the interval of nine in ten. */
      readonly roomMm: number;
      readonly halfMm: number;
      readonly leastMm: number;
    }
  | { readonly code: 'crownTouches' }
  | { readonly code: 'extrapolated'; readonly side: NearOff }
  | { readonly code: 'otherStation'; readonly takenMm: number; readonly wantedMm: number };

export type Remedy =
  | {
      readonly code: 'narrower' | 'wider';
      readonly widths: number;
      readonly byDeg: number;
      /** What the saddle calls it; absent for a free width. */
      readonly to?: string;
    }
  | { readonly code: 'liftFront'; readonly byMm: number }
  | { readonly code: 'liftSide'; readonly side: NearOff; readonly byMm: number }
  | { readonly code: 'takeAtStation'; readonly stationMm: number }
  | { readonly code: 'traceDeeper'; readonly side: NearOff };

/** How little would turn the verdict. */
export interface Flip {
  readonly to: FrontVerdictCode;
  readonly byDeg: number | null;
  readonly byMm: number;
}

export interface FrontVerdict {
  readonly code: FrontVerdictCode;
  readonly severity: Severity;
  /** Widths off what the school wants: + too wide, - too narrow, 0 right. Of the school's step, or with `ownSteps` of the saddle's. */
  readonly widthsOff: number;
  readonly ownSteps?: boolean;
  /** Its hard word lies within the error of how far it comes down: looked at, not refused. */
  readonly borderline: boolean;
  /** Mean of both sides, tip minus top, less what the school wants there, mm. */
  readonly deviationMm: number;
  readonly toleranceMm: number;
  readonly reasons: readonly Reason[];
  readonly remedies: readonly Remedy[];
  readonly flips: readonly Flip[];
}

/** Change of tip minus top that one degree of included angle makes on a straight side, mm: L sin(0.5 deg). */
export const mmPerDegree = (arch: FrontArch, padding: Padding): number => bearingPart(arch, padding).lengthMm * Math.sin(radFromDeg(0.5));

/** What the school wants tip minus top to be: zero, or what its widths-over open at the tip. */
export const wantedTipMinusTopMm = (school: School, arch: FrontArch, padding: Padding): number =>
  bearingPart(arch, padding).lengthMm * Math.sin(radFromDeg((school.front.widthsOver * school.front.widthStepDeg) / 2));

/** How far tip minus top may lie from what the school wants, mm: its rule, or its band of angle where that is wider. */
export const frontToleranceMm = (school: School, arch: FrontArch, padding: Padding): number =>
  Math.max(school.rules.frontEven.most, school.front.bandDeg * mmPerDegree(arch, padding));

/**
 * What a laid front arch means under a school.
 * @param takenAtMm station the section was really taken at, mm behind the scapula
 */
export function judgeFront(laid: LaidArch, school: School, takenAtMm: number): FrontVerdict {
  const wantedMm = wantedTipMinusTopMm(school, laid.arch, laid.padding);
  const byMm = (laid.near.tipMinusTopMm + laid.off.tipMinusTopMm) / 2;
  const deviationMm = byMm - wantedMm;
  const toleranceMm = frontToleranceMm(school, laid.arch, laid.padding);
  const code = verdictCode(laid, school, deviationMm, toleranceMm);
  const borderline = code === 'withersLow' && isNearLeast(laid, school);
  const widthsOff = widthsOffEven(laid, school, deviationMm, toleranceMm);
  return {
    code,
    severity: borderline ? 'lookOut' : severityOf(code, school),
    borderline,
    widthsOff,
    deviationMm,
    toleranceMm,
    reasons: reasonsFor(laid, school, { byMm, wantedMm, deviationMm, toleranceMm, takenAtMm }),
    remedies: remediesFor(laid, school, { code, widthsOff, deviationMm, takenAtMm }),
    flips: flipsFor(laid, school, deviationMm, toleranceMm),
  };
}

function verdictCode(laid: LaidArch, school: School, deviationMm: number, toleranceMm: number): FrontVerdictCode {
  if (deviationMm < -toleranceMm) return 'narrow';
  if (deviationMm > toleranceMm) return 'wide';
  if (laid.restsOn === 'crown' || laid.loadedMm < school.rules.withersOver.least) return 'withersLow';
  // within the error of how far it comes down nothing is told of the sides: it is said among the reasons
  if (besideClose(laid, school).some((b) => b.roomMm + b.halfMm < b.leastMm)) return 'withersTight';
  if (tighterSide(laid, school) !== null) return 'sidesDiffer';
  if (school.rules.withersOver.most !== null && laid.loadedMm > school.rules.withersOver.most) return 'withersHigh';
  return 'even';
}

/** Only the room over the withers is missed, and by less than its error. */
const isNearLeast = (laid: LaidArch, school: School): boolean =>
  laid.restsOn !== 'crown' && school.rules.withersOver.least - laid.loadedMm < laid.padding.sinkHalfMm;

/** Beside the withers it is as hard as the school's own rule for it. */
function severityOf(code: FrontVerdictCode, { rules }: School): Severity {
  if (code === 'even') return 'good';
  if (code === 'withersTight') return rules.withersBeside.hardStop === 'least' ? 'bad' : 'lookOut';
  return code === 'sidesDiffer' || code === 'withersHigh' ? 'lookOut' : 'bad';
}

function widthsOffEven(laid: LaidArch, school: School, deviationMm: number, toleranceMm: number): number {
  if (Math.abs(deviationMm) <= toleranceMm) return 0;
  const oneWidthMm = school.front.widthStepDeg * mmPerDegree(laid.arch, laid.padding);
  return Math.sign(deviationMm) * Math.max(1, Math.round(Math.abs(deviationMm) / oneWidthMm));
}

/** The side whose point lies closer by more than the tolerance, or null. */
export function tighterSide(laid: LaidArch, school: School): { side: NearOff; byMm: number } | null {
  const byMm = laid.off.meanMm - laid.near.meanMm;
  if (Math.abs(byMm) <= school.rules.frontEven.most) return null;
  return { side: byMm > 0 ? 'near' : 'off', byMm: Math.abs(byMm) };
}

const gapsOf = (laid: LaidArch, side: NearOff): SideGaps => (side === 'near' ? laid.near : laid.off);

/** Sides with less room beside the withers than the school wants; what a front comes down takes less there, square to its side. */
const besideClose = (laid: LaidArch, school: School) => {
  const leastMm = school.rules.withersBeside.least;
  const halfMm = laid.padding.sinkHalfMm * Math.sin(radFromDeg(laid.arch.includedAngleDeg / 2));
  return SIDES.flatMap((side) => {
    const roomMm = gapsOf(laid, side).besideWithersMm;
    return roomMm !== null && roomMm < leastMm ? [{ side, roomMm, halfMm, leastMm }] : [];
  });
};

interface Found {
  readonly byMm: number;
  readonly wantedMm: number;
  readonly deviationMm: number;
  readonly toleranceMm: number;
  readonly takenAtMm: number;
}

function reasonsFor(laid: LaidArch, school: School, found: Found): Reason[] {
  const tighter = tighterSide(laid, school);
  return [
    angleReason(found),
    {
      code: 'withersClearance',
      clearanceMm: laid.loadedMm,
      halfMm: laid.padding.sinkHalfMm,
      from: laid.padding.sinkFrom,
      leastMm: school.rules.withersOver.least,
      mostMm: school.rules.withersOver.most,
    },
    ...(laid.restsOn === 'crown' ? [{ code: 'crownTouches' } as const] : []),
    ...besideClose(laid, school).map((close) => ({ code: 'besideWithersClose' as const, ...close })),
    ...(tighter === null ? [] : [{ code: 'sideTighter' as const, ...tighter }]),
    ...SIDES.filter((side) => gapsOf(laid, side).extrapolated).map((side) => ({ code: 'extrapolated' as const, side })),
    ...(found.takenAtMm === school.front.stationMm
      ? []
      : [{ code: 'otherStation' as const, takenMm: found.takenAtMm, wantedMm: school.front.stationMm }]),
  ];
}

function angleReason({ byMm, wantedMm, deviationMm, toleranceMm }: Found): Reason {
  if (wantedMm > 0 && Math.abs(deviationMm) <= toleranceMm) return { code: 'oneWidthOver', wantedMm, byMm };
  if (deviationMm > toleranceMm) return { code: 'topCloser', byMm };
  if (deviationMm < -toleranceMm) return { code: 'tipCloser', byMm: -byMm };
  return { code: 'evenOverPoint', byMm, toleranceMm };
}

interface Judged {
  readonly code: FrontVerdictCode;
  readonly widthsOff: number;
  readonly deviationMm: number;
  readonly takenAtMm: number;
}

function remediesFor(laid: LaidArch, school: School, judged: Judged): Remedy[] {
  const tighter = tighterSide(laid, school);
  const short = school.rules.withersOver.least - laid.loadedMm;
  const other: NearOff | null = tighter === null ? null : otherSide(tighter.side);
  return [
    ...widthRemedy(laid, judged),
    ...(judged.code === 'wide' || short > 0 ? [{ code: 'liftFront' as const, byMm: liftMm(laid, judged, short) }] : []),
    ...(other === null ? [] : [{ code: 'liftSide' as const, side: other, byMm: tighter!.byMm }]),
    ...SIDES.filter((side) => gapsOf(laid, side).extrapolated).map((side) => ({ code: 'traceDeeper' as const, side })),
    ...(judged.takenAtMm === school.front.stationMm ? [] : [{ code: 'takeAtStation' as const, stationMm: school.front.stationMm }]),
  ];
}

function widthRemedy(laid: LaidArch, { widthsOff, deviationMm }: Judged): Remedy[] {
  if (widthsOff === 0) return [];
  const byDeg = Math.abs(deviationMm) / mmPerDegree(laid.arch, laid.padding);
  return [{ code: widthsOff > 0 ? 'narrower' : 'wider', widths: Math.abs(widthsOff), byDeg }];
}

/**
 * Thickness under the front that puts back what is missing, mm: half the opening at the tip for a wide front
 * (the wedge's mean), or the missing clearance; a thicker panel by t raises the crown by t / sin(half angle).
 */
function liftMm(laid: LaidArch, judged: Judged, shortMm: number): number {
  const sine = Math.sin(radFromDeg(laid.arch.includedAngleDeg / 2));
  return Math.max(judged.code === 'wide' ? judged.deviationMm / 2 : 0, shortMm * sine);
}

function flipsFor(laid: LaidArch, school: School, deviationMm: number, toleranceMm: number): Flip[] {
  const perDeg = mmPerDegree(laid.arch, laid.padding);
  const toNarrow = deviationMm + toleranceMm;
  const toWide = toleranceMm - deviationMm;
  const spare = laid.loadedMm - school.rules.withersOver.least;
  const angleFlips: Flip[] =
    toNarrow < 0
      ? [{ to: 'even', byDeg: -toNarrow / perDeg, byMm: -toNarrow }]
      : toWide < 0
        ? [{ to: 'even', byDeg: -toWide / perDeg, byMm: -toWide }]
        : [
            { to: 'narrow', byDeg: toNarrow / perDeg, byMm: toNarrow },
            { to: 'wide', byDeg: toWide / perDeg, byMm: toWide },
          ];
  return spare >= 0 ? [...angleFlips, { to: 'withersLow', byDeg: null, byMm: spare }] : angleFlips;
}
