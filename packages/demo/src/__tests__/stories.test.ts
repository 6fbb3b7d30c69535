import { type StrideGaitId, assess, betterOf, fitBench, naturalPlaceMm, presentSetup, ride, schoolById } from '@fulcra/core';
import { DEMO_ANIMALS } from '../animals';
import { trueBody } from '../demo-body';
import { DEMO_SADDLES } from '../saddles';
import { demoScenario } from '../scenario';

const { visits, orders, photos } = demoScenario();
const on = (day: string) => visits.find((v) => v.visit.startedOn === day)!;
const RIDER = { massKg: 75, offsetMm: 0, stirrupShare: 0.2, gait: 'stand' } as const;

describe('what the demo’s visits tell is what the engine says', () => {
  it('Bramble: the old trekker works forward in canter, the one she got stays, in the width that was decided', () => {
    const school = schoolById('static-close');
    const bench = fitBench(trueBody(DEMO_ANIMALS.find((a) => a.horse.name === 'Bramble')!.back), school, RIDER, school.engine.strapPullN);
    const gaits: StrideGaitId[] = ['walk', 'trotSitting', 'canterNear'];
    const strides = ['Holm trekker no. 1', 'Holm trekker no. 2'].map((name) => {
      const saddle = DEMO_SADDLES.find((s) => s.name === name)!;
      const place = naturalPlaceMm(bench.body, saddle, school);
      const { decision } = on('2026-04-14');
      const tried = saddle.front.settings.flatMap((setting, width) => {
        if (saddle.id === decision!.saddleId && setting.label !== decision!.settingLabel) return [];
        const outcome = assess(bench, saddle, { ...presentSetup(saddle, place), width });
        return outcome.ok ? [outcome.value] : [];
      });
      const { setup } = tried.sort(betterOf)[0]!;
      const asked = { body: bench.body, saddle, setup, rider: RIDER, pose: 'resting' as const, strapPullN: school.engine.strapPullN };
      const riding = ride(asked, bench.poses.resting, gaits);
      let step = riding.next();
      while (!step.done) step = riding.next();
      if (!step.value.ok) throw new Error(`${name} can't be ridden`);
      return step.value.value.strides;
    });
    for (const s of strides) expect([s.walk!.word, s.trotSitting!.word]).toEqual(['stays', 'stays']);
    expect(strides.map((s) => [s.canterNear!.word, s.canterNear!.towards])).toEqual([
      ['works', 'head'],
      ['stays', null],
    ]);
    expect(on('2026-02-17').facts.map((f) => f.body.kind)).toContain('complaint');
    expect(on('2026-04-14').decision!.saddleId).toBe(DEMO_SADDLES.find((s) => s.name === 'Holm trekker no. 2')!.id);
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
