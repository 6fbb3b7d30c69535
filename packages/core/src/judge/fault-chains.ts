import { type School } from '../schools/school';
import { type NearOff } from '../units';
import { frontToleranceMm } from '../front/verdict';
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

/** Chains of which the cause and at least one consequence hold, each with only the links that hold. */
export function faultChains(input: JudgeInput, school: School): FaultChain[] {
  const { sitting, laid } = input;
  const { pitchDeg, rollDeg } = sitting.settled.pose;
  const { drift, shape, measures } = sitting;
  const deviation = frontDeviationMm(laid, school);
  const tolerance = laid === null ? Infinity : frontToleranceMm(school, laid.arch, laid.padding);
  const { chains: from, rules } = school;
  const least = rules.withersOver.least;
  const over = sitting.withers.overMm;
  const leans = sitting.pulls.map((p) => p.leanDeg);
  const lean = leans.length === 0 ? 0 : leans.reduce((s, l) => s + l, 0) / leans.length;
  const forward: readonly (ChainLink | false)[] = [
    lean > from.leanDeg && { code: 'strapsBehindGroove', leanDeg: lean },
    drift.along < rules.driftAlong.least && { code: 'pulledForward', index: drift.along },
  ];
  const backward: readonly (ChainLink | false)[] = [
    lean < -from.leanDeg && { code: 'strapsAheadOfGroove', leanDeg: lean },
    drift.along > rules.driftAlong.most && { code: 'pulledBack', index: drift.along },
  ];
  const low: NearOff = rollDeg > 0 ? 'off' : 'near';
  const chains: readonly (readonly [FaultChain['id'], readonly (ChainLink | false)[]])[] = [
    [
      'wideFront',
      [
        deviation !== null && deviation > tolerance && { code: 'frontWide', byMm: deviation },
        pitchDeg < -from.pitchDeg && { code: 'frontDropped', pitchDeg },
        over !== null && over < least && { code: 'withersClose', overMm: over },
        ...forward,
      ],
    ],
    [
      'narrowFront',
      [
        deviation !== null && deviation < -tolerance && { code: 'frontNarrow', byMm: -deviation },
        pitchDeg > from.pitchDeg && { code: 'frontLifted', pitchDeg },
        ...backward,
      ],
    ],
    ['slope', [drift.slopeAlongN < -from.slopeN && { code: 'backSlopesForward', newtons: -drift.slopeAlongN }, ...forward]],
    [
      'flatTree',
      [
        shape.bridgeGapMm > rules.bridgeGap.most &&
          measures.thirds[1] < rules.middleShare.least && { code: 'treeFlatterThanBack', gapMm: shape.bridgeGapMm },
        measures.thirds[1] < rules.middleShare.least && { code: 'endsCarry', share: 1 - measures.thirds[1] },
        measures.peakKPa > rules.peakPressure.most && { code: 'endsPress', peakKPa: measures.peakKPa },
      ],
    ],
    [
      'curvedTree',
      [
        measures.thirds[1] > rules.middleShare.most && { code: 'treeMoreCurvedThanBack', share: measures.thirds[1] },
        measures.thirds[1] > rules.middleShare.most && { code: 'tipsEasily', pitchNmPerDeg: sitting.stiffness.pitchNmPerDeg },
      ],
    ],
    [
      'weakSide',
      [
        Math.abs(rollDeg) > from.rollDeg && { code: 'sideLower', side: low, rollDeg: Math.abs(rollDeg) },
        Math.abs(drift.across) > from.across && {
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
