import { type Outcome, type Problem, done, problem, refused } from '../problems';
import { LONGEST_MM } from './rider-measures';
import { degFromRad, radFromDeg } from '../units';

/** One leg and the foot it stands on, mm and degrees. */
export interface Leg {
  /** Hip joint to knee joint. */
  readonly thighMm: number;
  /** Knee joint to ankle joint. */
  readonly shankMm: number;
  /** Ankle joint to the bare sole. */
  readonly ankleHeightMm: number;
  readonly ankleToBallMm: number;
  readonly bootSoleMm: number;
  readonly heelDownDeg: number;
  /** Hip joint from the middle plane. */
  readonly hipHalfMm: number;
}

/** Where the leg hangs: x toward the tail, z up, out from the middle plane, mm. */
export interface Hangs {
  readonly hip: { readonly xMm: number; readonly zMm: number };
  readonly bar: { readonly xMm: number; readonly zMm: number; readonly outMm: number };
  /** The knee joint, held out by barrel, saddle and flap. */
  readonly kneeOutMm: number;
  readonly treadOutMm: number;
}

export interface PointOut {
  readonly xMm: number;
  readonly zMm: number;
  readonly outMm: number;
}

/** The leg as it hangs with the foot in the iron. */
export interface LegPlace {
  readonly hip: PointOut;
  readonly knee: PointOut;
  readonly ankle: PointOut;
  readonly tread: PointOut;
  /** From bar to tread over the flap, iron included: what is measured along the leather. */
  readonly hangMm: number;
  /** The same straight down. */
  readonly dropMm: number;
  /** Hip, knee, ankle as seen from the side, and as the joint has it. */
  readonly kneeDeg: number;
  readonly trueKneeDeg: number;
  /** Trunk upright, hip, knee, as seen from the side. */
  readonly hipDeg: number;
  /** The knee behind the bar: longer than this leg can use with its knee in the flap. */
  readonly kneeBehindBarMm: number;
}

/**
 * The leg with its knee bent to an angle as seen from the side, the leather plumb, the ball of the foot on the tread.
 * D2 = Lt'2 + Ls'2 - 2 Lt' Ls' cos K, with thigh and shank shortened by how far they reach sideways. Seen from behind, knee, ankle and
 * tread lie in one line.
 * @param kneeDeg hip, knee, ankle in the side view; 180 is straight
 * @returns refused where a part would reach further sideways than it is long, or the leg is too short for where the bar lies
 */
export function legAtKnee(leg: Leg, hangs: Hangs, kneeDeg: number): Outcome<LegPlace> {
  const problems = legProblems(leg);
  if (problems.length > 0) return refused(...problems);
  if (!(kneeDeg > 0 && kneeDeg <= 180)) return refused(problem('KNEE_ANGLE_OUT_OF_RANGE', { kneeDeg }));
  return withAnkleInLine(hangs, (ankleOutMm) => atKnee(leg, hangs, kneeDeg, ankleOutMm));
}

function atKnee(leg: Leg, hangs: Hangs, kneeDeg: number, ankleOutMm: number): Outcome<LegPlace> {
  const thigh = sideView(leg.thighMm, hangs.kneeOutMm - leg.hipHalfMm);
  const shank = sideView(leg.shankMm, ankleOutMm - hangs.kneeOutMm);
  if (thigh === null || shank === null) return refused(problem('LEG_TOO_SHORT_SIDEWAYS', { kneeOutMm: hangs.kneeOutMm }));
  const reach = Math.sqrt(thigh ** 2 + shank ** 2 - 2 * thigh * shank * Math.cos(radFromDeg(kneeDeg)));
  const { ahead, below } = footOn(leg);
  const ankleX = hangs.bar.xMm + ahead;
  const dx = ankleX - hangs.hip.xMm;
  if (reach < Math.abs(dx)) return refused(problem('LEG_CANNOT_REACH_BAR', { byMm: Math.abs(dx) - reach }));
  const ankle = { xMm: ankleX, zMm: hangs.hip.zMm - Math.sqrt(reach ** 2 - dx ** 2), outMm: ankleOutMm };
  const hip = { ...hangs.hip, outMm: leg.hipHalfMm };
  const knee = { ...kneeBetween(hip, ankle, thigh, shank), outMm: hangs.kneeOutMm };
  const tread = { xMm: hangs.bar.xMm, zMm: ankle.zMm - below, outMm: hangs.treadOutMm };
  return done({ ...placeOf({ hip, knee, ankle, tread }, hangs), kneeDeg });
}

/**
 * The leg on a leather of a length: the same linkage the other way round.
 * @param hangMm from bar to tread over the flap, iron included
 */
export function legAtHang(leg: Leg, hangs: Hangs, hangMm: number): Outcome<LegPlace> {
  const problems = legProblems(leg);
  return problems.length > 0 ? refused(...problems) : withAnkleInLine(hangs, (ankleOutMm) => atHang(leg, hangs, hangMm, ankleOutMm));
}

/** A known length of nothing is no length: named instead of what would follow from it. */
function legProblems({ thighMm, shankMm, ankleHeightMm, ankleToBallMm }: Leg): Problem[] {
  const lengths = { thigh: thighMm, kneeToSole: shankMm, ankleHeight: ankleHeightMm, ankleToBall: ankleToBallMm } as const;
  return Object.entries(lengths).flatMap(([measure, mm]) =>
    mm > 0 && mm < LONGEST_MM ? [] : [problem('RIDER_MEASURE_OUT_OF_RANGE', { measure, mm, mostMm: LONGEST_MM })],
  );
}

function atHang(leg: Leg, hangs: Hangs, hangMm: number, ankleOutMm: number): Outcome<LegPlace> {
  const out = hangs.treadOutMm - hangs.bar.outMm;
  if (!(hangMm > Math.abs(out))) return refused(problem('HANG_TOO_SHORT', { hangMm, leastMm: Math.abs(out) }));
  const drop = Math.sqrt(hangMm ** 2 - out ** 2);
  const thigh = sideView(leg.thighMm, hangs.kneeOutMm - leg.hipHalfMm);
  const shank = sideView(leg.shankMm, ankleOutMm - hangs.kneeOutMm);
  if (thigh === null || shank === null) return refused(problem('LEG_TOO_SHORT_SIDEWAYS', { kneeOutMm: hangs.kneeOutMm }));
  const { ahead, below } = footOn(leg);
  const dz = hangs.hip.zMm - (hangs.bar.zMm - drop + below);
  const reach = Math.hypot(hangs.bar.xMm + ahead - hangs.hip.xMm, dz);
  const cosine = (thigh ** 2 + shank ** 2 - reach ** 2) / (2 * thigh * shank);
  if (cosine < -1) return refused(problem('LEG_TOO_SHORT_FOR_HANG', { hangMm, byMm: reach - thigh - shank }));
  if (cosine > 1 || dz < 0) return refused(problem('HANG_TOO_SHORT', { hangMm, leastMm: Math.abs(out) }));
  return atKnee(leg, hangs, degFromRad(Math.acos(cosine)), ankleOutMm);
}

const MOST_ROUNDS = 40;
const SAME_MM = 1e-9;

/** The knee's height says where on the line from tread to knee the ankle lies, and that shortens the shank: until both agree. */
function withAnkleInLine({ treadOutMm, kneeOutMm }: Hangs, at: (ankleOutMm: number) => Outcome<LegPlace>): Outcome<LegPlace> {
  let ankleOutMm = treadOutMm;
  let place = at(ankleOutMm);
  for (let round = 0; round < MOST_ROUNDS && place.ok; round++) {
    const { knee, ankle, tread } = place.value;
    const kneeAbove = knee.zMm - tread.zMm;
    const share = kneeAbove > 0 ? Math.max(0, Math.min(1, (ankle.zMm - tread.zMm) / kneeAbove)) : 0;
    const next = treadOutMm + share * (kneeOutMm - treadOutMm);
    if (Math.abs(next - ankleOutMm) < SAME_MM) break;
    ankleOutMm = next;
    place = at(ankleOutMm);
  }
  return place;
}

/** What is left of a length in the side view; null where it reaches as far sideways as it is long. */
const sideView = (lengthMm: number, sidewaysMm: number): number | null =>
  lengthMm > Math.abs(sidewaysMm) ? Math.sqrt(lengthMm ** 2 - sidewaysMm ** 2) : null;

/** How far the ankle lies behind the tread, and above it. */
function footOn({ ankleHeightMm, ankleToBallMm, bootSoleMm, heelDownDeg }: Leg): { readonly ahead: number; readonly below: number } {
  const [sin, cos] = [Math.sin(radFromDeg(heelDownDeg)), Math.cos(radFromDeg(heelDownDeg))];
  const height = ankleHeightMm + bootSoleMm;
  return { ahead: ankleToBallMm * cos + height * sin, below: height * cos - ankleToBallMm * sin };
}

/** Where two circles meet, the meeting toward the head: a knee bends forward. */
function kneeBetween(hip: PointOut, ankle: PointOut, thigh: number, shank: number): { readonly xMm: number; readonly zMm: number } {
  const [dx, dz] = [ankle.xMm - hip.xMm, ankle.zMm - hip.zMm];
  const apart = Math.hypot(dx, dz);
  const along = (thigh ** 2 - shank ** 2 + apart ** 2) / (2 * apart);
  const off = Math.sqrt(Math.max(0, thigh ** 2 - along ** 2));
  // to the left of the way down from hip to ankle, as seen from the near side with the head to the left
  return { xMm: hip.xMm + (along * dx + off * dz) / apart, zMm: hip.zMm + (along * dz - off * dx) / apart };
}

type Joints = Pick<LegPlace, 'hip' | 'knee' | 'ankle' | 'tread'>;

function placeOf({ hip, knee, ankle, tread }: Joints, { bar }: Hangs): Omit<LegPlace, 'kneeDeg'> {
  const dropMm = bar.zMm - tread.zMm;
  return {
    hip,
    knee,
    ankle,
    tread,
    dropMm,
    hangMm: Math.hypot(dropMm, tread.outMm - bar.outMm),
    trueKneeDeg: angleAt(knee, hip, ankle),
    hipDeg: angleAt({ ...hip, outMm: 0 }, { ...hip, outMm: 0, zMm: hip.zMm + 1 }, { ...knee, outMm: 0 }),
    kneeBehindBarMm: knee.xMm - bar.xMm,
  };
}

function angleAt(at: PointOut, a: PointOut, b: PointOut): number {
  const to = (p: PointOut) => [p.xMm - at.xMm, p.zMm - at.zMm, p.outMm - at.outMm] as const;
  const [u, v] = [to(a), to(b)];
  const dot = u[0] * v[0] + u[1] * v[1] + u[2] * v[2];
  return degFromRad(Math.acos(Math.max(-1, Math.min(1, dot / (Math.hypot(...u) * Math.hypot(...v))))));
}
