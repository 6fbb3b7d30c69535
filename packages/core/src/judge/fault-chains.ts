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

type Told = ChainLink | false;

/** What the links are told from: the numbers of this sitting, and the school that says from where on they count. */
interface Evidence extends JudgeInput {
  readonly school: School;
  readonly deviationMm: number | null;
  readonly toleranceMm: number;
  /** Mean over the straps that are buckled; 0 with none. */
  readonly leanDeg: number;
}

function evidenceOf(input: JudgeInput, school: School): Evidence {
  const { laid, sitting } = input;
  const leans = sitting.pulls.map((p) => p.leanDeg);
  return {
    ...input,
    school,
    deviationMm: frontDeviationMm(laid, school),
    toleranceMm: laid === null ? Infinity : frontToleranceMm(school, laid.arch, laid.padding),
    leanDeg: leans.length === 0 ? 0 : leans.reduce((s, l) => s + l, 0) / leans.length,
  };
}

/** What pulls it toward the head once it has dropped, or where the back slopes. */
const pullsForward = ({ leanDeg, sitting: { drift }, school }: Evidence): readonly Told[] => [
  leanDeg > school.chains.leanDeg && { code: 'strapsBehindGroove', leanDeg },
  drift.along < school.rules.driftAlong.least && { code: 'pulledForward', index: drift.along },
];
const pullsBack = ({ leanDeg, sitting: { drift }, school }: Evidence): readonly Told[] => [
  leanDeg < -school.chains.leanDeg && { code: 'strapsAheadOfGroove', leanDeg },
  drift.along > school.rules.driftAlong.most && { code: 'pulledBack', index: drift.along },
];

function wideFront(evidence: Evidence): readonly Told[] {
  const { deviationMm, toleranceMm, school, sitting } = evidence;
  const { pitchDeg } = sitting.settled.pose;
  const { overMm } = sitting.withers;
  return [
    deviationMm !== null && deviationMm > toleranceMm && { code: 'frontWide', byMm: deviationMm },
    pitchDeg < -school.chains.pitchDeg && { code: 'frontDropped', pitchDeg },
    overMm !== null && overMm < school.rules.withersOver.least && { code: 'withersClose', overMm },
    ...pullsForward(evidence),
  ];
}

function narrowFront(evidence: Evidence): readonly Told[] {
  const { deviationMm, toleranceMm, school, sitting } = evidence;
  const { pitchDeg } = sitting.settled.pose;
  return [
    deviationMm !== null && deviationMm < -toleranceMm && { code: 'frontNarrow', byMm: -deviationMm },
    pitchDeg > school.chains.pitchDeg && { code: 'frontLifted', pitchDeg },
    ...pullsBack(evidence),
  ];
}

function slope(evidence: Evidence): readonly Told[] {
  const newtons = -evidence.sitting.drift.slopeAlongN;
  return [newtons > evidence.school.chains.slopeN && { code: 'backSlopesForward', newtons }, ...pullsForward(evidence)];
}

function flatTree({ sitting: { shape, measures }, school: { rules } }: Evidence): readonly Told[] {
  const middle = measures.thirds[1];
  const endsCarry = middle < rules.middleShare.least;
  return [
    shape.bridgeGapMm > rules.bridgeGap.most && endsCarry && { code: 'treeFlatterThanBack', gapMm: shape.bridgeGapMm },
    endsCarry && { code: 'endsCarry', share: 1 - middle },
    measures.peakKPa > rules.peakPressure.most && { code: 'endsPress', peakKPa: measures.peakKPa },
  ];
}

function curvedTree({ sitting: { measures, stiffness }, school: { rules } }: Evidence): readonly Told[] {
  const share = measures.thirds[1];
  if (share <= rules.middleShare.most) return [false];
  return [
    { code: 'treeMoreCurvedThanBack', share },
    { code: 'tipsEasily', pitchNmPerDeg: stiffness.pitchNmPerDeg },
  ];
}

function weakSide({ sitting, school: { chains } }: Evidence): readonly Told[] {
  const { rollDeg } = sitting.settled.pose;
  const { across } = sitting.drift;
  const sideOf = (signed: number): NearOff => (signed > 0 ? 'off' : 'near');
  return [
    Math.abs(rollDeg) > chains.rollDeg && { code: 'sideLower', side: sideOf(rollDeg), rollDeg: Math.abs(rollDeg) },
    Math.abs(across) > chains.across && { code: 'slipsToSide', side: sideOf(across), index: Math.abs(across) },
  ];
}

const CHAINS: Readonly<Record<FaultChain['id'], (evidence: Evidence) => readonly Told[]>> = {
  wideFront,
  narrowFront,
  slope,
  flatTree,
  curvedTree,
  weakSide,
};

/** Chains of which the cause and at least one consequence hold, each with only the links that hold. */
export function faultChains(input: JudgeInput, school: School): FaultChain[] {
  const evidence = evidenceOf(input, school);
  return (Object.keys(CHAINS) as FaultChain['id'][]).flatMap((id) => {
    const links = CHAINS[id](evidence);
    const holding = links.filter((l): l is ChainLink => l !== false);
    return links[0] !== false && holding.length > 1 ? [{ id, links: holding }] : [];
  });
}
