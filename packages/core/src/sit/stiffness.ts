import { type EngineSettings } from '../schools/engine';
import { type ContactLaw, N_PER_KPA_MM2 } from './contact/contact-problem';
import { type PanelCells, type SaddleForce, thinned } from './contact/panel-cells';
import { poseOf } from './contact/rigid';
import { type Settled, type SettleJob, settle } from './contact/settle';
import { squeezeAt } from './contact/springs';
import { step } from './contact/step';

/** How a saddle that rests answers to being tipped with nothing but its pressing, the heave let go: a pitch that gives easily rocks. */
export interface TipStiffness {
  readonly pitchNmPerDeg: number;
}

/** The push test: what a hand on the pommel finds, with friction. */
export interface PushTest {
  readonly rollNmPerDeg: number;
  readonly yawNmPerDeg: number;
  /** Moment at which it lets go, Nm, and the side to which it goes first; null where it held the most that was tried. */
  readonly letsGoNm: number | null;
}

/** About so many cells are enough to push against. */
const ENOUGH_CELLS = 600;

/** Nm per degree of tipping, the heave let go and all else held: from the squeeze of every cell. */
export function pitchStiffness(panel: PanelCells, { cells, placing }: Pick<Settled, 'cells' | 'placing'>, law: ContactLaw): number {
  let [k, kx, kxx] = [0, 0, 0];
  const middle = placing.t[2]!;
  for (let i = 0; i < panel.count; i++) {
    const p = cells.pressureKPa[i]!;
    if (!(p > 0)) continue;
    const spring = { stiffnessKPaPerMm: panel.stiffnessKPaPerMm[i]!, hardeningMm: law.hardeningMm };
    const stiff = panel.areaMm2[i]! * N_PER_KPA_MM2 * spring.stiffnessKPaPerMm * (1 + (2 * squeezeAt(spring, p)) / law.hardeningMm);
    const up = cells.nz[i]!;
    const turn = cells.nx[i]! * (cells.z[i]! - middle) - up * cells.x[i]!;
    k += stiff * up * up;
    kx += stiff * up * turn;
    kxx += stiff * turn * turn;
  }
  return k === 0 ? 0 : perDeg(kxx - (kx * kx) / k);
}

const perDeg = (nmmPerRad: number): number => (nmmPerRad * Math.PI) / 180 / 1000;

const ARM_MM = 50;

/** A pure moment as a pair of forces on the saddle, Nm: about x as a roll (+ off side low), about z as a yaw (+ cantle to the off). */
export function couple(about: 'roll' | 'yaw', nm: number, xMm: number): SaddleForce[] {
  const n = (nm * 1000) / (2 * ARM_MM);
  const at = (sign: 1 | -1): SaddleForce =>
    about === 'roll'
      ? { xMm, yMm: sign * ARM_MM, zMm: 0, forceX: 0, forceY: 0, forceZ: -sign * n }
      : { xMm: xMm + sign * ARM_MM, yMm: 0, zMm: 0, forceX: 0, forceY: sign * n, forceZ: 0 };
  return [at(1), at(-1)];
}

type Pushes = EngineSettings['pushes'];

/**
 * Roll from shape: a push either way with friction off, surge and yaw held, sway free; the smaller of both.
 * @returns 0 where it goes over
 */
export function rollShape(job: SettleJob, settled: Settled, { shapeNm, shapeStays }: Pushes): number {
  const panel = thinned(job.panel, Math.max(1, Math.floor(job.panel.count / ENOUGH_CELLS)));
  const slick: SettleJob = {
    ...job,
    panel,
    law: { ...job.law, friction: 0 },
    locked: ['surge', 'yaw'],
    stays: shapeStays,
    warm: settled.pose,
  };
  const rest = settle(slick);
  if (rest.state !== 'settled') return 0;
  const x = middleX(job.panel);
  const stiffness = ([-1, 1] as const).map((way) => {
    const pushed = settle({ ...slick, loads: [...job.loads, ...couple('roll', way * shapeNm, x)], warm: rest.pose });
    return pushed.state !== 'settled' ? 0 : shapeNm / Math.max(1e-6, way * (pushed.pose.rollDeg - rest.pose.rollDeg));
  });
  return Math.min(...stiffness);
}

const middleX = (panel: PanelCells): number => (panel.count === 0 ? 0 : (panel.x[0]! + panel.x[panel.count - 1]!) / 2);

/** Pushed one step from its rest, with all the shear it holds: a roll and a yaw, either way, and how much it bears. */
export function pushTest(job: SettleJob, settled: Settled, pushes: Pushes): PushTest {
  const x = middleX(job.panel);
  const after = (about: 'roll' | 'yaw', nm: number): number | null => {
    const end = step({
      ...job,
      locked: [],
      from: settled.cells,
      origin: settled.cells,
      start: settled.placing,
      loads: [...job.loads, ...couple(about, nm, x)],
    });
    if (!end.stays) return null;
    const [was, is] = [settled.pose, poseOf(end.placing)];
    return about === 'roll' ? is.rollDeg - was.rollDeg : is.yawDeg - was.yawDeg;
  };
  const smaller = (about: 'roll' | 'yaw'): number =>
    Math.min(
      ...([-1, 1] as const).map((way) => {
        const turned = after(about, way * pushes.handNm);
        return turned === null ? 0 : pushes.handNm / Math.max(1e-6, Math.abs(turned));
      }),
    );
  return {
    rollNmPerDeg: smaller('roll'),
    yawNmPerDeg: smaller('yaw'),
    letsGoNm: letsGo((nm) => after('roll', nm) !== null && after('roll', -nm) !== null, pushes),
  };
}

const HALVINGS = 4;

/** The least moment it doesn't bear, to a sixteenth of the most that is tried. */
function letsGo(bears: (nm: number) => boolean, { handNm, mostNm }: Pushes): number | null {
  let [low, high] = [0, handNm];
  while (bears(high)) {
    low = high;
    if (high >= mostNm) return null;
    high = Math.min(mostNm, 2 * high);
  }
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (low + high) / 2;
    if (bears(middle)) low = middle;
    else high = middle;
  }
  return high;
}
