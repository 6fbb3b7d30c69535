import { type FaultForecast } from '../shape/fault-forecast';
import { type FaultId } from '../shape/fault-rules';
import { type NearOff } from '../units';
import { type ComplaintQuestion, type Evidence, evidenceFor } from './complaint-answer';
import { type ComplaintRule, COMPLAINT_RULES } from './complaint-table';

interface FaultEvidence extends Pick<ComplaintRule, 'rows' | 'chains' | 'towards'> {
  readonly side: NearOff | null;
}

const NOT_MOVING = { towards: [], side: null } as const;
const weakTo = (side: NearOff): FaultEvidence => ({
  rows: [
    ['roll', side === 'near' ? 'low' : 'high'],
    ['nearShare', side === 'near' ? 'high' : 'low'],
    ['driftAcross', side === 'near' ? 'low' : 'high'],
  ],
  chains: ['weakSide'],
  towards: [side],
  side,
});

/** Where a saddle would show what the horse's shape foretells of it. Rules of the trade; defaults. */
export const FAULT_EVIDENCE: Readonly<Record<FaultId, FaultEvidence>> = {
  forward: { ...COMPLAINT_RULES.slidesForward, side: null },
  back: { ...COMPLAINT_RULES.slidesBack, side: null },
  toNear: weakTo('near'),
  toOff: weakTo('off'),
  roll: { ...COMPLAINT_RULES.rolls, side: null },
  bridge: {
    ...NOT_MOVING,
    rows: [
      ['middleShare', 'low'],
      ['bridgeGap', 'high'],
    ],
    chains: ['flatTree'],
  },
  rock: { ...NOT_MOVING, rows: [['middleShare', 'high']], chains: ['curvedTree'] },
  dropInFront: {
    ...NOT_MOVING,
    rows: [
      ['frontEven', 'high'],
      ['withersOver', 'low'],
      ['seatLevel', 'low'],
    ],
    chains: ['wideFront'],
  },
  overrun: {
    ...NOT_MOVING,
    rows: [
      ['treeBeforeRib', 'low'],
      ['panelBeforeRib', 'low'],
    ],
    chains: [],
  },
  pressOnSpine: {
    ...NOT_MOVING,
    rows: [
      ['ligamentClear', 'low'],
      ['channelWidth', 'low'],
    ],
    chains: [],
  },
};

/** What the shape foretells, and what the saddle that lies there makes of it. */
export interface ForetoldAnswer extends Evidence {
  readonly forecast: FaultForecast;
}

/** Every foretold fault met with the saddle's own numbers, strongest first; `notFound` is a saddle that holds what the shape would let go. */
export const foretoldAnswers = (
  forecasts: readonly FaultForecast[],
  saddle: Pick<ComplaintQuestion, 'verdict' | 'ridden'>,
): ForetoldAnswer[] =>
  forecasts.map((forecast) => {
    const evidence = FAULT_EVIDENCE[forecast.fault];
    return { forecast, ...evidenceFor(evidence, { ...saddle, side: evidence.side }) };
  });
