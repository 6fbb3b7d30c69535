import { degFromRad, radFromDeg } from '../../units';

/**
 * How a saddle lies against where it was put: ways of the frame's origin (surge toward the tail, sway toward the off side, heave up)
 * and turns about it: pitch + cantle low, roll + off side low, yaw + cantle toward the off side.
 */
export interface Pose {
  readonly surgeMm: number;
  readonly swayMm: number;
  readonly heaveMm: number;
  readonly pitchDeg: number;
  readonly rollDeg: number;
  readonly yawDeg: number;
}
export const AS_PUT: Pose = { surgeMm: 0, swayMm: 0, heaveMm: 0, pitchDeg: 0, rollDeg: 0, yawDeg: 0 };

/** A true turn and a way: a point p of the saddle as it was put lies at r p + t. `r` is three by three, row by row. */
export interface Motion {
  readonly r: Float64Array;
  readonly t: Float64Array;
}

type Three = readonly [number, number, number];

/** Yaw about z after pitch about y after roll about x. */
export function motionOf({ surgeMm, swayMm, heaveMm, pitchDeg, rollDeg, yawDeg }: Pose): Motion {
  const [a, b, c] = [radFromDeg(-rollDeg), radFromDeg(pitchDeg), radFromDeg(yawDeg)];
  const [ca, sa, cb, sb, cc, sc] = [Math.cos(a), Math.sin(a), Math.cos(b), Math.sin(b), Math.cos(c), Math.sin(c)];
  const r = Float64Array.of(
    cc * cb,
    cc * sb * sa - sc * ca,
    cc * sb * ca + sc * sa,
    sc * cb,
    sc * sb * sa + cc * ca,
    sc * sb * ca - cc * sa,
    -sb,
    cb * sa,
    cb * ca,
  );
  return { r, t: Float64Array.of(surgeMm, swayMm, heaveMm) };
}

export const poseOf = ({ r, t }: Motion): Pose => ({
  surgeMm: t[0]!,
  swayMm: t[1]!,
  heaveMm: t[2]!,
  pitchDeg: degFromRad(Math.asin(Math.max(-1, Math.min(1, -r[6]!)))),
  rollDeg: -degFromRad(Math.atan2(r[7]!, r[8]!)),
  yawDeg: degFromRad(Math.atan2(r[3]!, r[0]!)),
});

/** The motion, and then a turn of `turn` (radians about x, y, z, as one true turn) about a point, and a way. */
export function movedOn({ r, t }: Motion, [ux, uy, uz]: Three, turn: Three, [cx, cy, cz]: Three): Motion {
  const q = turned(turn);
  const next = new Float64Array(9);
  for (let i = 0; i < 3; i++)
    for (let j = 0; j < 3; j++) next[3 * i + j] = q[3 * i]! * r[j]! + q[3 * i + 1]! * r[3 + j]! + q[3 * i + 2]! * r[6 + j]!;
  const [x, y, z] = [t[0]! - cx, t[1]! - cy, t[2]! - cz];
  return {
    r: next,
    t: Float64Array.of(
      q[0]! * x + q[1]! * y + q[2]! * z + cx + ux,
      q[3]! * x + q[4]! * y + q[5]! * z + cy + uy,
      q[6]! * x + q[7]! * y + q[8]! * z + cz + uz,
    ),
  };
}

/** Rodrigues' formula: the matrix of one turn about an axis. */
function turned([x, y, z]: Three): Float64Array {
  const angle = Math.hypot(x, y, z);
  const s = angle < 1e-9 ? 1 : Math.sin(angle) / angle;
  const c = angle < 1e-9 ? 0.5 : (1 - Math.cos(angle)) / (angle * angle);
  return Float64Array.of(
    1 - c * (y * y + z * z),
    c * x * y - s * z,
    c * x * z + s * y,
    c * x * y + s * z,
    1 - c * (x * x + z * z),
    c * y * z - s * x,
    c * x * z - s * y,
    c * y * z + s * x,
    1 - c * (x * x + y * y),
  );
}

export const placed = ({ r, t }: Motion, x: number, y: number, z: number): Three => [
  r[0]! * x + r[1]! * y + r[2]! * z + t[0]!,
  r[3]! * x + r[4]! * y + r[5]! * z + t[1]!,
  r[6]! * x + r[7]! * y + r[8]! * z + t[2]!,
];

/** Greatest of the three turns, degrees. */
export const turnOf = ({ pitchDeg, rollDeg, yawDeg }: Pose): number => Math.max(Math.abs(pitchDeg), Math.abs(rollDeg), Math.abs(yawDeg));
