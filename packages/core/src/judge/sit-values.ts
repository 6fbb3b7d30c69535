import { type CriterionId } from '../schools/criteria';
import { type School } from '../schools/school';
import { type SaddleSetup, type DescribedSaddle } from '../saddle/saddle-setup';
import { archOfSetting } from '../saddle/width-setting';
import { layArch, type LaidArch } from '../front/arch-on-section';
import { type HorseBody } from '../sit/body/horse-body';
import { type Sitting } from '../sit/sit';
import { wantedTipMinusTopMm } from '../front/verdict';

/** The arch of the setup on the front section alone, with its own panel depth and pad; null without a section or rest. */
export function laidFront(body: HorseBody, saddle: DescribedSaddle, setup: SaddleSetup): LaidArch | null {
  const setting = saddle.front.settings[setup.width];
  if (body.front === null || setting === undefined) return null;
  const laid = layArch(body.front.section, archOfSetting(saddle.front, setting, setup.shape), {
    panelDepthMm: setup.frontDepthMm,
    padMm: setup.pad.thicknessMm,
    panelFromSpineMm: saddle.front.frontChannelMm / 2,
  });
  return laid.ok ? laid.value : null;
}

export interface JudgeInput {
  readonly body: HorseBody;
  readonly saddle: DescribedSaddle;
  readonly setup: SaddleSetup;
  readonly sitting: Sitting;
  readonly laid: LaidArch | null;
}

/** Tip minus top over the point, mean of both sides, less what the school wants there, mm; + too wide. */
export const frontDeviationMm = (laid: LaidArch | null, school: School): number | null =>
  laid === null ? null : (laid.near.tipMinusTopMm + laid.off.tipMinusTopMm) / 2 - wantedTipMinusTopMm(school, laid.arch, laid.padding);

/** The number each criterion turns on; null where the horse wasn't measured for it. */
export const SIT_VALUES: Readonly<Record<CriterionId, (input: JudgeInput, school: School) => number | null>> = {
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
  insideMuscle: ({ sitting }) => sitting.places.insideMuscleMm,
  seatOverLow: ({ sitting }) => sitting.places.seatBehindLowMm,
  meanPressure: ({ sitting }) => sitting.measures.meanKPa,
  peakPressure: ({ sitting }) => sitting.measures.peakKPa,
  driftAlong: ({ sitting, body }) => (body.grooveMm === null ? null : sitting.drift.along),
  driftAcross: ({ sitting }) => sitting.drift.across,
  strapLean: ({ sitting, body }) =>
    body.grooveMm === null || sitting.pulls.length === 0 ? null : greatest(sitting.pulls.map((p) => p.leanDeg)),
  pointStrapUsed: ({ setup }) => (setup.straps.includes('point') ? 1 : 0),
  padThickness: ({ setup }) => setup.pad.thicknessMm,
};

const leastOf = (values: readonly (number | null)[]): number | null => {
  const known = values.flatMap((v) => v ?? []);
  return known.length === 0 ? null : Math.min(...known);
};
const greatest = (values: readonly number[]): number => values.reduce((m, v) => (Math.abs(v) > Math.abs(m) ? v : m), 0);
