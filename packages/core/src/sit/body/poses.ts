import { type BackSurface } from '../../back/surface';
import { type NearOff } from '../../units';
import { type HorseBody } from './horse-body';

/** How the back is held while the saddle is looked at. */
export const BACK_POSES = ['resting', 'lifted', 'shoulderBack'] as const;
export type BackPose = (typeof BACK_POSES)[number];

/** Where nothing was measured (defaults). */
export const POSE_DEFAULTS = {
  /** Rise of the back when the belly is lifted, mm. */
  liftMm: 15,
  /** How far the scapula's edge swings back, mm. */
  travelMm: 45,
  /** How far the blade stands proud of the muscle behind it, mm. */
  bladeMm: 12,
} as const;

/** Where on the flank the blade's rear edge lies, from the spine, mm; it runs out over as much again (default). */
const BLADE = { innerMm: 50, fullMm: 90, outerMm: 190, softMm: 25 } as const;

/** The back as it is held: the resting surface with a lift along the spine, or with both blades drawn back under it. */
export function posedSurface(body: HorseBody, pose: BackPose): BackSurface {
  if (pose === 'resting') return body.surface;
  if (pose === 'lifted') return raised(body.surface, liftOf(body));
  const [near, off] = [bladeOf(body, 'near'), bladeOf(body, 'off')];
  return raised(body.surface, (x, y) => (y < 0 ? near(x, -y) : off(x, y)));
}

function raised(surface: BackSurface, by: (xMm: number, yMm: number) => number): BackSurface {
  const heights = new Float64Array(surface.heights.length);
  for (let i = 0; i < surface.countX; i++) {
    const x = surface.x0Mm + i * surface.stepMm;
    for (let j = 0; j < surface.countY; j++) {
      const at = i * surface.countY + j;
      heights[at] = surface.heights[at]! + by(x, surface.y0Mm + j * surface.stepMm);
    }
  }
  return { ...surface, heights };
}

/** A lift that is fullest at the low point and nothing at the base of the withers and behind the last rib. */
function liftOf(body: HorseBody): (x: number) => number {
  const lift = body.liftMm ?? POSE_DEFAULTS.liftMm;
  const rear = (body.lastRibMm ?? body.surface.stationsMm.at(-1)!) + 80;
  const front = body.witherBaseMm - 40;
  const middle = Math.min(Math.max(body.lowMm, front + 1), rear - 1);
  return (x) => {
    const share = x < middle ? (x - front) / (middle - front) : (rear - x) / (rear - middle);
    return share <= 0 ? 0 : lift * smooth(Math.min(1, share));
  };
}

/** The blade's thickness over the resting back: full ahead of where its edge was at rest, running out at where it is drawn to. */
function bladeOf(body: HorseBody, side: NearOff): (x: number, out: number) => number {
  const { restMm, forwardMm } = body.scapula[side];
  const rest = restMm ?? 0;
  const edge = forwardMm ?? rest + POSE_DEFAULTS.travelMm;
  return (x, out) => {
    if (x >= edge + BLADE.softMm || out <= BLADE.innerMm || out >= BLADE.outerMm) return 0;
    const along = smooth(Math.min(1, (edge + BLADE.softMm - x) / (2 * BLADE.softMm)));
    const inward = smooth(Math.min(1, (out - BLADE.innerMm) / (BLADE.fullMm - BLADE.innerMm)));
    const outward = smooth(Math.min(1, (BLADE.outerMm - out) / (BLADE.outerMm - BLADE.fullMm)));
    return POSE_DEFAULTS.bladeMm * along * inward * outward;
  };
}

const smooth = (t: number): number => t * t * (3 - 2 * t);
