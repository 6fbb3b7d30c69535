import { type ComplaintId } from '../intake/complaints';
import { type CriterionId } from '../schools/criteria';
import { type MissedTo } from '../schools/school';
import { type FaultId } from '../shape/fault-rules';
import { type Towards } from '../sit/stride';
import { type NearOff } from '../units';
import { type FaultChain } from './fault-chains';

/** What would explain a complaint, if the numbers had it. */
export interface ComplaintRule {
  /** Where the horse's shape forecasts it; null where no shape does. */
  readonly fault: (side: NearOff | null) => FaultId | null;
  /** Numbers that speak for it when they lie outside: below, above, or either. Those that tell most come first. */
  readonly rows: readonly (readonly [CriterionId, MissedTo])[];
  /** Which way a stride would take it. */
  readonly towards: readonly Towards[];
  readonly chains: readonly FaultChain['id'][];
  /** It may be pain: a veterinary surgeon comes first, whatever the saddle does. */
  readonly mayBePain: boolean;
  /** It may come from the rider or the leathers as well. */
  readonly mayBeRider: boolean;
}

const plain = (fault: FaultId | null) => (): FaultId | null => fault;
const NOTHING = { towards: [], chains: [], mayBePain: false, mayBeRider: false } as const;

/** Every complaint an owner can make, and where its cause would show. Rules of the trade; defaults. */
export const COMPLAINT_RULES: Readonly<Record<ComplaintId, ComplaintRule>> = {
  slidesForward: {
    ...NOTHING,
    fault: plain('forward'),
    rows: [
      ['strapLean', 'high'],
      ['driftAlong', 'low'],
      ['frontEven', 'high'],
    ],
    towards: ['head'],
    chains: ['groove', 'slope', 'wideFront', 'croup'],
  },
  slidesBack: {
    ...NOTHING,
    fault: plain('back'),
    rows: [
      ['strapLean', 'low'],
      ['driftAlong', 'high'],
      ['frontEven', 'low'],
    ],
    towards: ['tail'],
    chains: ['grooveBehind', 'slopeBack', 'narrowFront', 'improving'],
  },
  slidesToSide: {
    ...NOTHING,
    fault: (side) => (side === 'near' ? 'toNear' : side === 'off' ? 'toOff' : null),
    rows: [
      ['roll', 'either'],
      ['driftAcross', 'either'],
      ['nearShare', 'either'],
    ],
    towards: ['near', 'off'],
    chains: ['weakSide'],
    mayBeRider: true,
  },
  rolls: {
    ...NOTHING,
    fault: plain('roll'),
    rows: [
      ['rollShape', 'low'],
      ['rollLetsGo', 'low'],
      ['rollPush', 'low'],
    ],
    towards: ['near', 'off'],
    chains: ['roundBarrel', 'weakSide'],
  },
  bucks: {
    ...NOTHING,
    fault: plain('bridge'),
    rows: [
      ['panelBeforeRib', 'low'],
      ['withersOver', 'low'],
      ['ligamentClear', 'low'],
      ['peakRatio', 'high'],
      ['bridgeGap', 'high'],
    ],
    chains: ['flatTree', 'curvedTree'],
    mayBePain: true,
  },
  shortSteps: {
    ...NOTHING,
    fault: plain(null),
    rows: [
      ['pointBehindScapula', 'low'],
      ['panelBehindScapula', 'low'],
      ['barBehindForward', 'low'],
      ['frontEven', 'low'],
      ['peakRatio', 'high'],
    ],
    towards: ['head'],
    chains: ['narrowFront', 'groove'],
    mayBePain: true,
  },
  wontStandToGirth: {
    ...NOTHING,
    fault: plain(null),
    rows: [['strapLean', 'either']],
    chains: ['groove', 'grooveBehind'],
    mayBePain: true,
  },
  whiteHairs: {
    ...NOTHING,
    fault: plain('bridge'),
    rows: [
      ['peakRatio', 'high'],
      ['edgeShare', 'high'],
      ['bridgeGap', 'high'],
      ['frontEven', 'low'],
    ],
    chains: ['flatTree', 'narrowFront'],
    mayBePain: true,
  },
  rubs: {
    ...NOTHING,
    fault: plain('rock'),
    rows: [
      ['creepCanter', 'high'],
      ['creepTrot', 'high'],
      ['middleShare', 'high'],
      ['roll', 'either'],
    ],
    towards: ['head', 'tail', 'near', 'off'],
    chains: ['curvedTree', 'weakSide'],
  },
  muscleLossBehindShoulder: {
    ...NOTHING,
    fault: plain('dropInFront'),
    rows: [
      ['frontEven', 'low'],
      ['pointBehindScapula', 'low'],
      ['peakRatio', 'high'],
    ],
    chains: ['narrowFront', 'wideFront'],
    mayBePain: true,
  },
  riderTipped: {
    ...NOTHING,
    fault: plain('dropInFront'),
    rows: [
      ['seatLevel', 'low'],
      ['seatOverLow', 'low'],
    ],
    chains: ['wideFront', 'croup'],
    mayBeRider: true,
  },
  chairSeat: {
    ...NOTHING,
    fault: plain(null),
    rows: [
      ['seatLevel', 'high'],
      ['seatOverLow', 'high'],
    ],
    chains: ['narrowFront', 'improving'],
    mayBeRider: true,
  },
  oneStirrupLonger: {
    ...NOTHING,
    fault: plain(null),
    rows: [
      ['roll', 'either'],
      ['nearShare', 'either'],
    ],
    towards: ['near', 'off'],
    chains: ['weakSide'],
    mayBeRider: true,
  },
};
