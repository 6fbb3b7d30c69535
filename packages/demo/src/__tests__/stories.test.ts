import {
  type BuiltInSchoolId,
  type StrideGaitId,
  assess,
  betterOf,
  fitBench,
  naturalPlaceMm,
  presentSetup,
  ride,
  schoolById,
} from '@fulcra/core';
import { DEMO_ANIMALS } from '../animals';
import { trueBody } from '../demo-body';
import { DEMO_SADDLES } from '../saddles';
import { demoScenario } from '../scenario';

const { visits, orders, photos } = demoScenario();
const on = (day: string) => visits.find((v) => v.visit.startedOn === day)!;
const RIDER = { massKg: 75, offsetMm: 0, stirrupShare: 0.2, gait: 'stand' } as const;

const GAITS: StrideGaitId[] = ['walk', 'trotSitting', 'canterNear'];

/** A saddle on an animal where the school lays it, in the width that was decided or does best, standing and ridden. */
function ridden(
  animal: string,
  name: string,
  schoolId: BuiltInSchoolId,
  decision: { readonly saddleId: string | null; readonly settingLabel: string | null },
) {
  const school = schoolById(schoolId);
  const bench = fitBench(trueBody(DEMO_ANIMALS.find((a) => a.horse.name === animal)!.back), school, RIDER, school.engine.strapPullN);
  const saddle = DEMO_SADDLES.find((s) => s.name === name)!;
  const place = naturalPlaceMm(bench.body, saddle, school);
  const tried = saddle.front.settings.flatMap((setting, width) => {
    if (saddle.id === decision.saddleId && setting.label !== decision.settingLabel) return [];
    const outcome = assess(bench, saddle, { ...presentSetup(saddle, place), width });
    return outcome.ok ? [outcome.value] : [];
  });
  const assessed = tried.sort(betterOf)[0]!;
  const asked = {
    body: bench.body,
    saddle,
    setup: assessed.setup,
    rider: RIDER,
    pose: 'resting' as const,
    strapPullN: school.engine.strapPullN,
  };
  const riding = ride(asked, bench.poses.resting, GAITS);
  let step = riding.next();
  while (!step.done) step = riding.next();
  if (!step.value.ok) throw new Error(`${name} can't be ridden`);
  return { assessed, strides: step.value.value.strides };
}

describe('what the demo’s visits tell is what the engine says', () => {
  it('Bramble: the old trekker works forward in canter, the one she got stays, in the width that was decided', () => {
    const { decision } = on('2026-04-14');
    const [old, got] = ['Holm trekker no. 1', 'Holm trekker no. 2'].map((name) => ridden('Bramble', name, 'static-close', decision!));
    for (const { strides } of [old!, got!]) expect([strides.walk!.word, strides.trotSitting!.word]).toEqual(['stays', 'stays']);
    expect([old!, got!].map(({ strides: { canterNear } }) => [canterNear!.word, canterNear!.towards])).toEqual([
      ['works', 'head'],
      ['stays', null],
    ]);
    expect(on('2026-02-17').facts.map((f) => f.body.kind)).toContain('complaint');
    expect(decision!.saddleId).toBe(DEMO_SADDLES.find((s) => s.name === 'Holm trekker no. 2')!.id);
  });

  it('Tarn: the western saddle of the island tips and runs forward, the one whose bars were cut to him sits, stays and misses no hard stop', () => {
    const { decision, visit } = on('2026-08-20');
    expect(visit.schoolId).toBe('western');
    const [old, got] = ['Pack-ridge stock saddle', 'Turf-cutter stock saddle'].map((name) => ridden('Tarn', name, 'western', decision!));
    expect([old!.assessed.sits, got!.assessed.sits]).toEqual([false, true]);
    expect(old!.assessed.stops).toContain('sits');
    expect(got!.assessed.stops).toEqual([]);
    expect(got!.assessed.score).toBeGreaterThan(old!.assessed.score + 50);
    expect(old!.strides.trotSitting).toMatchObject({ word: 'runs', towards: 'head' });
    for (const gait of GAITS) expect(got!.strides[gait]!.word).toBe('stays');
    expect(on('2026-07-08')).toMatchObject({ visit: { schoolId: 'western', result: 'notGoodToRide' }, decision: null });
    expect(decision!.saddleId).toBe(DEMO_SADDLES.find((s) => s.name === 'Turf-cutter stock saddle')!.id);
  });

  it('Corrie: his own saddle rolls less and misses less once it is shimmed on his weak side', () => {
    const { facts, decision } = on('2026-09-18');
    const tried = facts.flatMap((f) => (f.body.kind === 'triedSetting' ? [{ id: f.id, ...f.body }] : []));
    const missed = tried.map((t) => t.missed.map((m) => m.id));
    expect(missed[0]).toContain('withersBeside');
    expect(missed[1]).not.toContain('withersBeside');
    expect(tried[1]!.score).toBeGreaterThan(tried[0]!.score);
    const roll = (t: (typeof tried)[number]): number => t.missed.find((m) => m.id === 'roll')!.value!;
    expect(roll(tried[1]!)).toBeLessThan(roll(tried[0]!));
    expect(facts.flatMap((f) => (f.body.kind === 'chosenSetting' ? [f.body.triedId] : []))).toEqual([tried[1]!.id]);
    expect(decision).toMatchObject({ triedId: tried[1]!.id, settingLabel: tried[1]!.widthLabel, saddleId: tried[1]!.saddleId });
  });

  it('Old Hob is held and has no saddle; a template sent back stands as a draft again; a photo is drawn of who it is of', () => {
    const held = on('2026-11-03');
    expect(held.visit.result).toBe('notGoodToRide');
    expect(held.decision).toBeNull();
    expect(orders[0]!.history.map((s) => s.state)).toEqual(['draft', 'sent', 'draft']);
    expect(orders[0]!.state).toBe('draft');
    const { width, height, rgb } = photos[0]!.draw();
    const at = (column: number, row: number) => [...rgb.subarray(3 * (row * width + column), 3 * (row * width + column) + 3)];
    expect(rgb.length).toBe(3 * width * height);
    expect(at(width / 2, 10)).toEqual(at(10, 10));
    expect(at(width / 2, 200)).not.toEqual(at(10, 10));
  });
});
