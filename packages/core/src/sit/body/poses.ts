import { type BackSurface } from '../../back/surface';
import { type NearOff } from '../../units';
import { type BackPose, type EngineSettings } from '../../schools/engine';
import { type HorseBody } from './horse-body';

type PoseSettings = Pick<EngineSettings, 'unmeasured' | 'blade'>;

/** The back as it is held: the resting surface with a lift along the spine, or with both blades drawn back under it. */
export function posedSurface(body: HorseBody, pose: BackPose, settings: PoseSettings): BackSurface {
  if (pose === 'resting') return body.surface;
  if (pose === 'lifted') return raised(body.surface, liftOf(body, settings));
  const [near, off] = [bladeOf(body, 'near', settings), bladeOf(body, 'off', settings)];
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
function liftOf(body: HorseBody, { unmeasured }: PoseSettings): (x: number) => number {
  const lift = body.liftMm ?? unmeasured.liftMm;
  const rear = (body.lastRibMm ?? body.surface.stationsMm.at(-1)!) + 80;
  const front = body.witherBaseMm - 40;
  const middle = Math.min(Math.max(body.lowMm, front + 1), rear - 1);
  return (x) => {
    const share = x < middle ? (x - front) / (middle - front) : (rear - x) / (rear - middle);
    return share <= 0 ? 0 : lift * smooth(Math.min(1, share));
  };
}

/** The blade's thickness over the resting back: full ahead of where its edge was at rest, running out at where it is drawn to. */
function bladeOf(body: HorseBody, side: NearOff, { unmeasured, blade }: PoseSettings): (x: number, out: number) => number {
  const { restMm, forwardMm } = body.scapula[side];
  const rest = restMm ?? 0;
  const edge = forwardMm ?? rest + unmeasured.travelMm;
  return (x, out) => {
    if (x >= edge + blade.softMm || out <= blade.innerMm || out >= blade.outerMm) return 0;
    const along = smooth(Math.min(1, (edge + blade.softMm - x) / (2 * blade.softMm)));
    return unmeasured.bladeMm * along * bladeAcross(out, blade);
  };
}

/** How much of a blade's thickness stands at a distance from the spine: full in its middle, running out to both edges. */
export function bladeAcross(out: number, blade: EngineSettings['blade']): number {
  if (out <= blade.innerMm || out >= blade.outerMm) return 0;
  const inward = smooth(Math.min(1, (out - blade.innerMm) / (blade.fullMm - blade.innerMm)));
  return inward * smooth(Math.min(1, (blade.outerMm - out) / (blade.outerMm - blade.fullMm)));
}

export const smooth = (t: number): number => t * t * (3 - 2 * t);
