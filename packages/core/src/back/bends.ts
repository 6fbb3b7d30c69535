import { type PointYZ, point } from '../geometry';
import { type Outcome, type Problem, done, problem, refused } from '../problems';
import { radFromDeg } from '../units';

/**
 * A flexible curve as links of equal length that knows how much it bends at each joint.
 * Links run from the near end to the off end (or from the head end to the tail end when laid along the back).
 */
export interface BendsReading {
  /** Length of a link, mm. */
  readonly pitchMm: number;
  /** Bend at each joint, degrees, + when the curve turns upward; one fewer than there are links. */
  readonly bendsDeg: readonly number[];
  /** Which joint lies on the spine (or at the zero mark), counted from 0. */
  readonly centreJoint: number;
  /** Slope of the curve at that joint, degrees, + when the end of the curve is higher than its beginning. */
  readonly tiltDeg: number;
}

/** Limits of a believable bend list, defaults: a curve of 0.1 to 1.6 m in links of 2 to 60 mm. */
export const BEND_LIMITS = { leastJoints: 4, mostJoints: 400, leastPitchMm: 2, mostPitchMm: 60, mostBendDeg: 75, mostTiltDeg: 60 } as const;

/**
 * The joints of a bend list as points, the centre joint at (0, 0).
 * The heading at the centre is the tilt, shared equally by the links on both sides of it; each further joint adds its bend.
 */
export function pointsFromBends(reading: BendsReading): Outcome<PointYZ[]> {
  const problems = bendProblems(reading);
  if (problems.length > 0) return refused(...problems);
  const { bendsDeg, centreJoint, tiltDeg } = reading;
  const half = bendsDeg[centreJoint]! / 2;
  const outward = walk(reading, tiltDeg + half, bendsDeg.slice(centreJoint + 1), 1);
  const inward = walk(reading, tiltDeg - half, bendsDeg.slice(0, centreJoint).reverse(), -1);
  return done([...inward.reverse(), point(0, 0), ...outward]);
}

/** Steps from the centre in one direction; `sign` is -1 toward the beginning, where bends are met in reverse. */
function walk({ pitchMm }: BendsReading, startDeg: number, bends: readonly number[], sign: 1 | -1): PointYZ[] {
  let headingDeg = startDeg;
  let at = point(0, 0);
  return [...bends, null].map((bend) => {
    const heading = radFromDeg(headingDeg);
    at = point(at.yMm + sign * pitchMm * Math.cos(heading), at.zMm + sign * pitchMm * Math.sin(heading));
    if (bend !== null) headingDeg += sign * bend;
    return at;
  });
}

/** The same curve laid on the other way round. */
export const turnedRound = (reading: BendsReading): BendsReading => ({
  pitchMm: reading.pitchMm,
  bendsDeg: [...reading.bendsDeg].reverse(),
  centreJoint: reading.bendsDeg.length - 1 - reading.centreJoint,
  tiltDeg: -reading.tiltDeg || 0,
});

function bendProblems({ pitchMm, bendsDeg, centreJoint, tiltDeg }: BendsReading): Problem[] {
  const { leastJoints, mostJoints, leastPitchMm, mostPitchMm, mostBendDeg, mostTiltDeg } = BEND_LIMITS;
  if (!(pitchMm >= leastPitchMm && pitchMm <= mostPitchMm)) return [problem('BENDS_PITCH', { pitchMm, leastPitchMm, mostPitchMm })];
  if (bendsDeg.length < leastJoints || bendsDeg.length > mostJoints) {
    return [problem('BENDS_COUNT', { count: bendsDeg.length, least: leastJoints, most: mostJoints })];
  }
  if (!Number.isInteger(centreJoint) || centreJoint < 1 || centreJoint > bendsDeg.length - 2) {
    return [problem('BENDS_CENTRE', { centreJoint: centreJoint + 1, count: bendsDeg.length })];
  }
  const wrong = bendsDeg.findIndex((b) => !(Math.abs(b) <= mostBendDeg));
  if (wrong >= 0) return [problem('BEND_TOO_SHARP', { joint: wrong + 1, bendDeg: bendsDeg[wrong]!, mostDeg: mostBendDeg })];
  return Math.abs(tiltDeg) <= mostTiltDeg ? [] : [problem('BENDS_TILT', { tiltDeg, mostDeg: mostTiltDeg })];
}
