import { type StrideGait } from './stride';

/** On the near lead: off hind lands at 0.6, near hind with off fore at 0.78, near fore at 0; in the air from 0.35 to 0.58. */
export const CANTER_NEAR: StrideGait = {
  strideHz: 1.7,
  rows: {
    verticalFactor: {
      values: [
        2.23, 1.875, 1.46, 1.048, 0.692, 0.425, 0.254, 0.164, 0.129, 0.121, 0.12, 0.12, 0.126, 0.155, 0.234, 0.391, 0.643, 0.986, 1.392,
        1.811, 2.18, 2.438, 2.539, 2.466,
      ],
      source:
        'Peak force on the back per kg of rider: Fruehwirth, Peham, Scheidl and Schobesberger 2004 (12.1 walk, 24.3 trot, 27.2 canter), turned into a factor on rider + saddle for 75 + 7 kg.',
    },
    foreAftFactor: {
      values: [
        -0.123, -0.127, -0.108, -0.077, -0.046, -0.022, -0.008, -0.002, 0.002, 0.005, 0.008, 0.011, 0.013, 0.018, 0.029, 0.049, 0.075,
        0.102, 0.117, 0.111, 0.078, 0.024, -0.038, -0.092,
      ],
      source: 'default: share of the instant’s vertical force, so nothing acts along in the air',
    },
    riderShiftMm: {
      values: [
        -11.2, -15.9, -19.9, -22.8, -24.6, -25.0, -24.0, -21.8, -18.4, -14.1, -9.2, -4.0, 1.2, 5.9, 9.9, 12.8, 14.6, 15.0, 14.0, 11.8, 8.4,
        4.1, -0.8, -6.0,
      ],
      source: 'default',
    },
    riderSwayMm: {
      values: [
        -4.9, -3.3, -1.8, -0.3, 1.0, 2.0, 2.7, 3.0, 2.9, 2.3, 1.5, 0.3, -1.1, -2.7, -4.2, -5.7, -7.0, -8.0, -8.7, -9.0, -8.9, -8.3, -7.5,
        -6.3,
      ],
      source: 'default',
    },
    stirrupShare: {
      values: [
        0.25, 0.25, 0.25, 0.25, 0.25, 0.25, 0.25, 0.25, 0.25, 0.25, 0.25, 0.25, 0.25, 0.25, 0.25, 0.25, 0.25, 0.25, 0.25, 0.25, 0.25, 0.25,
        0.25, 0.25,
      ],
      source: 'default',
    },
    barrelRollDeg: {
      values: [
        -2.97, -2.4, -1.76, -1.11, -0.48, 0.07, 0.52, 0.83, 0.99, 0.97, 0.78, 0.44, -0.03, -0.6, -1.24, -1.89, -2.52, -3.07, -3.52, -3.83,
        -3.99, -3.97, -3.78, -3.44,
      ],
      source: 'default, leans to the leading side',
    },
    backPitchDeg: {
      values: [
        -3.64, -4.41, -4.87, -5.0, -4.79, -4.25, -3.42, -2.36, -1.14, 0.16, 1.45, 2.63, 3.64, 4.41, 4.87, 5.0, 4.79, 4.25, 3.42, 2.36, 1.14,
        -0.16, -1.45, -2.63,
      ],
      source: 'default, order of Faber et al. 2001 and of trunk pitch in canter',
    },
    backRiseMm: {
      values: [
        -5.0, -3.8, -2.1, -0.2, 1.8, 3.9, 5.9, 7.5, 8.8, 9.7, 10.0, 9.8, 9.0, 7.8, 6.1, 4.2, 2.2, 0.1, -1.9, -3.5, -4.8, -5.7, -6.0, -5.8,
      ],
      source: 'default: rises in the air phase, hollows as the load peaks; order of Faber et al. 2001',
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
        0.437, 0.311, 0.198, 0.105, 0.039, 0.005, 0.004, 0.037, 0.102, 0.194, 0.306, 0.432, 0.563, 0.689, 0.802, 0.895, 0.961, 0.995, 0.996,
        0.963, 0.898, 0.806, 0.694, 0.568,
      ],
      source: 'default: as near',
    },
  },
};
