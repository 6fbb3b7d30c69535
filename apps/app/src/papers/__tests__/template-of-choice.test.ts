import {
  motionOf,
  placed,
  type Item,
  backSurface,
  bodyFrom,
  presentSetup,
  sit,
  surfaceHeightMm,
  templatePages,
  type TriedOnVisit,
  bodyInputOf,
  measuredStations,
  sitBench,
  ENGINE_DEFAULTS,
  describedOf,
} from '@fulcra/core';
import { DEMO_SADDLES } from '@fulcra/demo';
import { facts, takes, visited } from '../../visit/__tests__/demo-visit';
import { templatesOfChoice } from '../template-of-choice';

const { page, measured } = visited({ takes, facts });
const saddle = DEMO_SADDLES.find((s) => s.name === 'Breaker')!;
const setup = presentSetup(describedOf(saddle), 55);
const tried = { setup, schoolId: 'static-close', schoolVersion: 1 } as unknown as TriedOnVisit;

const surface = backSurface({ stations: measuredStations(measured), topline: measured.topline.consensus });
const body = bodyFrom(bodyInputOf(measured, page.facts));
if (!surface.ok || !body.ok) throw new Error('Corrie has no back');
const outcome = sit(
  { body: body.value, saddle: describedOf(saddle), setup, rider: null, pose: 'resting' },
  sitBench(body.value, 'resting', ENGINE_DEFAULTS),
);
if (!outcome.ok) throw new Error('it could not be laid on');
const { pose } = outcome.value.settled;
const spine = (x: number): number => surfaceHeightMm(surface.value, x, 0);
const made = templatesOfChoice(page, measured, saddle, tried, pose, spine, 'Static close');

const lines = (items: readonly Item[], style: string) => items.flatMap((i) => (i.kind === 'line' && i.style === style ? [i.points] : []));

describe('templates of the chosen setting', () => {
  it('are made for every measured section, with tree and both panels where the saddle reaches', () => {
    expect(made.map((t) => t.station)).toEqual(['front', 'base', 'low', 'lastRib']);
    const [front, , low, lastRib] = made.map((t) => t.template);
    expect(lines(front!.items, 'arch')).toHaveLength(1);
    expect(lines(low!.items, 'panel')).toHaveLength(2);
    expect(lines(lastRib!.items, 'arch')).toHaveLength(0);
    expect(lastRib!.words.lines).toContain('The saddle does not reach here: section alone');
  });

  it('the tree stands over the spine by what the solver found there, to a quarter of a millimetre', () => {
    const { template } = made[2]!;
    const at = measured.sections.low.takenAtMm;
    const [tree] = lines(template.items, 'arch');
    const over = tree!.reduce((a, b) => (Math.abs(b.yMm) < Math.abs(a.yMm) ? b : a)).zMm;
    const from = at - pose.surgeMm;
    const [, , z] = placed(motionOf(pose), from, 0, outcome.value.under.roofAt(from - setup.placeMm));
    // the point of the outline nearest the spine may lie a millimetre beside it, on a tree that has rolled
    expect(Math.abs(over - (z - spine(at)))).toBeLessThan(0.25);
  });

  it('without a rest the sections stand alone', () => {
    const alone = templatesOfChoice(page, measured, saddle, tried, null, spine, 'Static close');
    expect(alone.every(({ template }) => lines(template.items, 'arch').length === 0)).toBe(true);
    expect(alone).toHaveLength(made.length);
  });

  it('of a visit without sections there are none', () => {
    const bare = visited();
    expect(templatesOfChoice(bare.page, bare.measured, saddle, tried, pose, spine, 'Static close')).toEqual([]);
  });

  it('each fits on paper with its own two bars', () => {
    for (const { template } of made) {
      for (const sheet of templatePages(template, 'a3')) {
        const bars = lines(sheet.fixed, 'bar').map(([a, b]) => Math.hypot(b!.yMm - a!.yMm, b!.zMm - a!.zMm));
        expect(bars.filter((mm) => Math.abs(mm - 100) < 1e-9)).toHaveLength(2);
      }
    }
  });
});
