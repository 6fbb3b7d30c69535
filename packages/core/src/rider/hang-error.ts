import { type Outcome } from '../problems';
import { type Foot, legOf } from './leg-of';
import { type LegGround, legOnHorse } from './on-barrel';
import { type KnownLength } from './rider-measures';
import { type RiderBody } from './rider-body';

/** Lengths the leather's length hangs on. */
const COUNTS = ['thigh', 'kneeToSole', 'ankleHeight', 'ankleToBall', 'hipJointAboveSeat', 'hipJointHalfDistance'] as const;
export type Counting = (typeof COUNTS)[number];

export interface HangError {
  /** One standard deviation of the leather's length, mm. */
  readonly sdMm: number;
  /** What each length alone would move it by, mm; the greatest first. */
  readonly from: readonly { readonly length: Counting; readonly sdMm: number; readonly known: KnownLength['from'] }[];
}

/** How far each length is moved to see what the leather does, mm. */
const STEP_MM = 1;

/** How sure the leather's length for a knee is, from how sure each length of the leg is; lengths are taken as independent. */
export function hangError(body: RiderBody, foot: Foot, ground: LegGround, kneeDeg: number): HangError {
  const from = COUNTS.map((length) => {
    const slope =
      (hangWith(body, foot, ground, kneeDeg, length, STEP_MM) - hangWith(body, foot, ground, kneeDeg, length, -STEP_MM)) / (2 * STEP_MM);
    return { length, sdMm: Math.abs(slope) * body[length].sdMm, known: body[length].from };
  });
  const sdMm = Math.hypot(...from.map((f) => f.sdMm));
  return { sdMm, from: [...from].sort((a, b) => b.sdMm - a.sdMm) };
}

function hangWith(body: RiderBody, foot: Foot, ground: LegGround, kneeDeg: number, length: Counting, byMm: number): number {
  const moved = { ...body, [length]: { ...body[length], mm: body[length].mm + byMm } };
  const moving = length === 'hipJointAboveSeat' ? { ...ground, hipAboveSeatMm: ground.hipAboveSeatMm + byMm } : ground;
  return hangOf(legOnHorse(legOf(moved, foot), moving, kneeDeg));
}

const hangOf = (place: Outcome<{ readonly hangMm: number }>): number => (place.ok ? place.value.hangMm : Number.NaN);
