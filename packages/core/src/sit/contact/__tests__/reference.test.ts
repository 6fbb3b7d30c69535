import { presentSetup } from '../../../saddle';
import { ENGINE_DEFAULTS } from '../../../schools';
import { seededRandom } from '../../../random';
import { bodyFrom } from '../../body';
import { READ, readSurface } from '../../../back/surface-read';
import { type Underside } from '../../../saddle/underside';
import { laySaddle } from '../../sit';
import { anyHorse, anySaddle, inputOf } from '../../__tests__/invented-horses';
import { FREEDOMS, restOf } from '..';
import { referenceProblem } from './any-problem';
import answers from './reference-answers.json';
import level from './level-numbers.json';

describe('an independent program, written from the law (its answers are kept; `npm run reference` asks it again)', () => {
  it('has a hundred cases and more, of each kind', () => {
    expect(answers.length).toBeGreaterThan(100);
    expect(new Set(answers.map((a) => a.name.split(' ')[0]))).toEqual(new Set(['rigid', 'gives', 'saddle']));
  });

  it.each(answers.map((a) => [a.name, a] as const))('%s: the same rest within 1e-4', (name, theirs) => {
    const ours = restOf(referenceProblem(name)!);
    expect(ours.balanced).toBe(true);
    FREEDOMS.forEach((f, i) => expect(Math.abs(ours.ways[f] - theirs.ways[i]!) * (i < 3 ? 1 : 100)).toBeLessThan(1e-4));
    const hardest = ours.pressureKPa.reduce((m, p) => Math.max(m, p), 0);
    expect(Math.abs(hardest / theirs.hardestKPa - 1)).toBeLessThan(1e-4);
    expect(Math.abs(ours.carriedN / theirs.carriedN - 1)).toBeLessThan(1e-4);
  });
});

const SQUARE_MM = 5;
function squaresUnder(under: Underside, placeMm: number): { x: number; y: number; z: number }[] {
  const found: { x: number; y: number; z: number }[] = [];
  const half = Math.ceil(under.halfWidthMm / SQUARE_MM);
  for (let u = under.fromMm + SQUARE_MM / 2; u <= under.toMm; u += SQUARE_MM) {
    const row = under.rowAt(u);
    for (let j = -half; j < half; j++) {
      const y = (j + 0.5) * SQUARE_MM;
      const z = under.heightIn(row, u, y);
      if (!Number.isNaN(z)) found.push({ x: placeMm + u, y, z });
    }
  }
  return found;
}

/**
 * The numbers of the engine before it knew friction and true turns: surge, sway and yaw held, friction off, every arm taken level.
 * Only this test asks so; heave and slopes are counted about the frame's origin, as they were then.
 */
describe('with surge, sway and yaw held, no friction and level arms', () => {
  it.each(level.map((c) => [c.seed, c] as const))('seed %d: the numbers of before', (seed, was) => {
    const random = seededRandom(seed);
    const body = bodyFrom(inputOf(anyHorse(random)));
    if (!body.ok) throw new Error(JSON.stringify(body.problems));
    const saddle = anySaddle(random);
    const question = { body: body.value, saddle, setup: presentSetup(saddle, 50), rider: null, pose: 'resting' as const };
    const laid = laySaddle(question, ENGINE_DEFAULTS);
    if (!laid.ok) throw new Error(JSON.stringify(laid.problems));
    const { under } = laid.value;
    const surface = body.value.surface;
    // whole squares of 5 mm whose middle lies under the panel, as they were taken then; only the upward part of the normal counted
    const squares = squaresUnder(under, question.setup.placeMm).flatMap(({ x, y, z }) => {
      readSurface(surface, x, y);
      const [height, up] = [READ[0]!, 1 / Math.hypot(1, READ[1]!, READ[2]!)];
      return Number.isNaN(height) ? [] : [{ x, y, up, squeeze: (height - z) * up }];
    });
    const pick = (of: (c: (typeof squares)[number]) => number): Float64Array => Float64Array.from(squares, of);
    const cells = {
      x: pick((c) => c.x),
      y: pick((c) => c.y),
      z: pick(() => 0),
      normalX: pick(() => 0),
      normalY: pick(() => 0),
      normalZ: pick((c) => c.up),
      squeezeMm: pick((c) => c.squeeze),
      areaMm2: pick((c) => SQUARE_MM ** 2 / c.up),
      stiffnessKPaPerMm: pick(() => was.stiffnessKPaPerMm),
    };
    const loads = was.loads.map(([x, y, downN]) => ({ x: x!, y: y!, z: 0, forceX: 0, forceY: 0, forceZ: -downN! }));
    const law = { hardeningMm: was.hardeningMm, shearShare: 0.35, friction: 0 };
    const { ways, about, pressureKPa, balanced } = restOf({ cells, law, loads, locked: ['surge', 'sway', 'yaw'] });
    expect(balanced).toBe(true);
    // height at the origin: heave at the middle of the loads, and the slopes back to there
    expect(ways.heave + ways.pitch * about[0] - ways.roll * about[1]).toBeCloseTo(was.heaveMm, 1);
    expect(ways.pitch).toBeCloseTo(was.pitchSlope, 3);
    expect(-ways.roll).toBeCloseTo(was.rollSlope, 3);
    const touching = pressureKPa.filter((p) => p > 0);
    expect(touching.reduce((s, p) => s + p, 0) / touching.length).toBeCloseTo(was.meanKPa, 0);
  });
});
