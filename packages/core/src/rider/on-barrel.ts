import { type Barrel, halfBreadthAt } from '../girth';
import { type Outcome } from '../problems';
import { type Hangs, type Leg, type LegPlace, legAtHang, legAtKnee } from './linkage';
import { type RiderBody } from './rider-body';
import { type SaddleOnHorse } from './saddle-on-horse';

/** What lies between barrel and knee joint, mm (defaults): saddle and flap, and from the skin of the leg to the middle of the joint. */
export const KNEE_COVER_MM = { saddleAndFlap: 25, skinToJoint: 50 } as const;

/** Everything a leg hangs on: the horse's barrel, the saddle on it, and the hip over the seat. */
export interface LegGround {
  readonly barrel: Barrel;
  readonly saddle: SaddleOnHorse;
  /** Hip joint over the seat's lowest point, and how much the rider crouches over it. */
  readonly hipAboveSeatMm: number;
}

export const groundOf = (body: RiderBody, saddle: SaddleOnHorse, barrel: Barrel, crouchMm = 0): LegGround => ({
  barrel,
  saddle,
  hipAboveSeatMm: body.hipJointAboveSeat.mm + crouchMm,
});

/** Where the leg hangs with its knee at a height. The foot hangs beside the widest of the barrel: the leg lies round it. */
function hangsAt({ barrel, saddle, hipAboveSeatMm }: LegGround, kneeZMm: number): Hangs {
  const { saddleAndFlap, skinToJoint } = KNEE_COVER_MM;
  const below = saddle.backZMm - kneeZMm;
  return {
    hip: { xMm: saddle.seat.xMm, zMm: saddle.seat.zMm + hipAboveSeatMm },
    bar: saddle.bar,
    kneeOutMm: halfBreadthAt(barrel, below) + saddleAndFlap + skinToJoint,
    treadOutMm: Math.max(saddle.bar.outMm, barrel.halfBreadthMm),
  };
}

const MOST_ROUNDS = 40;
const SAME_MM = 1e-6;

/** The knee's height says how broad the barrel is there, and that says where the knee hangs: until both agree. */
function settledLeg(ground: LegGround, at: (hangs: Hangs) => Outcome<LegPlace>): Outcome<LegPlace & { readonly hangs: Hangs }> {
  const { saddle, barrel } = ground;
  // a leg too short to go round the widest may well hang where the barrel draws in
  const [widest, lowest] = [barrel.widestBelowMm, barrel.widestBelowMm + barrel.halfDepthMm].map((below) =>
    hangsAt(ground, saddle.backZMm - below),
  ) as [Hangs, Hangs];
  let hangs = at(widest).ok ? widest : lowest;
  let place = at(hangs);
  for (let round = 0; round < MOST_ROUNDS && place.ok; round++) {
    const next = hangsAt(ground, place.value.knee.zMm);
    const moved = Math.abs(next.kneeOutMm - hangs.kneeOutMm);
    // half a step, so that a steep flank can't throw it to and fro
    hangs = { ...next, kneeOutMm: (next.kneeOutMm + hangs.kneeOutMm) / 2 };
    place = at(hangs);
    if (moved < SAME_MM) break;
  }
  return place.ok ? { ...place, value: { ...place.value, hangs } } : place;
}

export type LegOnHorse = LegPlace & { readonly hangs: Hangs };

/** The leg on this saddle on this horse, its knee bent as seen from the side. Errors as `legAtKnee`. */
export const legOnHorse = (leg: Leg, ground: LegGround, kneeDeg: number): Outcome<LegOnHorse> =>
  settledLeg(ground, (hangs) => legAtKnee(leg, hangs, kneeDeg));

/** The same on a leather of a length, over the flap, iron included. Errors as `legAtHang`. */
export const legOnLeather = (leg: Leg, ground: LegGround, hangMm: number): Outcome<LegOnHorse> =>
  settledLeg(ground, (hangs) => legAtHang(leg, hangs, hangMm));
