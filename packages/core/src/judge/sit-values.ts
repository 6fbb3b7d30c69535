import { type CriterionId, CRITERIA } from '../schools/criteria';
import { type Need } from '../schools/needs';
import { type School } from '../schools/school';
import { type SaddleSetup, type DescribedSaddle } from '../saddle/saddle-setup';
import { archOfSetting } from '../saddle/width-setting';
import { layArch, type LaidArch } from '../front/arch-on-section';
import { type FrontSink } from '../front/padding';
import { type HorseBody, scapulaEdgeMm } from '../sit/body/horse-body';
import { strapsLeanDeg } from '../sit/girth';
import { type Ridden } from '../sit/ridden';
import { type Sitting } from '../sit/sit';
import { type StrideGaitId, STRIDE_GAITS } from '../schools/stride';
import { wantedTipMinusTopMm } from '../front/verdict';

/** A sitting says itself how far the front comes down: then only how it lies is read off the arch. */
const AS_IT_TOUCHES: FrontSink = { mm: 0, halfMm: 0, from: 'saddle' };

/**
 * The arch of the setup on the front section alone, with its own panel depth and pad; null without a section or rest.
 * @param sink where the front alone is to be judged, how far it comes down
 */
export function laidFront(body: HorseBody, saddle: DescribedSaddle, setup: SaddleSetup, sink: FrontSink = AS_IT_TOUCHES): LaidArch | null {
  const setting = saddle.front.settings[setup.width];
  if (body.front === null || setting === undefined) return null;
  const laid = layArch(body.front.section, archOfSetting(saddle.front, setting, setup.shape), {
    panelDepthMm: setup.frontDepthMm,
    padMm: setup.pad.thicknessMm,
    panelFromSpineMm: saddle.front.frontChannelMm / 2,
    sinkMm: sink.mm,
    sinkHalfMm: sink.halfMm,
    sinkFrom: sink.from,
  });
  return laid.ok ? laid.value : null;
}

export interface JudgeInput {
  readonly body: HorseBody;
  readonly saddle: DescribedSaddle;
  readonly setup: SaddleSetup;
  readonly sitting: Sitting;
  readonly laid: LaidArch | null;
  /** What strides and pushes found; null while only the standing saddle was asked for. */
  readonly ridden: Ridden | null;
  /** How far the withers have come up since this saddle was fitted, mm; absent where that isn't known. */
  readonly withersUpMm?: number | null;
}

/** Tip minus top over the point, mean of both sides, less what the school wants there, mm; + too wide. */
export const frontDeviationMm = (laid: LaidArch | null, school: School): number | null =>
  laid === null ? null : (laid.near.tipMinusTopMm + laid.off.tipMinusTopMm) / 2 - wantedTipMinusTopMm(school, laid.arch, laid.padding);

/** What must have been measured before a saddle's sitting says anything, and whether it was on this horse. */
const MEASURED: Readonly<Partial<Record<Need, (body: HorseBody) => boolean>>> = {
  frontSection: (body) => body.front !== null,
  scapulaAtRest: (body) => scapulaEdgeMm(body, 'restMm') !== null,
  scapulaTravel: (body) => scapulaEdgeMm(body, 'forwardMm') !== null,
  lastRib: (body) => body.lastRibMm !== null,
  spineLigament: (body) => body.ligament.length > 0,
  longMuscle: (body) => body.muscle.length > 0,
  girthGroove: (body) => body.grooveMm !== null,
  topline: (body) => body.surface.hasTopline,
  lowPoint: (body) => body.lowMarked,
};

/** What a criterion still waits for on this horse. */
export const missingFor = (id: CriterionId, body: HorseBody): readonly Need[] =>
  CRITERIA[id].needs.filter((need) => MEASURED[need]?.(body) === false);

/** The number a criterion turns on; null where the horse wasn't measured for it: what isn't measured isn't judged. */
export const valueOf = (id: CriterionId, input: JudgeInput, school: School): number | null =>
  missingFor(id, input.body).length > 0 ? null : SIT_VALUES[id](input, school);

/** The numbers themselves, whatever was measured. */
const SIT_VALUES: Readonly<Record<CriterionId, (input: JudgeInput, school: School) => number | null>> = {
  sits: ({ sitting }) => (sitting.settled.state === 'settled' ? 1 : 0),
  withersOver: ({ sitting }) => sitting.withers.overMm,
  withersBeside: ({ sitting }) => leastOf([sitting.withers.besideMm.near, sitting.withers.besideMm.off]),
  pointBehindScapula: ({ sitting }) => sitting.places.pointBehindRestMm,
  panelBehindScapula: ({ sitting }) => sitting.places.panelBehindRestMm,
  barBehindForward: ({ sitting }) => sitting.places.barBehindForwardMm,
  channelWidth: ({ sitting }) => sitting.places.channelMm,
  ligamentClear: ({ sitting }) => sitting.places.channelSpareMm,
  treeBeforeRib: ({ sitting }) => sitting.places.treeBeforeRibMm,
  panelBeforeRib: ({ sitting }) => sitting.places.panelBeforeRibMm,
  frontEven: ({ laid }, school) => frontDeviationMm(laid, school),
  middleShare: ({ sitting }) => sitting.measures.thirds[1],
  bridgeGap: ({ sitting }) => sitting.shape.bridgeGapMm,
  seatLevel: ({ sitting }) => sitting.settled.pose.pitchDeg,
  roll: ({ sitting }) => sitting.settled.pose.rollDeg,
  nearShare: ({ sitting }) => sitting.measures.near,
  edgeShare: ({ sitting: { shape } }) => Math.max(shape.outerShare.near, shape.outerShare.off, shape.innerShare.near, shape.innerShare.off),
  loadOnMuscle: ({ sitting }) => sitting.onMuscle,
  seatOverLow: ({ sitting }) => sitting.places.seatBehindLowMm,
  loadOnArea: ({ sitting }) => (sitting.gait === 'stand' ? sitting.exact.meanKPa : null),
  peakRatio: ({ sitting }) => ratioOf(sitting),
  driftAlong: ({ sitting }) => sitting.drift.along,
  driftAcross: ({ sitting }) => sitting.drift.across,
  strapLean: ({ sitting }) => (sitting.pulls.length === 0 ? null : strapsLeanDeg(sitting.pulls)),
  pointStrapUsed: ({ setup }) => (setup.straps.includes('point') ? 1 : 0),
  padThickness: ({ setup }) => setup.pad.thicknessMm,
  rollShape: ({ ridden }) => ridden?.rollShapeNmPerDeg ?? null,
  rollPush: ({ ridden }) => ridden?.push?.rollNmPerDeg ?? null,
  rollLetsGo: ({ ridden }, { engine }) => (ridden?.push == null ? null : (ridden.push.letsGoNm ?? engine.pushes.mostNm)),
  yawPush: ({ ridden }) => ridden?.push?.yawNmPerDeg ?? null,
  creepWalk: creepIn('walk'),
  creepTrot: creepIn('trotSitting'),
  creepCanter: creepIn('canterNear', 'canterOff'),
  peakRatioRidden: ({ ridden }) => greatestOf(stridesOf(ridden, ['walk', 'trotSitting']).map((s) => s.peak?.ratio ?? null)),
  withersRidden: ({ ridden }) => leastOf(stridesOf(ridden, STRIDE_GAITS).map((s) => s.leastOverWithersMm?.mm ?? null)),
};

/** Peak over this rider's exact fit's; null where nothing is carried or nothing rests. */
export const ratioOf = ({ measures, exact, settled }: Pick<Sitting, 'measures' | 'exact' | 'settled'>): number | null =>
  settled.state === 'settled' && exact.peakKPa > 0 ? measures.peakKPa / exact.peakKPa : null;

const stridesOf = (ridden: Ridden | null, gaits: readonly StrideGaitId[]) => gaits.flatMap((gait) => ridden?.strides[gait] ?? []);

/** The worst of these gaits from one stride to the next, mm; as far as it may go at all where it found no rest. */
function creepIn(...gaits: readonly StrideGaitId[]) {
  return ({ ridden }: JudgeInput, { engine }: School): number | null =>
    greatestOf(stridesOf(ridden, gaits).map((s) => s.creepMm ?? engine.stays.levelMm));
}

const greatestOf = (values: readonly (number | null)[]): number | null => {
  const known = values.flatMap((v) => v ?? []);
  return known.length === 0 ? null : Math.max(...known);
};

const leastOf = (values: readonly (number | null)[]): number | null => {
  const known = values.flatMap((v) => v ?? []);
  return known.length === 0 ? null : Math.min(...known);
};
