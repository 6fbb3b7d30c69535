import { type Polyline, alignRigidly, distanceAsItLies } from '../geometry';

/** How one line lies beside another that says where it should. */
export interface LiesBeside {
  /** Root mean square distance as it was taken, mm. */
  readonly lyingMm: number;
  /** The same once it is shifted, not turned, to where it lies best, mm. */
  readonly shiftedMm: number;
  readonly greatestMm: number;
}

/**
 * Distance between two lines over the stretch both cover. A hand's shake stays small in both numbers; a curve held tilted, swapped or
 * taken elsewhere is far off in the first and keeps some of it in the second.
 */
export function liesBeside(line: Polyline, wanted: Polyline): LiesBeside {
  const shifted = alignRigidly(line, wanted, 0);
  return { lyingMm: distanceAsItLies(line, wanted).rmsMm, shiftedMm: shifted.rmsMm, greatestMm: shifted.greatestMm };
}
