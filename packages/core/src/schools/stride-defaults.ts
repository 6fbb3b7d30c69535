import { type StrideGait, type StrideGaitId, type StrideRow } from './stride';
import { CANTER_NEAR } from './stride-canter';
import { TROT_RISING, TROT_SITTING } from './stride-trot';
import { WALK } from './stride-walk';

const turned = ({ values, source }: StrideRow): StrideRow => ({ values: values.map((v) => (v === 0 ? 0 : -v)), source });

/** The same stride in a mirror: what sways and rolls goes the other way, and the blades change places. */
export const mirroredStride = ({ strideHz, rows }: StrideGait): StrideGait => ({
  strideHz,
  rows: {
    ...rows,
    riderSwayMm: turned(rows.riderSwayMm),
    barrelRollDeg: turned(rows.barrelRollDeg),
    scapulaNear: rows.scapulaOff,
    scapulaOff: rows.scapulaNear,
  },
});

/**
 * Strides by default. Values named after a paper were written down from memory of it and rounded: to be checked before they are
 * quoted. Phase 0 is the near foreleg landing, on the off lead the off foreleg. A practice may edit every row.
 */
export const STRIDE_DEFAULTS: Readonly<Record<StrideGaitId, StrideGait>> = {
  walk: WALK,
  trotSitting: TROT_SITTING,
  trotRising: TROT_RISING,
  canterNear: CANTER_NEAR,
  canterOff: mirroredStride(CANTER_NEAR),
};
