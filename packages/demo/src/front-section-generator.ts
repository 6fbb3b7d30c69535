import { type PointYZ, type Random, normal, point, radFromDeg } from '@fulcra/core';

/** The truth of an invented back at its front station. */
export interface BackTruth {
  /** Angle of each flank from the vertical, degrees; a front of near + off included angle lies even on it. */
  readonly nearDeg: number;
  readonly offDeg: number;
  /** Radius over the withers, mm. */
  readonly apexRadiusMm: number;
  /** How far the flanks bow out in their middle, mm. */
  readonly bowMm: number;
  /** How far down the tracing goes, mm. */
  readonly depthMm: number;
}

const STEP_MM = 12;

/** Points of the true section, near end to off end, apex at (0, 0): a round top with flanks at a tangent. */
export function trueSection(truth: BackTruth): PointYZ[] {
  const near = flank(truth, truth.nearDeg).map((p) => point(-p.yMm, p.zMm));
  return [...near.reverse(), point(0, 0), ...flank(truth, truth.offDeg)];
}

function flank(truth: BackTruth, angleDeg: number): PointYZ[] {
  const a = radFromDeg(angleDeg);
  const r = truth.apexRadiusMm;
  const start = point(r * Math.cos(a), -r * (1 - Math.sin(a)));
  const round = [0.25, 0.5, 0.75].map((t) => {
    const turn = (Math.PI / 2 - a) * t;
    return point(r * Math.sin(turn), -r * (1 - Math.cos(turn)));
  });
  const length = (truth.depthMm + start.zMm) / Math.cos(a);
  const steps = Math.ceil(length / STEP_MM);
  const straight = Array.from({ length: steps + 1 }, (_, i) => {
    const along = (length * i) / steps;
    const out = truth.bowMm * Math.sin((Math.PI * i) / steps);
    return point(start.yMm + along * Math.sin(a) + out * Math.cos(a), start.zMm - along * Math.cos(a) + out * Math.sin(a));
  });
  return [...round, ...straight];
}

/** How a hand errs from take to take. */
export interface HandError {
  readonly tiltDeg: number;
  readonly shiftMm: number;
  readonly noiseMm: number;
}

export const STEADY_HAND: HandError = { tiltDeg: 0.25, shiftMm: 0.4, noiseMm: 0.35 };

/** One take of a true section: tilted, shifted and shaken a little, rounded to half a millimetre as a grid reads. */
export function takeOf(truth: BackTruth, hand: HandError, random: Random): PointYZ[] {
  const tilt = radFromDeg(hand.tiltDeg * normal(random));
  const dy = hand.shiftMm * normal(random);
  return trueSection(truth).map((p) => {
    const y = p.yMm * Math.cos(tilt) - p.zMm * Math.sin(tilt) + dy + hand.noiseMm * normal(random);
    const z = p.yMm * Math.sin(tilt) + p.zMm * Math.cos(tilt) + hand.noiseMm * normal(random);
    return point(Math.round(y * 2) / 2, Math.round(z * 2) / 2);
  });
}
