import { type CriterionId, type Need, CRITERIA, CRITERION_IDS } from '../../schools';
import { faultChains, judgeSitting, valueOf } from '..';
import { type InputChange, STATIC, madeInput, pose } from './made-input';

const NOT_MEASURED: Readonly<Partial<Record<Need, InputChange>>> = {
  topline: { body: { surface: { ...madeInput().body.surface, hasTopline: false } } },
  lowPoint: { body: { lowMarked: false } },
  lastRib: { body: { lastRibMm: null } },
  girthGroove: { grooveMm: null },
  spineLigament: { body: { ligament: [] } },
  longMuscle: { body: { muscle: [] } },
  frontSection: { body: { front: null } },
  scapulaAtRest: { body: { scapula: { near: { restMm: null, forwardMm: 45 }, off: { restMm: 0, forwardMm: 45 } } } },
};
const BY_TOPLINE: readonly CriterionId[] = ['middleShare', 'bridgeGap', 'seatLevel', 'peakRatio', 'driftAlong'];

describe('what wasn’t measured', () => {
  it.each(Object.keys(NOT_MEASURED) as Need[])('%s: whatever needs it has no number, waits for it, and costs nothing', (need) => {
    const change = { ...NOT_MEASURED[need]!, pulls: [{ leanDeg: 20 }] };
    const verdict = judgeSitting(madeInput({ ...change, settled: pose(9) }), STATIC);
    const waiting = CRITERION_IDS.filter((id) => (CRITERIA[id].needs as readonly Need[]).includes(need));
    expect(waiting.length).toBeGreaterThan(0);
    for (const row of verdict.rows.filter((r) => waiting.includes(r.id))) {
      expect([row.value, row.costs, row.stops]).toEqual([null, 0, false]);
      expect(row.needs).toContain(need);
    }
    // the others are judged as before
    const whole = judgeSitting(madeInput({ settled: pose(9), pulls: [{ leanDeg: 20 }] }), STATIC);
    for (const row of verdict.rows.filter((r) => !waiting.includes(r.id))) expect(row).toEqual(whole.rows.find((r) => r.id === row.id));
    expect(verdict.standsOn.waitsFor).toContain(need);
    expect(verdict.standsOn.share).toBeLessThan(1);
  });

  it('everything measured: the verdict stands on everything', () =>
    expect(judgeSitting(madeInput({ pulls: [{ leanDeg: 4 }] }), STATIC).standsOn).toEqual({
      share: 1,
      waitsFor: [],
      byEye: [],
      unmeasured: [],
    }));

  it('what was set by eye is said of the verdict and of the rows that ask for it', () => {
    const input = madeInput({ pulls: [{ leanDeg: 4 }] });
    const told = judgeSitting({ ...input, body: { ...input.body, byEye: ['lastRib'] } }, STATIC);
    expect(told.standsOn).toEqual({ share: 1, waitsFor: [], byEye: ['lastRib'], unmeasured: [] });
    const rows = told.rows.filter((r) => r.byEye.length > 0).map((r) => r.id);
    expect(rows).toEqual(
      CRITERION_IDS.filter((id) => (CRITERIA[id].needs as readonly Need[]).includes('lastRib') && CRITERIA[id].from !== 'ridden'),
    );
    expect(rows.length).toBeGreaterThan(0);
  });

  it('a section said to be as last time is told of the whole verdict, and of the rows of the front', () => {
    const input = madeInput({ pulls: [{ leanDeg: 4 }] });
    const whole = judgeSitting({ ...input, body: { ...input.body, byEye: ['wholeBack'] } }, STATIC);
    expect(whole.standsOn).toEqual({ share: 1, waitsFor: [], byEye: ['wholeBack'], unmeasured: [] });
    const front = judgeSitting({ ...input, body: { ...input.body, byEye: ['frontSection', 'wholeBack'] } }, STATIC);
    expect(front.standsOn.byEye.slice().sort()).toEqual(['frontSection', 'wholeBack']);
    expect(front.rows.find((r) => r.id === 'withersOver')!.byEye).toEqual(['frontSection']);
  });

  it('without a topline level, middle, bridge, peak and drift are no numbers', () => {
    for (const id of BY_TOPLINE) {
      expect(valueOf(id, madeInput(), STATIC)).not.toBeNull();
      expect(valueOf(id, madeInput(NOT_MEASURED.topline), STATIC)).toBeNull();
    }
  });

  it.each([
    ['flatTree', { shape: { bridgeGapMm: 9 }, measures: { thirds: [0.48, 0.1, 0.42] as const } }],
    ['curvedTree', { measures: { thirds: [0.2, 0.6, 0.2] as const } }],
    ['slope', { drift: { slopeAlongN: -90, along: -0.4 } }],
    ['narrowFront', { tips: { near: -9, off: -9 }, settled: pose(3) }],
  ])('%s is a chain with a topline and none without', (id, change) => {
    const chains = (more: InputChange) => faultChains(madeInput({ ...(change as InputChange), ...more }), STATIC).map((c) => c.id);
    expect(chains({})).toContain(id);
    expect(chains(NOT_MEASURED.topline!)).not.toContain(id);
  });
});
