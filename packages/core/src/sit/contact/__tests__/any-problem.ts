import { seededRandom } from '../../../random';
import { ENGINE_DEFAULTS } from '../../../schools';
import { presentSetup } from '../../../saddle';
import { bodyFrom } from '../../body';
import { laySaddle, settleJob, sitBench } from '../../sit';
import { anyHorse, anySaddle, inputOf } from '../../__tests__/invented-horses';
import { type ContactProblem } from '../contact-problem';
import { thinned } from '../panel-cells';
import { roomForSamples, sampleAt } from '../sampling';
import { motionOf, AS_PUT } from '../rigid';
import { firstTouch } from '../step';
import { cellsOf, weight } from './made-cells';

/** Cells of a made-up back with everything in them: slopes, gaps, shear brought along, ways already gone. */
export function anyProblem(seed: number, friction: number): ContactProblem {
  const random = seededRandom(seed);
  const between = (a: number, b: number): number => a + (b - a) * random();
  const cells = Array.from({ length: 60 }, () => ({
    at: [between(-200, 200), between(-120, 120), between(-40, 10)] as const,
    normal: [between(-0.3, 0.3), between(-0.9, 0.9), 1] as const,
    squeezeMm: between(-2, 9),
    areaMm2: between(200, 1200),
    k: between(1, 3),
  }));
  const list = (a: number, b: number) => cells.map(() => between(a, b));
  return {
    cells: {
      ...cellsOf(cells),
      squeezeBeforeMm: list(-5, 5),
      movedX: list(-2, 2),
      movedY: list(-2, 2),
      movedZ: list(-2, 2),
      shearX: list(-1, 1),
      shearY: list(-1, 1),
      shearZ: list(-1, 1),
    },
    law: { hardeningMm: 25, shearShare: 0.35, friction },
    loads: [{ x: 20, y: 5, z: 40, forceX: 30, forceY: -20, forceZ: -900 }, weight(80, -90, 0, 10)],
    tree: {
      bendNmPerDeg: 40,
      openNmPerDeg: 30,
      bent: 0.01,
      opened: -0.005,
      bendZ: list(0, 90),
      openY: list(-60, 60),
      openZ: list(-60, 60),
      loadBendZ: [12, 70],
    },
  };
}

/** Cells of a saddle on an invented horse, thinned to a few hundred, about to take their first step; null where it can't be laid. */
export function saddleProblem(seed: number): ContactProblem | null {
  const random = seededRandom(seed);
  const body = bodyFrom(inputOf(anyHorse(random)));
  const saddle = anySaddle(random);
  const rider = { massKg: 40 + 60 * random(), offsetMm: 30 * (random() - 0.5), stirrupShare: 0.4 * random(), gait: 'stand' } as const;
  if (!body.ok) return null;
  const question = { body: body.value, saddle, setup: presentSetup(saddle, 50), rider, pose: 'resting' as const };
  const laid = laySaddle(question, ENGINE_DEFAULTS);
  if (!laid.ok) return null;
  const ready = settleJob(question, laid.value, sitBench(body.value, 'resting', ENGINE_DEFAULTS, 12));
  if (!ready.ok) return null;
  const { job } = ready.value;
  const panel = thinned(job.panel, Math.max(1, Math.floor(job.panel.count / 250)));
  const { cells: from, heaveMm } = firstTouch(panel);
  const at = roomForSamples(panel.count);
  sampleAt(panel, job.surface, { ...motionOf({ ...AS_PUT, heaveMm }), bent: 0, opened: 0 }, at);
  return {
    cells: {
      x: at.x,
      y: at.y,
      z: at.z,
      normalX: at.nx,
      normalY: at.ny,
      normalZ: at.nz,
      squeezeMm: at.squeezeMm,
      areaMm2: panel.areaMm2,
      stiffnessKPaPerMm: panel.stiffnessKPaPerMm,
      squeezeBeforeMm: from.squeezeMm,
    },
    law: job.law,
    loads: job.loads.map((l) => ({ x: l.xMm, y: l.yMm, z: l.zMm + heaveMm, forceX: l.forceX, forceY: l.forceY, forceZ: l.forceZ })),
  };
}

/** The cases an independent program was asked: by name, so that they can be made again. */
export function referenceProblem(name: string): ContactProblem | null {
  const [kind, seed] = name.split(' ');
  if (kind === 'saddle') return saddleProblem(Number(seed));
  const problem = anyProblem(Number(seed), 0.1 + 0.05 * (Number(seed) % 12));
  return kind === 'rigid' ? { ...problem, tree: null } : problem;
}
