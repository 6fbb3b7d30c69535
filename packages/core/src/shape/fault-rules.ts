import { type TraitId, type TraitValue } from './traits';

/** Which way a saddle will want to go. */
export const FAULTS = ['forward', 'back', 'toNear', 'toOff', 'roll', 'bridge', 'rock', 'dropInFront', 'overrun', 'pressOnSpine'] as const;
export type FaultId = (typeof FAULTS)[number];

/** What to try later, before another saddle. */
export const REMEDIES = [
  'pointStrap',
  'rearStraps',
  'forwardGirth',
  'straightTree',
  'lessRearLift',
  'liftFront',
  'hoopedBroadTree',
  'broadPanel',
  'flockWeakSide',
  'shimWeakSide',
  'bridgingPad',
  'curvedTree',
  'flatTree',
  'fillHollow',
  'freeShoulder',
  'shortPanel',
  'broadChannel',
  'liftAndPad',
  'lookAtRider',
  'lookAgainSoon',
] as const;
export type RemedyId = (typeof REMEDIES)[number];

export interface FaultRule {
  readonly id: string;
  /** All of them must hold. */
  readonly when: readonly (readonly [TraitId, readonly TraitValue[]])[];
  readonly fault: FaultId;
  /** 1 leans that way, 2 goes that way, 3 can hardly be held (defaults from the trade's rules of thumb). */
  readonly weight: 1 | 2 | 3;
  readonly remedies: readonly RemedyId[];
}

const rule = (id: string, when: FaultRule['when'], fault: FaultId, weight: FaultRule['weight'], ...remedies: RemedyId[]): FaultRule => ({
  id,
  when,
  fault,
  weight,
  remedies,
});

/** How build becomes fault. Rules add up; nothing here is seen by the contact solver, which must come to it by itself. */
export const FAULT_RULES: readonly FaultRule[] = [
  rule('groove-ahead-of-straps', [['groove', ['forward']]], 'forward', 2, 'pointStrap', 'forwardGirth'),
  rule('round-ribs-push', [['ribs', ['round']]], 'forward', 1, 'forwardGirth'),
  rule('downhill-runs-forward', [['slope', ['downhill']]], 'forward', 2, 'pointStrap', 'lessRearLift'),
  rule('wider-behind-pushes', [['widening', ['towardRear']]], 'forward', 2, 'pointStrap', 'straightTree'),
  rule(
    'flat-withers-hold-nothing',
    [
      ['withers', ['flat']],
      ['slope', ['downhill', 'level']],
    ],
    'forward',
    1,
    'hoopedBroadTree',
  ),
  rule('groove-behind-straps', [['groove', ['back']]], 'back', 2, 'rearStraps'),
  rule('slab-sides-run-back', [['ribs', ['slab']]], 'back', 1, 'rearStraps'),
  rule('uphill-runs-back', [['slope', ['uphill']]], 'back', 1, 'rearStraps'),
  rule('loaded-shoulder-pushes-back', [['shoulder', ['loaded']]], 'back', 1, 'freeShoulder'),
  rule('weak-near-side', [['muscle', ['weakNear']]], 'toNear', 2, 'flockWeakSide', 'shimWeakSide', 'lookAgainSoon'),
  rule('weak-off-side', [['muscle', ['weakOff']]], 'toOff', 2, 'flockWeakSide', 'shimWeakSide', 'lookAgainSoon'),
  rule('bigger-near-shoulder-pushes-off', [['shoulderSize', ['biggerNear']]], 'toOff', 1, 'shimWeakSide', 'freeShoulder'),
  rule('bigger-off-shoulder-pushes-near', [['shoulderSize', ['biggerOff']]], 'toNear', 1, 'shimWeakSide', 'freeShoulder'),
  rule(
    'uneven-stance-near',
    [
      ['stance', ['uneven']],
      ['muscle', ['weakNear']],
    ],
    'toNear',
    1,
    'lookAtRider',
  ),
  rule(
    'uneven-stance-off',
    [
      ['stance', ['uneven']],
      ['muscle', ['weakOff']],
    ],
    'toOff',
    1,
    'lookAtRider',
  ),
  rule('flat-withers-roll', [['withers', ['flat']]], 'roll', 2, 'hoopedBroadTree', 'broadPanel'),
  rule('round-barrel-rolls', [['ribs', ['round']]], 'roll', 1, 'broadPanel', 'forwardGirth'),
  rule('deep-dip-bridges', [['back', ['deepDip']]], 'bridge', 2, 'curvedTree', 'bridgingPad'),
  rule(
    'dip-under-high-withers-bridges',
    [
      ['back', ['deepDip', 'gentleDip']],
      ['withers', ['high']],
    ],
    'bridge',
    1,
    'curvedTree',
    'bridgingPad',
  ),
  rule('roached-back-rocks', [['back', ['roached']]], 'rock', 3, 'flatTree'),
  rule('flat-back-rocks-a-curved-tree', [['back', ['flat']]], 'rock', 1, 'flatTree'),
  rule('hollow-both-drops', [['hollow', ['both']]], 'dropInFront', 2, 'fillHollow', 'liftFront'),
  rule('hollow-near-drops', [['hollow', ['near']]], 'dropInFront', 1, 'fillHollow'),
  rule('hollow-off-drops', [['hollow', ['off']]], 'dropInFront', 1, 'fillHollow'),
  rule('hollow-near-leans', [['hollow', ['near']]], 'toNear', 1, 'shimWeakSide'),
  rule('hollow-off-leans', [['hollow', ['off']]], 'toOff', 1, 'shimWeakSide'),
  rule('downhill-drops', [['slope', ['downhill']]], 'dropInFront', 1, 'liftFront'),
  rule('upright-shoulder-meets-points', [['shoulder', ['upright', 'loaded']]], 'dropInFront', 1, 'freeShoulder'),
  rule('short-back-overrun', [['length', ['short']]], 'overrun', 2, 'shortPanel'),
  rule('broad-spine-pressed', [['spine', ['broad']]], 'pressOnSpine', 2, 'broadChannel'),
  rule('bare-spine-pressed', [['spine', ['bare']]], 'pressOnSpine', 2, 'liftAndPad', 'broadChannel'),
];
