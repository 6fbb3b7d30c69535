import { type StrideGait } from './stride';

/** Near fore and off hind land at 0, the other pair at 0.5. */
export const TROT_SITTING: StrideGait = {
  strideHz: 1.3,
  rows: {
    verticalFactor: {
      values: [
        0.153, 0.417, 0.947, 1.605, 2.123, 2.261, 1.951, 1.343, 0.708, 0.278, 0.115, 0.1, 0.153, 0.417, 0.947, 1.605, 2.123, 2.261, 1.951,
        1.343, 0.708, 0.278, 0.115, 0.1,
      ],
      source:
        'Peak force on the back per kg of rider: Fruehwirth, Peham, Scheidl and Schobesberger 2004 (12.1 walk, 24.3 trot, 27.2 canter), turned into a factor on rider + saddle for 75 + 7 kg. Peham et al. 2010 (peaks about 2112 N sitting, 2056 N rising, 1688 N two-point).',
    },
    foreAftFactor: {
      values: [
        -0.002, -0.019, -0.061, -0.1, -0.085, -0.007, 0.075, 0.098, 0.065, 0.025, 0.008, 0.003, -0.002, -0.019, -0.061, -0.1, -0.085,
        -0.007, 0.075, 0.098, 0.065, 0.025, 0.008, 0.003,
      ],
      source: 'default: share of the instant’s vertical force, so nothing acts along in the air',
    },
    riderShiftMm: {
      values: [
        -8.0, -6.9, -4.0, 0.0, 4.0, 6.9, 8.0, 6.9, 4.0, 0.0, -4.0, -6.9, -8.0, -6.9, -4.0, 0.0, 4.0, 6.9, 8.0, 6.9, 4.0, 0.0, -4.0, -6.9,
      ],
      source: 'default',
    },
    riderSwayMm: {
      values: [
        -3.8, -3.4, -2.7, -1.8, -0.8, 0.2, 1.2, 2.2, 3.0, 3.6, 3.9, 4.0, 3.8, 3.4, 2.7, 1.8, 0.8, -0.2, -1.2, -2.2, -3.0, -3.6, -3.9, -4.0,
      ],
      source: 'default',
    },
    stirrupShare: {
      values: [0.2, 0.2, 0.2, 0.2, 0.2, 0.2, 0.2, 0.2, 0.2, 0.2, 0.2, 0.2, 0.2, 0.2, 0.2, 0.2, 0.2, 0.2, 0.2, 0.2, 0.2, 0.2, 0.2, 0.2],
      source: 'default',
    },
    barrelRollDeg: {
      values: [
        -1.9, -1.68, -1.34, -0.91, -0.42, 0.1, 0.62, 1.09, 1.49, 1.78, 1.96, 2.0, 1.9, 1.68, 1.34, 0.91, 0.42, -0.1, -0.62, -1.09, -1.49,
        -1.78, -1.96, -2.0,
      ],
      source: 'default, order of Faber et al. 2001',
    },
    backPitchDeg: {
      values: [
        1.21, 0.61, -0.16, -0.88, -1.37, -1.49, -1.21, -0.61, 0.16, 0.88, 1.37, 1.49, 1.21, 0.61, -0.16, -0.88, -1.37, -1.49, -1.21, -0.61,
        0.16, 0.88, 1.37, 1.49,
      ],
      source: 'default, order of Faber et al. 2001',
    },
    backRiseMm: {
      values: [
        3.2, 1.6, -0.4, -2.4, -3.7, -4.0, -3.2, -1.6, 0.4, 2.4, 3.7, 4.0, 3.2, 1.6, -0.4, -2.4, -3.7, -4.0, -3.2, -1.6, 0.4, 2.4, 3.7, 4.0,
      ],
      source: 'default: hollows as the load peaks, rises in the air; order of Faber et al. 2001',
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

/** The rider sits as near fore and off hind stand. Horse and sway are those of the sitting trot. */
export const TROT_RISING: StrideGait = {
  strideHz: 1.3,
  rows: {
    verticalFactor: {
      values: [
        0.235, 0.582, 1.117, 1.686, 2.098, 2.203, 1.963, 1.467, 0.889, 0.415, 0.164, 0.122, 0.228, 0.533, 0.975, 1.423, 1.736, 1.815, 1.635,
        1.253, 0.79, 0.389, 0.162, 0.122,
      ],
      source:
        'Peak force on the back per kg of rider: Fruehwirth, Peham, Scheidl and Schobesberger 2004 (12.1 walk, 24.3 trot, 27.2 canter), turned into a factor on rider + saddle for 75 + 7 kg. Peham et al. 2010 (peaks about 2112 N sitting, 2056 N rising, 1688 N two-point). Second, standing peak lower: de Cocq et al. 2010.',
    },
    foreAftFactor: {
      values: [
        -0.003, -0.028, -0.074, -0.108, -0.087, -0.01, 0.072, 0.105, 0.08, 0.037, 0.011, 0.003, -0.003, -0.025, -0.065, -0.091, -0.072,
        -0.009, 0.06, 0.089, 0.071, 0.034, 0.011, 0.003,
      ],
      source: 'default: share of the instant’s vertical force, so nothing acts along in the air',
    },
    riderShiftMm: {
      values: [
        4.3, 8.2, 12.4, 16.5, 19.7, 21.4, 21.3, 19.2, 15.4, 10.4, 4.9, -0.2, -4.3, -7.1, -8.4, -8.5, -7.7, -6.5, -5.3, -4.3, -3.4, -2.4,
        -0.9, 1.3,
      ],
      source: 'default',
    },
    riderSwayMm: TROT_SITTING.rows.riderSwayMm,
    stirrupShare: {
      values: [
        0.2, 0.2, 0.2, 0.2, 0.2, 0.2, 0.2, 0.2, 0.2, 0.2, 0.2, 0.38, 0.64, 0.79, 0.89, 0.96, 0.99, 1.0, 0.98, 0.93, 0.85, 0.74, 0.56, 0.2,
      ],
      source: 'default: all on the bars at the top of the rise',
    },
    barrelRollDeg: TROT_SITTING.rows.barrelRollDeg,
    backPitchDeg: TROT_SITTING.rows.backPitchDeg,
    backRiseMm: { ...TROT_SITTING.rows.backRiseMm, source: 'default, order of Faber et al. 2001' },
    scapulaNear: TROT_SITTING.rows.scapulaNear,
    scapulaOff: TROT_SITTING.rows.scapulaOff,
  },
};
