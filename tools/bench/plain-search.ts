import {
  type ArchShape,
  CROWN_RADIUS_MM,
  type Padding,
  type Section,
  archHalfOutline,
  bearingPart,
  coverMm,
  nearestOn,
  sideOutward,
} from '@fulcra/core';

const STEP_DEG = 0.5;
const SAMPLES = 17;

/** The even angle by looking at every half degree from 70 to 120 and every segment: the reference the engine is measured against. */
export function plainEvenAngle(section: Section, shape: ArchShape, pointLengthMm: number, padding: Padding): number {
  const sides = [sideOutward(section, 'near'), sideOutward(section, 'off')];
  let best = 0;
  let least = Infinity;
  for (let deg = 70; deg <= 120; deg += STEP_DEG) {
    const arch = { shape, crownRadiusMm: CROWN_RADIUS_MM[shape], includedAngleDeg: deg, pointLengthMm };
    const { top, tip } = bearingPart(arch, padding);
    const along = Array.from({ length: SAMPLES }, (_, i) => ({
      yMm: top.yMm + (i / (SAMPLES - 1)) * (tip.yMm - top.yMm),
      zMm: top.zMm + (i / (SAMPLES - 1)) * (tip.zMm - top.zMm),
    }));
    const crown = archHalfOutline(arch).slice(0, -1);
    const gap = (p: { yMm: number; zMm: number }, h: number, side: number): number => {
      const near = nearestOn(sides[side]!, { yMm: p.yMm, zMm: p.zMm + h });
      return near.distanceMm * near.side;
    };
    const room = (h: number): number =>
      Math.min(
        ...along.flatMap((p) => [0, 1].map((s) => gap(p, h, s) - coverMm(padding))),
        ...crown.flatMap((p) => [0, 1].map((s) => gap(p, h, s))),
      );
    const h = bisection(room, 0, 150);
    const opening = [0, 1].reduce((sum, s) => sum + gap(along.at(-1)!, h, s) - gap(along[0]!, h, s), 0) / 2;
    if (Math.abs(opening) < least) {
      least = Math.abs(opening);
      best = deg;
    }
  }
  return best;
}

function bisection(f: (x: number) => number, from: number, to: number): number {
  let lo = from;
  let hi = to;
  while (hi - lo > 1e-4) {
    const middle = (lo + hi) / 2;
    if (f(middle) > 0) hi = middle;
    else lo = middle;
  }
  return (lo + hi) / 2;
}
