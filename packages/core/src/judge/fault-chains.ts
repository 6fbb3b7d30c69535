import { DRIFT_LOOK_OUT } from '../schools/sit-defaults';
import { type School } from '../schools/school';
import { type NearOff } from '../units';
import { type JudgeInput, frontDeviationMm } from './sit-values';

/** One fault causes another; each link carries its own number. */
export type ChainLink =
  | { readonly code: 'frontWide' | 'frontNarrow'; readonly byMm: number }
  | { readonly code: 'frontDropped' | 'frontLifted'; readonly pitchDeg: number }
  | { readonly code: 'withersClose'; readonly overMm: number }
  | { readonly code: 'strapsBehindGroove' | 'strapsAheadOfGroove'; readonly leanDeg: number }
  | { readonly code: 'pulledForward' | 'pulledBack'; readonly index: number }
  | { readonly code: 'backSlopesForward' | 'backSlopesBack'; readonly newtons: number }
  | { readonly code: 'treeFlatterThanBack'; readonly gapMm: number }
  | { readonly code: 'endsCarry'; readonly share: number }
  | { readonly code: 'endsPress'; readonly peakKPa: number }
  | { readonly code: 'treeMoreCurvedThanBack'; readonly share: number }
  | { readonly code: 'tipsEasily'; readonly pitchNmPerDeg: number }
  | { readonly code: 'sideLower'; readonly side: NearOff; readonly rollDeg: number }
  | { readonly code: 'slipsToSide'; readonly side: NearOff; readonly index: number };

export interface FaultChain {
  readonly id: 'wideFront' | 'narrowFront' | 'slope' | 'flatTree' | 'curvedTree' | 'weakSide';
  readonly links: readonly ChainLink[];
}

/** From which number on a link counts as there (defaults). */
const FROM = {
  pitchDeg: 0.8,
  driftIndex: DRIFT_LOOK_OUT,
  leanDeg: 6,
  slopeN: 30,
  rollDeg: 1,
  gapMm: 3,
  middleLow: 0.22,
  middleHigh: 0.44,
  peakKPa: 30,
  across: 0.1,
} as const;

/** Chains of which the cause and at least one consequence hold, each with only the links that hold. */
export function faultChains(input: JudgeInput, school: School): FaultChain[] {
  const { sitting, laid } = input;
  const { pitchDeg, rollDeg } = sitting.settled.pose;
  const { drift, shape, measures } = sitting;
  const deviation = frontDeviationMm(laid, school);
  const tolerance = school.front.evenToleranceMm;
  const least = school.sit.withersOver?.least ?? school.withers.leastMm;
  const over = sitting.withers.overMm;
  const leans = sitting.pulls.map((p) => p.leanDeg);
  const lean = leans.length === 0 ? 0 : leans.reduce((s, l) => s + l, 0) / leans.length;
  const forward: readonly (ChainLink | false)[] = [
    lean > FROM.leanDeg && { code: 'strapsBehindGroove', leanDeg: lean },
    drift.along < -FROM.driftIndex && { code: 'pulledForward', index: drift.along },
  ];
  const backward: readonly (ChainLink | false)[] = [
    lean < -FROM.leanDeg && { code: 'strapsAheadOfGroove', leanDeg: lean },
    drift.along > FROM.driftIndex && { code: 'pulledBack', index: drift.along },
  ];
  const low: NearOff = rollDeg > 0 ? 'off' : 'near';
  const chains: readonly (readonly [FaultChain['id'], readonly (ChainLink | false)[]])[] = [
    [
      'wideFront',
      [
        deviation !== null && deviation > tolerance && { code: 'frontWide', byMm: deviation },
        pitchDeg < -FROM.pitchDeg && { code: 'frontDropped', pitchDeg },
        over !== null && over < least && { code: 'withersClose', overMm: over },
        ...forward,
      ],
    ],
    [
      'narrowFront',
      [
        deviation !== null && deviation < -tolerance && { code: 'frontNarrow', byMm: -deviation },
        pitchDeg > FROM.pitchDeg && { code: 'frontLifted', pitchDeg },
        ...backward,
      ],
    ],
    ['slope', [drift.slopeAlongN < -FROM.slopeN && { code: 'backSlopesForward', newtons: -drift.slopeAlongN }, ...forward]],
    [
      'flatTree',
      [
        shape.bridgeGapMm > FROM.gapMm && measures.thirds[1] < FROM.middleLow && { code: 'treeFlatterThanBack', gapMm: shape.bridgeGapMm },
        measures.thirds[1] < FROM.middleLow && { code: 'endsCarry', share: 1 - measures.thirds[1] },
        measures.peakKPa > FROM.peakKPa && { code: 'endsPress', peakKPa: measures.peakKPa },
      ],
    ],
    [
      'curvedTree',
      [
        measures.thirds[1] > FROM.middleHigh && { code: 'treeMoreCurvedThanBack', share: measures.thirds[1] },
        measures.thirds[1] > FROM.middleHigh && { code: 'tipsEasily', pitchNmPerDeg: sitting.stiffness.pitchNmPerDeg },
      ],
    ],
    [
      'weakSide',
      [
        Math.abs(rollDeg) > FROM.rollDeg && { code: 'sideLower', side: low, rollDeg: Math.abs(rollDeg) },
        Math.abs(drift.across) > FROM.across && {
          code: 'slipsToSide',
          side: drift.across > 0 ? 'off' : 'near',
          index: Math.abs(drift.across),
        },
      ],
    ],
  ];
  return chains.flatMap(([id, links]) => {
    const holding = links.filter((l): l is ChainLink => l !== false);
    return links[0] !== false && holding.length > 1 ? [{ id, links: holding }] : [];
  });
}
