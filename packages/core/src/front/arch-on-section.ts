import { type Section } from '../back/section';
import { BESIDE_AT_MM } from '../back/section-measures';
import { risingRoot } from '../geometry';
import { type Outcome, type Problem, done, problem, refused } from '../problems';
import { type FrontArch, archHalfOutline } from '../saddle/front-arch';
import {
  type BodySide,
  bodySide,
  sideHeightMm,
  nearestSegment,
  isBeyondEnd,
  signedDistanceTo,
  signedGap,
  walkToNearest,
} from './body-side';
import { SIDES, radFromDeg } from '../units';
import { type Padding, bearingPart, coverMm } from './padding';

/** Room between panel (with pad) and horse along one point's bearing part, mm; nothing is below zero. */
export interface SideGaps {
  readonly topMm: number;
  readonly tipMm: number;
  readonly meanMm: number;
  /** Tip minus top: below zero the tip is closer (narrow), above zero the top is closer (wide). */
  readonly tipMinusTopMm: number;
  /** Room beside the withers, square to the arch's side, under saddle and rider, mm; null where the panel begins nearer to the spine. */
  readonly besideWithersMm: number | null;
  /** Gaps from top to tip at equal steps, for the drawing. */
  readonly profileMm: readonly number[];
  /** True when the tracing ends above the tip and was thought on straight. */
  readonly extrapolated: boolean;
}

export interface LaidArch {
  readonly arch: FrontArch;
  readonly padding: Padding;
  /** Height of the crown's inside over the apex of the section where it first touches, mm. */
  readonly crownZMm: number;
  /** The same under saddle and rider: the clearance over the withers that schools speak of. */
  readonly loadedMm: number;
  readonly near: SideGaps;
  readonly off: SideGaps;
  /** What stopped the arch on its way down. */
  readonly restsOn: 'points' | 'crown';
}

export const PROFILE_STEPS = 16;
const HIGHEST_MM = 400;
const LOWEST_MM = -200;
/** Where the crown of most saddles comes to rest; looked at first. */
const USUAL_MM = { from: 5, to: 85 } as const;
const SETTLED_MM = 1e-7;
/** A gap this small counts as contact, mm. */
const TOUCHING_MM = 1e-4;

/** A section made ready for many arches. */
export interface PreparedSection {
  readonly near: BodySide;
  readonly off: BodySide;
}

export const prepareSection = (section: Section): PreparedSection => ({
  near: bodySide(section, 'near'),
  off: bodySide(section, 'off'),
});

/**
 * Lays an upright arch, centred on the spine, on a front section: it comes straight down until the panel under one
 * point (or the bare crown) touches the horse. Gaps are normal to the horse, beyond panel and pad.
 * @returns the arch as it rests, or ARCH_DOES_NOT_SETTLE
 */
export function layArch(body: PreparedSection, arch: FrontArch, padding: Padding): Outcome<LaidArch> {
  const samples = sampleArch(arch, padding);
  const cover = coverMm(padding);
  const crownZMm = settledHeight(body, samples, cover);
  if (crownZMm === null) return refused(problem('ARCH_DOES_NOT_SETTLE', { angleDeg: arch.includedAngleDeg }));
  const short = SIDES.find((side) => isBeyondEnd(body[side], samples.py.at(-1)!, samples.pz.at(-1)! + crownZMm));
  if (short !== undefined) return refused(tooShallow(body[short], samples.pz.at(-1)! + crownZMm));
  const near = sideGaps(body.near, samples, arch, padding, crownZMm);
  const off = sideGaps(body.off, samples, arch, padding, crownZMm);
  const restsOn = Math.min(...near.profileMm, ...off.profileMm) <= TOUCHING_MM ? 'points' : 'crown';
  return done({ arch, padding, crownZMm, loadedMm: crownZMm - padding.sinkMm, near, off, restsOn });
}

/** Even thought on, the tracing ends well above the tip of the point. */
const tooShallow = (side: BodySide, tipZMm: number): Problem =>
  problem('SECTION_TOO_SHALLOW', { depthMm: -side.z[side.lastMeasured]!, neededMm: -tipZMm });

interface ArchSamples {
  /** Along the bearing part of the point, from top to tip. */
  readonly py: Float64Array;
  readonly pz: Float64Array;
  /** The bare part: round the crown and down to where the panel begins. */
  readonly cy: Float64Array;
  readonly cz: Float64Array;
}

function sampleArch(arch: FrontArch, padding: Padding): ArchSamples {
  const { top, tip } = bearingPart(arch, padding);
  const at = (i: number) => i / PROFILE_STEPS;
  const crown = [...archHalfOutline(arch).slice(0, -1), top];
  return {
    py: Float64Array.from({ length: PROFILE_STEPS + 1 }, (_, i) => top.yMm + at(i) * (tip.yMm - top.yMm)),
    pz: Float64Array.from({ length: PROFILE_STEPS + 1 }, (_, i) => top.zMm + at(i) * (tip.zMm - top.zMm)),
    cy: Float64Array.from(crown, (p) => p.yMm),
    cz: Float64Array.from(crown, (p) => p.zMm),
  };
}

/** Comes down until the least room is nothing. Walks along the sides; looks at everything when a walk went astray. */
function settledHeight(body: PreparedSection, s: ArchSamples, cover: number): number | null {
  const room = roomAt(body, s, cover, true);
  const walked = risingRoot(room, USUAL_MM.from, USUAL_MM.to, SETTLED_MM) ?? risingRoot(room, LOWEST_MM, HIGHEST_MM, SETTLED_MM);
  const roomWhole = roomAt(body, s, cover, false);
  if (walked !== null && Math.abs(roomWhole(walked)) < TOUCHING_MM) return walked;
  return risingRoot(roomWhole, LOWEST_MM, HIGHEST_MM, SETTLED_MM);
}

/** Least room anywhere under the arch as a function of the crown's height: under panel and pad, and under the bare crown. */
function roomAt(body: PreparedSection, s: ArchSamples, cover: number, walking: boolean): (h: number) => number {
  const probes = [body.near, body.off].flatMap((side) => [
    { side, ys: s.py, zs: s.pz, cover, found: new Int32Array(s.py.length).fill(-1) },
    { side, ys: s.cy, zs: s.cz, cover: 0, found: new Int32Array(s.cy.length).fill(-1) },
  ]);
  return (h) => {
    let least = Infinity;
    for (const { side, ys, zs, cover: under, found } of probes) {
      for (let i = 0; i < ys.length; i++) {
        const z = zs[i]! + h;
        const known = found[i]!;
        const at = walking && known >= 0 ? walkToNearest(side, known, ys[i]!, z) : nearestSegment(side, ys[i]!, z);
        found[i] = at;
        least = Math.min(least, signedDistanceTo(side, at, ys[i]!, z) - under);
      }
    }
    return least;
  };
}

function sideGaps(body: BodySide, s: ArchSamples, { includedAngleDeg }: FrontArch, padding: Padding, h: number): SideGaps {
  const cover = coverMm(padding);
  const along = Array.from(s.py, (y, i) => signedGap(body, y, s.pz[i]! + h));
  const profileMm = along.map((g) => g.distanceMm - cover);
  const topMm = profileMm[0]!;
  const tipMm = profileMm.at(-1)!;
  return {
    topMm,
    tipMm,
    meanMm: profileMm.reduce((sum, g) => sum + g, 0) / profileMm.length,
    tipMinusTopMm: tipMm - topMm,
    besideWithersMm: besideWithersMm(body, s, h, padding.sinkMm, Math.sin(radFromDeg(includedAngleDeg / 2))),
    profileMm,
    extrapolated: along.some((g) => g.beyondMeasured),
  };
}

/**
 * Least room between the horse and the bare arch beside the withers, square to the arch's side, under saddle and rider: at the same places
 * as of a saddle that has settled (`BESIDE_AT_MM`), as far as the panel leaves them free.
 */
function besideWithersMm(body: BodySide, s: ArchSamples, h: number, sinkMm: number, slopeCosine: number): number | null {
  let least = Infinity;
  for (const out of BESIDE_AT_MM) {
    const [roof, back] = [sideHeightMm(s.cy, s.cz, out), sideHeightMm(body.y, body.z, out)];
    if (roof !== null && back !== null) least = Math.min(least, slopeCosine * (roof + h - sinkMm - back));
  }
  return Number.isFinite(least) ? least : null;
}
