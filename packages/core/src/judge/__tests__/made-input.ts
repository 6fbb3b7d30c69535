import { presentSetup } from '../../saddle';
import { schoolById } from '../../schools';
import { horse, saddleFor } from '../../sit/__tests__/invented-horses';
import { type Sitting, type StrapPull } from '../../sit';
import { type JudgeInput, laidFront } from '..';

/** A school whose limits the tables of these tests are written for. */
export const STATIC = schoolById('static-close');

const saddle = saddleFor(90);
const body = horse();
const setup = presentSetup(saddle, 50);
const laid = laidFront(body, saddle, setup)!;

/** Numbers of a saddle that sits where nothing is wrong: every one of them inside what static close wants. */
const CLEAN = {
  settled: { state: 'settled', pose: { heaveMm: -8, pitchDeg: 0, rollDeg: 0 } },
  measures: { meanKPa: 8, peakKPa: 14, thirds: [0.33, 0.34, 0.33], near: 0.5, off: 0.5 },
  shape: { bridgeGapMm: 1, outerShare: { near: 0.2, off: 0.21 }, innerShare: { near: 0.22, off: 0.19 } },
  stiffness: { pitchNmPerDeg: 20, rollNmPerDeg: 12 },
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
    insideMuscleMm: -12,
    seatBehindLowMm: 9,
  },
  pulls: [] as readonly Partial<StrapPull>[],
};
type Clean = typeof CLEAN;
export type SittingChange = { readonly [K in keyof Clean]?: K extends 'pulls' ? Clean[K] : Partial<Clean[K]> };

export interface InputChange extends SittingChange {
  /** Tip minus top of the front laid on its section, each side, mm; null where there is no front to lay. */
  readonly tips?: { readonly near: number; readonly off: number } | null;
  readonly grooveMm?: number | null;
  readonly straps?: JudgeInput['setup']['straps'];
  readonly padMm?: number;
}

/** A sitting with these numbers, none of them settled by the engine: what is judged is the judging. */
export function madeInput({ tips = { near: 0, off: 0 }, grooveMm = 130, straps, padMm = 0, ...change }: InputChange = {}): JudgeInput {
  const sitting = Object.fromEntries(
    Object.entries(CLEAN).map(([part, clean]) => {
      const changed = change[part as keyof SittingChange];
      return [part, Array.isArray(clean) ? (changed ?? clean) : { ...clean, ...changed }];
    }),
  ) as unknown as Sitting;
  return {
    body: { ...body, grooveMm },
    saddle,
    setup: { ...setup, straps: straps ?? ['second', 'third'], pad: { ...setup.pad, thicknessMm: padMm } },
    sitting,
    laid:
      tips === null ? null : { ...laid, near: { ...laid.near, tipMinusTopMm: tips.near }, off: { ...laid.off, tipMinusTopMm: tips.off } },
  };
}
export const pose = (pitchDeg: number, rollDeg = 0): Clean['settled'] => ({ state: 'settled', pose: { heaveMm: -8, pitchDeg, rollDeg } });
