import { presentSetup } from '../../saddle';
import { schoolById } from '../../schools';
import { horse, saddleFor } from '../../sit/__tests__/invented-horses';
import { type Ridden, type Sitting, type StrapPull, AS_PUT } from '../../sit';
import { type JudgeInput, laidFront } from '..';

/** A school whose limits the tables of these tests are written for. */
export const STATIC = schoolById('static-close');

const saddle = saddleFor(90);
/** A horse on which everything was measured that a criterion asks for. */
const body = { ...horse(), ligament: [{ xMm: 100, widthMm: 50 }], muscle: [{ xMm: 100, widthMm: 260 }], lowMarked: true };
const setup = presentSetup(saddle, 50);
const laid = laidFront(body, saddle, setup)!;

/** Numbers of a saddle that sits where nothing is wrong: every one of them inside what static close wants. */
const CLEAN = {
  settled: { state: 'settled', pose: { ...AS_PUT, heaveMm: -8 } },
  gait: 'stand' as const,
  onMuscle: 0.7,
  exact: { sinksMm: 5, meanKPa: 8, peakKPa: 10, areaCm2: 1000 },
  measures: { meanKPa: 8, peakKPa: 14, thirds: [0.33, 0.34, 0.33], near: 0.5, off: 0.5 },
  shape: { bridgeGapMm: 1, outerShare: { near: 0.2, off: 0.21 }, innerShare: { near: 0.22, off: 0.19 } },
  stiffness: { pitchNmPerDeg: 20 },
  drift: { along: 0, across: 0, slopeAlongN: 0, strapsAlongN: 0, acrossN: 0, holdsN: 300 },
  withers: { overMm: 45 as number | null, overAtMm: 10, besideMm: { near: 31, off: 29 } },
  places: {
    pointBehindRestMm: 52,
    panelBehindRestMm: 33,
    barBehindForwardMm: 121,
    channelMm: 66,
    channelSpareMm: 7,
    treeBeforeRibMm: 41,
    panelBeforeRibMm: 18,
    seatBehindLowMm: 9,
  },
  pulls: [] as readonly Partial<StrapPull>[],
};
type Clean = typeof CLEAN;
export type SittingChange = {
  readonly [K in keyof Clean]?: K extends 'pulls' | 'onMuscle' ? Clean[K] : K extends 'gait' ? Sitting['gait'] : Partial<Clean[K]>;
};

export interface InputChange extends SittingChange {
  /** Tip minus top of the front laid on its section, each side, mm; null where there is no front to lay. */
  readonly tips?: { readonly near: number; readonly off: number } | null;
  readonly grooveMm?: number | null;
  readonly straps?: JudgeInput['setup']['straps'];
  readonly padMm?: number;
  /** What of this horse wasn't measured after all. */
  readonly body?: Partial<JudgeInput['body']>;
  readonly ridden?: Ridden | null;
  readonly withersUpMm?: number;
}

/** A strap of which only its lean is said pulls 100 N down. */
const leaning = (p: Partial<StrapPull>): Partial<StrapPull> => ({
  downN: 100,
  ...(p.leanDeg !== undefined && { alongN: -100 * Math.tan((p.leanDeg * Math.PI) / 180) }),
  ...p,
});

/** A sitting with these numbers, none of them settled by the engine: what is judged is the judging. */
export function madeInput({
  tips = { near: 0, off: 0 },
  grooveMm = 130,
  straps,
  padMm = 0,
  ridden = null,
  body: notMeasured = {},
  withersUpMm,
  ...change
}: InputChange = {}): JudgeInput {
  const sitting = Object.fromEntries(
    Object.entries(CLEAN).map(([part, clean]) => {
      const changed = change[part as keyof SittingChange];
      if (Array.isArray(clean)) return [part, ((changed as Clean['pulls'] | undefined) ?? clean).map(leaning)];
      if (typeof clean !== 'object') return [part, changed ?? clean];
      return [part, { ...clean, ...(changed as object) }];
    }),
  ) as unknown as Sitting;
  return {
    body: { ...body, grooveMm, ...notMeasured },
    saddle,
    setup: { ...setup, straps: straps ?? ['second', 'third'], pad: { ...setup.pad, thicknessMm: padMm } },
    sitting,
    laid:
      tips === null ? null : { ...laid, near: { ...laid.near, tipMinusTopMm: tips.near }, off: { ...laid.off, tipMinusTopMm: tips.off } },
    ridden,
    ...(withersUpMm === undefined ? {} : { withersUpMm }),
  };
}
export const pose = (pitchDeg: number, rollDeg = 0): Clean['settled'] => ({
  state: 'settled',
  pose: { ...AS_PUT, heaveMm: -8, pitchDeg, rollDeg },
});
