import { type BackSurface } from '../../back/surface';
import { type EngineSettings } from '../../schools/engine';
import { type NearOff } from '../../units';
import { type HorseBody } from '../body/horse-body';
import { bladeAcross, smooth } from '../body/poses';

type Settings = Pick<EngineSettings, 'unmeasured' | 'blade'>;

/** How the back stands at one instant: its rise, mm, and how far each blade is drawn back, as a share of its travel. */
export interface BackAt {
  readonly riseMm: number;
  readonly near: number;
  readonly off: number;
}

/** A resting back that rises and whose blades swing, in one place in memory: what `at` gives is overwritten by the next. */
export interface MovingBack {
  readonly at: (back: BackAt) => BackSurface;
  /** How far a blade stands out at a place as it stands now, mm. */
  readonly bladeMm: (xMm: number, yMm: number, back: BackAt) => number;
}

/**
 * @param middleMm the middle of what bears: the back rises most there, and not at the withers and behind the last rib.
 */
export function movingBack(body: HorseBody, middleMm: number, settings: Settings): MovingBack {
  const { surface } = body;
  const heights = Float64Array.from(surface.heights);
  const bump = riseAlong(body, middleMm);
  const blades = { near: bladeOf(body, 'near', settings), off: bladeOf(body, 'off', settings) };
  const xs = Array.from({ length: surface.countX }, (_, i) => surface.x0Mm + i * surface.stepMm);
  const bumps = xs.map(bump);
  const across = Array.from({ length: surface.countY }, (_, j) => bladeAcross(Math.abs(surface.y0Mm + j * surface.stepMm), settings.blade));
  const moved: BackSurface = { ...surface, heights };
  return {
    at: ({ riseMm, near, off }) => {
      for (let i = 0; i < surface.countX; i++) {
        const rise = riseMm * bumps[i]!;
        const [onNear, onOff] = [blades.near(xs[i]!, near), blades.off(xs[i]!, off)];
        for (let j = 0; j < surface.countY; j++) {
          const at = i * surface.countY + j;
          const blade = surface.y0Mm + j * surface.stepMm < 0 ? onNear : onOff;
          heights[at] = surface.heights[at]! + rise + blade * across[j]!;
        }
      }
      return moved;
    },
    bladeMm: (x, y, { near, off }) => (y < 0 ? blades.near(x, near) : blades.off(x, off)) * bladeAcross(Math.abs(y), settings.blade),
  };
}

/** Beyond the last rib the back no longer rises, mm; ahead of the base of the withers neither (as with a lifted back). */
const BEYOND_RIB_MM = 80;
const AHEAD_OF_BASE_MM = 40;

function riseAlong(body: HorseBody, middleMm: number): (x: number) => number {
  const rear = (body.lastRibMm ?? body.surface.stationsMm.at(-1)!) + BEYOND_RIB_MM;
  const front = body.witherBaseMm - AHEAD_OF_BASE_MM;
  const middle = Math.min(Math.max(middleMm, front + 1), rear - 1);
  return (x) => {
    const share = x < middle ? (x - front) / (middle - front) : (rear - x) / (rear - middle);
    return share <= 0 ? 0 : smooth(Math.min(1, share));
  };
}

/**
 * How far the blade's rear edge pushes the flank out at a place along the back, mm, over where it lay at rest: nothing at rest; drawn
 * back, between where it was and where it now is. The travel is the measured one, or the default.
 */
function bladeOf(body: HorseBody, side: NearOff, { unmeasured, blade }: Settings): (x: number, share: number) => number {
  const { restMm, forwardMm } = body.scapula[side];
  const rest = restMm ?? 0;
  const travel = forwardMm === null ? unmeasured.travelMm : forwardMm - rest;
  const covers = (x: number, edge: number): number => smooth(Math.max(0, Math.min(1, (edge + blade.softMm - x) / (2 * blade.softMm))));
  return (x, share) => unmeasured.bladeMm * (covers(x, rest + share * travel) - covers(x, rest));
}
