import { type School } from '../schools/school';
import { type NearOff } from '../units';
import { frontToleranceMm } from '../front/verdict';
import { strapsLeanDeg } from '../sit/girth';
import { type JudgeInput, frontDeviationMm, missingFor, ratioOf } from './sit-values';
import { type CriterionId } from '../schools/criteria';

/** One fault causes another; each link carries its own number. */
export type ChainLink =
  | { readonly code: 'frontWide' | 'frontNarrow'; readonly byMm: number }
  | { readonly code: 'frontDropped' | 'frontLifted'; readonly pitchDeg: number }
  | { readonly code: 'withersClose'; readonly overMm: number }
  | { readonly code: 'strapsBehindGroove' | 'strapsAheadOfGroove'; readonly leanDeg: number }
  | { readonly code: 'strapsPull'; readonly newtons: number; readonly towards: 'head' | 'tail' }
  | { readonly code: 'pulledForward' | 'pulledBack'; readonly index: number }
  | { readonly code: 'backSlopesForward' | 'backSlopesBack'; readonly newtons: number }
  | { readonly code: 'treeFlatterThanBack'; readonly gapMm: number }
  | { readonly code: 'endsCarry'; readonly share: number }
  | { readonly code: 'endsPress'; readonly ratio: number }
  | { readonly code: 'treeMoreCurvedThanBack'; readonly share: number }
  | { readonly code: 'tipsEasily'; readonly pitchNmPerDeg: number }
  | { readonly code: 'sideLower'; readonly side: NearOff; readonly rollDeg: number }
  | { readonly code: 'slipsToSide'; readonly side: NearOff; readonly index: number }
  | { readonly code: 'rearCarries'; readonly share: number }
  | { readonly code: 'turnsByShape'; readonly nmPerDeg: number }
  | { readonly code: 'letsGoEarly'; readonly nm: number }
  | { readonly code: 'withersUp'; readonly byMm: number };

export interface FaultChain {
  readonly id:
    | 'wideFront'
    | 'narrowFront'
    | 'slope'
    | 'slopeBack'
    | 'groove'
    | 'grooveBehind'
    | 'flatTree'
    | 'curvedTree'
    | 'weakSide'
    | 'croup'
    | 'roundBarrel'
    | 'improving';
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
  /** Whether the horse was measured for what a criterion reads: what isn't measured is no link. */
  readonly tells: (id: CriterionId) => boolean;
}

function evidenceOf(input: JudgeInput, school: School): Evidence {
  const { laid, sitting } = input;
  return {
    ...input,
    school,
    deviationMm: frontDeviationMm(laid, school),
    toleranceMm: laid === null ? Infinity : frontToleranceMm(school, laid.arch, laid.padding),
    tells: (id) => missingFor(id, input.body).length === 0,
    leanDeg: strapsLeanDeg(sitting.pulls),
  };
}

/** What pulls it toward the head once it has dropped, or where the back slopes. */
const pullsForward = ({ leanDeg, sitting: { drift }, school, tells }: Evidence): readonly Told[] => [
  tells('strapLean') && leanDeg > school.chains.leanDeg && { code: 'strapsBehindGroove', leanDeg },
  tells('driftAlong') && drift.along < -school.chains.along && { code: 'pulledForward', index: drift.along },
];
const pullsBack = ({ leanDeg, sitting: { drift }, school, tells }: Evidence): readonly Told[] => [
  tells('strapLean') && leanDeg < -school.chains.leanDeg && { code: 'strapsAheadOfGroove', leanDeg },
  tells('driftAlong') && drift.along > school.chains.along && { code: 'pulledBack', index: drift.along },
];

function wideFront(evidence: Evidence): readonly Told[] {
  const { deviationMm, toleranceMm, school, sitting, tells } = evidence;
  const { pitchDeg } = sitting.settled.pose;
  const { overMm } = sitting.withers;
  return [
    deviationMm !== null && deviationMm > toleranceMm && { code: 'frontWide', byMm: deviationMm },
    tells('seatLevel') && pitchDeg < -school.chains.pitchDeg && { code: 'frontDropped', pitchDeg },
    overMm !== null && overMm < school.rules.withersOver.least && { code: 'withersClose', overMm },
    ...pullsForward(evidence),
  ];
}

function narrowFront(evidence: Evidence): readonly Told[] {
  const { deviationMm, toleranceMm, school, sitting, tells } = evidence;
  const { pitchDeg } = sitting.settled.pose;
  return [
    deviationMm !== null && deviationMm < -toleranceMm && { code: 'frontNarrow', byMm: -deviationMm },
    tells('seatLevel') && pitchDeg > school.chains.pitchDeg && { code: 'frontLifted', pitchDeg },
    ...pullsBack(evidence),
  ];
}

function slope(evidence: Evidence): readonly Told[] {
  const newtons = -evidence.sitting.drift.slopeAlongN;
  return [
    evidence.tells('driftAlong') && newtons > evidence.school.chains.slopeN && { code: 'backSlopesForward', newtons },
    ...pullsForward(evidence),
  ];
}

/** What the girth does by itself stands between its lean and what comes of it. */
function withPull({ sitting, school }: Evidence, [lean, ...rest]: readonly Told[], sign: 1 | -1): readonly Told[] {
  const newtons = sign * sitting.drift.strapsAlongN;
  return [lean!, newtons > school.chains.pullN && { code: 'strapsPull', newtons, towards: sign < 0 ? 'head' : 'tail' }, ...rest];
}

function slopeBack(evidence: Evidence): readonly Told[] {
  const newtons = evidence.sitting.drift.slopeAlongN;
  return [
    evidence.tells('driftAlong') && newtons > evidence.school.chains.slopeN && { code: 'backSlopesBack', newtons },
    ...pullsBack(evidence),
  ];
}

function flatTree({ sitting, school: { rules }, tells }: Evidence): readonly Told[] {
  if (!tells('middleShare')) return [false];
  const { shape, measures } = sitting;
  const ratio = ratioOf(sitting);
  const middle = measures.thirds[1];
  const endsCarry = middle < rules.middleShare.least;
  return [
    shape.bridgeGapMm > rules.bridgeGap.most && endsCarry && { code: 'treeFlatterThanBack', gapMm: shape.bridgeGapMm },
    endsCarry && { code: 'endsCarry', share: 1 - middle },
    ratio !== null && ratio > rules.peakRatio.most && { code: 'endsPress', ratio },
  ];
}

function curvedTree({ sitting: { measures, stiffness }, school: { rules }, tells }: Evidence): readonly Told[] {
  const share = measures.thirds[1];
  if (!tells('middleShare') || share <= rules.middleShare.most) return [false];
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

/** The back rises to the croup under the saddle's rear: it carries there, and is tipped forward. */
function croup(evidence: Evidence): readonly Told[] {
  const { sitting, school, tells } = evidence;
  const share = sitting.measures.thirds[2];
  const { pitchDeg } = sitting.settled.pose;
  return [
    tells('middleShare') && share > school.chains.rearShare && { code: 'rearCarries', share },
    tells('seatLevel') && pitchDeg < -school.chains.pitchDeg && { code: 'frontDropped', pitchDeg },
    ...pullsForward(evidence),
  ];
}

/** Flat withers on a round barrel hold nothing: it turns by its shape, and friction alone has to hold it. */
function roundBarrel(evidence: Evidence): readonly Told[] {
  const { ridden, school } = evidence;
  const { rollShape, rollLetsGo } = school.rules;
  const shape = ridden?.rollShapeNmPerDeg ?? null;
  const letsGo = ridden?.push?.letsGoNm ?? null;
  return [
    shape !== null && rollShape?.least != null && shape < rollShape.least && { code: 'turnsByShape', nmPerDeg: shape },
    letsGo !== null && rollLetsGo?.least != null && letsGo < rollLetsGo.least && { code: 'letsGoEarly', nm: letsGo },
    ...weakSide(evidence),
  ];
}

/** A horse that improves lifts the front it was padded up for. */
function improving(evidence: Evidence): readonly Told[] {
  const { withersUpMm = null, sitting, school, tells } = evidence;
  const { pitchDeg } = sitting.settled.pose;
  return [
    withersUpMm !== null && withersUpMm > school.chains.withersUpMm && { code: 'withersUp', byMm: withersUpMm },
    tells('seatLevel') && pitchDeg > school.chains.pitchDeg && { code: 'frontLifted', pitchDeg },
    ...pullsBack(evidence),
  ];
}

const CHAINS: Readonly<Record<FaultChain['id'], (evidence: Evidence) => readonly Told[]>> = {
  wideFront,
  narrowFront,
  slope,
  slopeBack,
  groove: (evidence) => withPull(evidence, pullsForward(evidence), -1),
  grooveBehind: (evidence) => withPull(evidence, pullsBack(evidence), 1),
  flatTree,
  curvedTree,
  weakSide,
  croup,
  roundBarrel,
  improving,
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
