import { type Outcome, done, problem, refused } from '../problems';
import { degFromRad, radFromDeg } from '../units';
import { leanOf } from './mass-centre';

/** What is marked on a photo from the side. */
export const PHOTO_POINTS = ['ear', 'shoulder', 'hip', 'knee', 'ankle', 'heel', 'bar'] as const;
export type PhotoPoint = (typeof PHOTO_POINTS)[number];

/** How far each lies behind the plane of the near leg, mm (defaults). */
export const BEHIND_LEG_MM: Readonly<Record<PhotoPoint, number>> = {
  ear: 230,
  shoulder: 60,
  hip: 140,
  knee: 0,
  ankle: 0,
  heel: 0,
  bar: 90,
};

/** The camera stands at least this far away, mm (default): nearer, depth bends every offset. */
export const LEAST_DISTANCE_MM = 6000;
/** A known length shorter than this on the photo is no scale, px (default): a finger marks to about 3 px. */
export const LEAST_SCALE_PX = 40;
/** What a marked photo is sure to without knowing the depths, as said on the screen (defaults). */
export const PHOTO_ERROR = { offsetMm: 15, angleDeg: 3 } as const;

export interface Px {
  readonly x: number;
  readonly y: number;
}

export interface MarkedPhoto {
  /** The whole picture as taken, px: its middle is where the camera looked. */
  readonly widthPx: number;
  readonly heightPx: number;
  /** Which way the horse looks on it. */
  readonly looks: 'left' | 'right';
  readonly points: Readonly<Partial<Record<PhotoPoint, Px>>>;
  /** Plumb as drawn, from above to below; or how far the phone was turned clockwise while it was held, degrees. */
  readonly plumb: { readonly from: Px; readonly to: Px } | { readonly tiltDeg: number };
  /** A length that is known, in the plane of the near leg. */
  readonly scale: { readonly from: Px; readonly to: Px; readonly mm: number };
  readonly distanceMm: number;
}

export interface PhotoReading {
  readonly mmPerPx: number;
  /** Turned plumb and to scale: x toward the tail, z up, from the bar, else from the heel, mm. */
  readonly at: Readonly<Partial<Record<PhotoPoint, { readonly xMm: number; readonly zMm: number }>>>;
  /** Behind the hip's plumb, mm; null where one of the two isn't marked. */
  readonly behindHipMm: Readonly<Record<'ear' | 'shoulder' | 'heel' | 'bar', number | null>>;
  readonly kneeDeg: number | null;
  readonly hipDeg: number | null;
  readonly trunkLeanDeg: number | null;
  /** The leather from its plumb, degrees: + its foot lies toward the tail. */
  readonly leatherDeg: number | null;
  /** Taken from nearer than it should be: the error said no longer holds. */
  readonly tooNear: boolean;
}

/** Without these nothing is said at all. */
const NEEDED: readonly PhotoPoint[] = ['hip', 'heel'];

/**
 * Reads offsets and angles off a photo from the side. The camera is a pinhole that looks at the picture's middle: what lies behind the
 * leg's plane is drawn smaller, and is set out again by (distance + depth) / distance.
 * @returns refused where hip or heel isn't marked, or the known length is too short to be a scale
 */
export function readSidePhoto(photo: MarkedPhoto): Outcome<PhotoReading> {
  const missing = NEEDED.filter((p) => photo.points[p] === undefined);
  if (missing.length > 0) return refused(problem('PHOTO_POINTS_MISSING', { missing: missing.join(', ') }));
  const { from, to, mm } = photo.scale;
  const px = Math.hypot(to.x - from.x, to.y - from.y);
  if (!(px >= LEAST_SCALE_PX)) return refused(problem('PHOTO_SCALE_TOO_SHORT', { px, leastPx: LEAST_SCALE_PX }));
  const mmPerPx = mm / px;
  const place = placer(photo, mmPerPx);
  const at = Object.fromEntries(
    PHOTO_POINTS.flatMap((p) => (photo.points[p] === undefined ? [] : [[p, place(photo.points[p], BEHIND_LEG_MM[p])]])),
  ) as PhotoReading['at'];
  const { ear, shoulder, hip, knee, ankle, heel, bar } = at;
  const behind = (p: XZ | undefined): number | null => (p === undefined || hip === undefined ? null : p.xMm - hip.xMm);
  return done({
    mmPerPx,
    at,
    behindHipMm: { ear: behind(ear), shoulder: behind(shoulder), heel: behind(heel), bar: behind(bar) },
    kneeDeg: angleAt(knee, hip, ankle),
    hipDeg: angleAt(hip, shoulder, knee),
    trunkLeanDeg: hip === undefined || shoulder === undefined ? null : leanOf(hip, shoulder),
    leatherDeg: bar === undefined || ankle === undefined ? null : degFromRad(Math.atan2(ankle.xMm - bar.xMm, bar.zMm - ankle.zMm)),
    tooNear: photo.distanceMm < LEAST_DISTANCE_MM,
  });
}

interface XZ {
  readonly xMm: number;
  readonly zMm: number;
}

function placer({ widthPx, heightPx, looks, plumb, distanceMm }: MarkedPhoto, mmPerPx: number): (p: Px, depthMm: number) => XZ {
  const turn = tiltOf(plumb);
  const [sin, cos] = [Math.sin(turn), Math.cos(turn)];
  const toTail = looks === 'left' ? 1 : -1;
  return (p, depthMm) => {
    const out = (mmPerPx * (distanceMm + depthMm)) / distanceMm;
    const [u, v] = [(p.x - widthPx / 2) * out, (p.y - heightPx / 2) * out];
    return { xMm: toTail * (u * cos - v * sin), zMm: -(u * sin + v * cos) };
  };
}

/** How far the picture is turned so that plumb points straight down, radians. */
function tiltOf(plumb: MarkedPhoto['plumb']): number {
  if ('tiltDeg' in plumb) return radFromDeg(plumb.tiltDeg);
  return Math.atan2(plumb.to.x - plumb.from.x, plumb.to.y - plumb.from.y);
}

function angleAt(at: XZ | undefined, a: XZ | undefined, b: XZ | undefined): number | null {
  if (at === undefined || a === undefined || b === undefined) return null;
  const [u, v] = [
    [a.xMm - at.xMm, a.zMm - at.zMm],
    [b.xMm - at.xMm, b.zMm - at.zMm],
  ] as const;
  const cosine = (u[0] * v[0] + u[1] * v[1]) / (Math.hypot(...u) * Math.hypot(...v));
  return degFromRad(Math.acos(Math.max(-1, Math.min(1, cosine))));
}
