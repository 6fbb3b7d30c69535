import { type Strap } from '../saddle/saddle-build';
import { type DescribedSaddle, type SaddleSetup } from '../saddle/saddle-setup';
import { type EngineSettings } from '../schools/engine';
import { type Problem, problem } from '../problems';

/** One strap pulled toward its buckle of the girth in its groove: what it does to the saddle. Both sides alike. */
export interface StrapPull {
  readonly strap: Strap;
  /** Where its pull meets the saddle, in the horse's own frame, mm; from the spine, and below the crown of the arch. */
  readonly xMm: number;
  readonly outMm: number;
  readonly belowMm: number;
  /** Its buckle, in the horse's own frame, mm. */
  readonly buckleMm: number;
  /** From plumb, degrees: + its foot lies toward the head, so that it pulls the saddle forward. */
  readonly leanDeg: number;
  /** Of both sides together: down, and along the back (- toward the head). */
  readonly downN: number;
  readonly alongN: number;
  /** Of one side, outward. */
  readonly outwardN: number;
  /** What each leg of a V carries on one side, front and rear, N; null for a plain strap. */
  readonly legsN: readonly [front: number, rear: number] | null;
}

type Girthing = Pick<EngineSettings, 'girthBuckle' | 'strapV'>;

/**
 * What the chosen straps do. The girth lies in its groove and has a buckle for each strap, the front one's in front.
 * @param grooveMm where the girth wants to lie; null while it isn't known: then the straps hang plumb
 */
export function strapPulls(
  saddle: DescribedSaddle,
  setup: SaddleSetup,
  grooveMm: number | null,
  pullN: number,
  engine: Girthing,
): StrapPull[] {
  const straps = saddle.build.straps.filter((s) => setup.straps.includes(s.id)).sort((a, b) => a.xMm - b.xMm);
  return straps.map((strap, i) => {
    const plumb = setup.placeMm + strap.xMm;
    const apart = (i - (straps.length - 1) / 2) * engine.girthBuckle.apartMm;
    return strapPull(strap, plumb, grooveMm === null ? plumb : grooveMm + apart, pullN, engine);
  });
}

/** A buckle nearer to where its strap hangs leaves no strap to pull by, mm (default). */
export const LEAST_DROP_MM = 40;

/** What is wrong with where the girth's buckles lie: each strap that would end on its own anchor. */
export const girthProblems = ({ build }: DescribedSaddle, setup: SaddleSetup, { girthBuckle }: Girthing): Problem[] =>
  build.straps
    .filter((s) => setup.straps.includes(s.id) && !(girthBuckle.belowMm - s.belowMm >= LEAST_DROP_MM))
    .map((s) => problem('STRAP_BUCKLE_ON_ANCHOR', { strap: s.id, belowMm: girthBuckle.belowMm - s.belowMm, leastMm: LEAST_DROP_MM }));

function strapPull(strap: Strap, plumbMm: number, buckleMm: number, pullN: number, { girthBuckle, strapV }: Girthing): StrapPull {
  const below = girthBuckle.belowMm - strap.belowMm;
  const legs = strap.hang === 'fixed' ? null : legsOf(strap.hang, buckleMm - plumbMm, below, strapV);
  const [x, drop] = legs === null ? [0, 0] : [legs.x, legs.drop];
  const along = buckleMm - plumbMm - x;
  const down = below - drop;
  const across = girthBuckle.halfMm - strap.yMm;
  const length = Math.hypot(along, down, across);
  return {
    strap,
    xMm: plumbMm + x,
    outMm: strap.yMm,
    belowMm: strap.belowMm + drop,
    buckleMm,
    leanDeg: (Math.atan2(-along, down) * 180) / Math.PI,
    downN: (2 * pullN * down) / length,
    alongN: (2 * pullN * along) / length,
    outwardN: (pullN * across) / length,
    legsN: legs === null ? null : [legs.shares[0] * pullN, legs.shares[1] * pullN],
  };
}

/** Where the line of a V's pull meets it, from between its two ends, mm, and what each leg carries of the pull. */
interface Legs {
  readonly x: number;
  readonly drop: number;
  readonly shares: readonly [front: number, rear: number];
}

/**
 * A V hangs from two ends to a ring. Sliding, the ring runs until both legs pull alike: it takes the place on its loop that is
 * nearest to the buckle. Fixed, each leg keeps its length: the ring stays between them while both are taut, and where the pull
 * leaves the V one leg carries it all.
 */
export function legsOf(hang: 'v' | 'sliding', buckleX: number, buckleDrop: number, v: EngineSettings['strapV']): Legs {
  const half = v.spreadMm / 2;
  const deep = Math.min(v.ringBelowMm, buckleDrop - 20);
  return hang === 'sliding' ? slidingRing(half, deep, buckleX, buckleDrop) : fixedRing(half, deep, buckleX, buckleDrop);
}

const RING_ROUNDS = 60;

function slidingRing(half: number, deep: number, buckleX: number, buckleDrop: number): Legs {
  const a = Math.hypot(half, deep);
  // the loop is an ellipse about the two ends: x = a cos t, drop = deep sin t
  let [low, high] = [0, Math.PI];
  const farther = (t: number): number => Math.hypot(a * Math.cos(t) - buckleX, deep * Math.sin(t) - buckleDrop);
  for (let i = 0; i < RING_ROUNDS; i++) {
    const [p, q] = [low + (high - low) / 3, high - (high - low) / 3];
    if (farther(p) < farther(q)) high = q;
    else low = p;
  }
  const t = (low + high) / 2;
  const [x, drop] = [a * Math.cos(t), deep * Math.sin(t)];
  const toward = (end: number): number => Math.atan2(x - end, drop);
  const between = Math.abs(toward(-half) - toward(half));
  const each = 1 / (2 * Math.cos(between / 2));
  return { x, drop, shares: [each, each] };
}

function fixedRing(half: number, deep: number, buckleX: number, buckleDrop: number): Legs {
  // where the pull's line, carried on upward from the ring, passes between the ends
  const passes = (-buckleX * deep) / (buckleDrop - deep);
  if (Math.abs(passes) > half) {
    const end = passes < 0 ? -half : half;
    return { x: end, drop: 0, shares: passes < 0 ? [1, 0] : [0, 1] };
  }
  const length = Math.hypot(buckleX, buckleDrop - deep);
  const [px, pz] = [buckleX / length, (buckleDrop - deep) / length];
  const leg = Math.hypot(half, deep);
  // front leg pulls the ring by (-half, -deep) / leg, rear by (half, -deep) / leg; together they hold the pull
  const [sum, difference] = [(pz * leg) / deep, (px * leg) / half];
  return { x: 0, drop: deep, shares: [(sum + difference) / 2, (sum - difference) / 2] };
}

/** Lean of what the straps that are buckled pull together, degrees: + the pull goes toward the head; 0 with none. */
export function strapsLeanDeg(pulls: readonly Pick<StrapPull, 'alongN' | 'downN'>[]): number {
  const sum = (of: 'alongN' | 'downN'): number => pulls.reduce((s, p) => s + p[of], 0);
  const [along, down] = [sum('alongN'), sum('downN')];
  return along === 0 ? 0 : (Math.atan2(-along, down) * 180) / Math.PI;
}
