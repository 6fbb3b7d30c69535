import { type StrideGait } from './stride';

/** Near hind lands at 0.75, near fore at 0, off hind at 0.25, off fore at 0.5 of the stride. */
export const WALK: StrideGait = {
  strideHz: 0.9,
  rows: {
    verticalFactor: {
      values: [
        1.04, 1.097, 1.127, 1.124, 1.087, 1.027, 0.96, 0.903, 0.873, 0.876, 0.913, 0.973, 1.04, 1.097, 1.127, 1.124, 1.087, 1.027, 0.96,
        0.903, 0.873, 0.876, 0.913, 0.973,
      ],
      source:
        'Peak force on the back per kg of rider: Fruehwirth, Peham, Scheidl and Schobesberger 2004 (12.1 walk, 24.3 trot, 27.2 canter), turned into a factor on rider + saddle for 75 + 7 kg.',
    },
    foreAftFactor: {
      values: [
        0.015, -0.007, -0.028, -0.04, -0.04, -0.028, -0.01, 0.009, 0.025, 0.035, 0.038, 0.031, 0.015, -0.007, -0.028, -0.04, -0.04, -0.028,
        -0.01, 0.009, 0.025, 0.035, 0.038, 0.031,
      ],
      source: 'default: share of the instant’s vertical force, so nothing acts along in the air',
    },
    riderShiftMm: {
      values: [
        -8.1, -9.9, -9.1, -5.9, -1.0, 4.1, 8.1, 9.9, 9.1, 5.9, 1.0, -4.1, -8.1, -9.9, -9.1, -5.9, -1.0, 4.1, 8.1, 9.9, 9.1, 5.9, 1.0, -4.1,
      ],
      source: 'default',
    },
    riderSwayMm: {
      values: [
        -7.4, -7.9, -7.9, -7.3, -6.3, -4.8, -2.9, -0.9, 1.2, 3.2, 5.0, 6.4, 7.4, 7.9, 7.9, 7.3, 6.3, 4.8, 2.9, 0.9, -1.2, -3.2, -5.0, -6.4,
      ],
      source: 'default',
    },
    stirrupShare: {
      values: [0.2, 0.2, 0.2, 0.2, 0.2, 0.2, 0.2, 0.2, 0.2, 0.2, 0.2, 0.2, 0.2, 0.2, 0.2, 0.2, 0.2, 0.2, 0.2, 0.2, 0.2, 0.2, 0.2, 0.2],
      source: 'default',
    },
    barrelRollDeg: {
      values: [
        -3.72, -3.97, -3.96, -3.67, -3.13, -2.38, -1.47, -0.46, 0.58, 1.59, 2.48, 3.21, 3.72, 3.97, 3.96, 3.67, 3.13, 2.38, 1.47, 0.46,
        -0.58, -1.59, -2.48, -3.21,
      ],
      source:
        'Size after Faber et al. 2000, 2001, 2001 (spinal movement in walk, trot and canter on a treadmill; range of turn about the long axis a few degrees, flexion-extension largest in canter); values rounded, phase: default',
    },
    backPitchDeg: {
      values: [
        -0.46, -1.11, -1.47, -1.43, -1.0, -0.31, 0.46, 1.11, 1.47, 1.43, 1.0, 0.31, -0.46, -1.11, -1.47, -1.43, -1.0, -0.31, 0.46, 1.11,
        1.47, 1.43, 1.0, 0.31,
      ],
      source: 'default, order of Faber et al. 2000',
    },
    backRiseMm: {
      values: [
        -0.9, -2.2, -2.9, -2.9, -2.0, -0.6, 0.9, 2.2, 2.9, 2.9, 2.0, 0.6, -0.9, -2.2, -2.9, -2.9, -2.0, -0.6, 0.9, 2.2, 2.9, 2.9, 2.0, 0.6,
      ],
      source: 'default, order of Faber et al. 2000',
    },
    scapulaNear: {
      values: [
        0.976, 0.919, 0.835, 0.727, 0.604, 0.474, 0.345, 0.228, 0.128, 0.054, 0.011, 0.001, 0.024, 0.081, 0.165, 0.273, 0.396, 0.526, 0.655,
        0.772, 0.872, 0.946, 0.989, 0.999,
      ],
      source: 'default: furthest back just before that foreleg lands',
    },
    scapulaOff: {
      values: [
        0.024, 0.081, 0.165, 0.273, 0.396, 0.526, 0.655, 0.772, 0.872, 0.946, 0.989, 0.999, 0.976, 0.919, 0.835, 0.727, 0.604, 0.474, 0.345,
        0.228, 0.128, 0.054, 0.011, 0.001,
      ],
      source: 'default: as near',
    },
  },
};
