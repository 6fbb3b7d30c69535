import { presentSetup } from '../../saddle';
import { type CriterionId, type Rule, type School, CRITERION_IDS, SCHOOLS, schoolById } from '../../schools';
import { judgeFront } from '../../front';
import { horse, saddleFor, sitOn } from '../../sit/__tests__/invented-horses';
import { faultChains, judgeSitting, laidFront, ruleFor, sitRow, valueOf } from '..';

/** A number stands once: changed in the school, everything that judges by it follows. */
const withRule = (school: School, id: CriterionId, rule: Partial<Rule>): School => ({
  ...school,
  rules: { ...school.rules, [id]: { ...school.rules[id]!, ...rule } },
});
const saddle = saddleFor(90);
const body = horse();
const setup = presentSetup(saddle, 50);
const outcome = sitOn({ body, saddle, setup, rider: { massKg: 70, offsetMm: 0, stirrupShare: 0.2, gait: 'stand' }, pose: 'resting' });
if (!outcome.ok) throw new Error(JSON.stringify(outcome.problems));
const input = { body, saddle, setup, sitting: outcome.value, laid: laidFront(body, saddle, setup), ridden: null };
const verdictOf = (school: School, id: CriterionId) => judgeSitting(input, school).rows.find((r) => r.id === id)!;
const STATIC = schoolById('static-close');

describe.each(SCHOOLS.map((s) => [s.id, s] as const))('every limit of %s', (_, school) => {
  const ends = CRITERION_IDS.flatMap((id) => (['least', 'most'] as const).map((end) => [id, end] as const)).filter(
    ([id, end]) => school.rules[id]?.[end] != null,
  );
  it.each(ends)('%s, %s: at it is good, just past it is not, and a moved limit moves that', (id, end) => {
    const rule = school.rules[id]!;
    const [limit, by] = [rule[end]!, (end === 'least' ? -1 : 1) * rule.scale * 1e-3];
    expect(sitRow(id, limit, rule).verdict).toBe('good');
    const past = sitRow(id, limit + by, rule);
    expect(past.verdict).not.toBe('good');
    expect(past.stops).toBe(rule.hardStop === end);
    const moved = withRule(school, id, { [end]: limit + by }).rules[id];
    expect(sitRow(id, limit + by, moved).verdict).toBe('good');
  });

  it('is the one its rows show', () => {
    for (const row of judgeSitting(input, school).rows) {
      const rule = ruleFor(row.id, input, school);
      expect([row.least, row.most]).toEqual([rule?.least ?? null, rule?.most ?? null]);
    }
  });
});

describe('the same number for the front alone and for a settled saddle', () => {
  const laid = input.laid!;
  it('room over the withers', () => {
    const room = Math.ceil(laid.crownZMm) + 1;
    const even = { ...STATIC, front: { ...STATIC.front, bandDeg: 30 } };
    const asking = withRule(even, 'withersOver', { least: room, most: null });
    expect(judgeFront(laid, even, 50).code).not.toBe('withersLow');
    expect(judgeFront(laid, asking, 50).code).toBe('withersLow');
    expect(verdictOf(asking, 'withersOver').stops).toBe(true);
  });

  it('room beside the withers', () => {
    const asking = withRule(STATIC, 'withersBeside', { least: 500 });
    expect(judgeFront(laid, asking, 50).reasons.map((r) => r.code)).toContain('besideWithersClose');
    expect(verdictOf(asking, 'withersBeside').verdict).toBe('bad');
  });

  it('how even the front has to be', () => {
    const off = Math.abs(valueOf('frontEven', input, STATIC)!);
    const asking = { ...withRule(STATIC, 'frontEven', { least: -off / 2, most: off / 2 }), front: { ...STATIC.front, bandDeg: 0 } };
    expect(judgeFront(laid, asking, 50).toleranceMm).toBeCloseTo(off / 2, 9);
    expect(['narrow', 'wide']).toContain(judgeFront(laid, asking, 50).code);
    expect(verdictOf(asking, 'frontEven')).toMatchObject({ least: -off / 2, most: off / 2 });
    expect(verdictOf(asking, 'frontEven').verdict).not.toBe('good');
  });

  it('a band of angle widens both alike', () => {
    const wide = { ...STATIC, front: { ...STATIC.front, bandDeg: 12 } };
    expect(verdictOf(wide, 'frontEven').most).toBeCloseTo(judgeFront(laid, wide, 50).toleranceMm, 9);
    expect(judgeFront(laid, wide, 50).toleranceMm).toBeGreaterThan(STATIC.rules.frontEven.most);
  });
});

describe('chains read the same table', () => {
  const ids = (school: School) => faultChains(input, school).map((c) => c.id);
  it('a flat tree: its own limit of gap, share and peak', () => {
    const share = valueOf('middleShare', input, STATIC)!;
    const gap = valueOf('bridgeGap', input, STATIC)!;
    const asking = withRule(withRule(STATIC, 'middleShare', { least: share + 0.01 }), 'bridgeGap', { most: gap - 0.01 });
    expect(ids(asking)).toContain('flatTree');
    expect(ids(withRule(asking, 'middleShare', { least: share - 0.01 }))).not.toContain('flatTree');
    expect(ids(withRule(asking, 'bridgeGap', { most: gap + 0.01 }))).not.toContain('flatTree');
  });

  it('a curved tree: the upper end of the same share', () => {
    const share = valueOf('middleShare', input, STATIC)!;
    expect(ids(withRule(STATIC, 'middleShare', { most: share + 0.01 }))).not.toContain('curvedTree');
    expect(ids(withRule(STATIC, 'middleShare', { most: share - 0.01 }))).toContain('curvedTree');
  });
});

describe('the engine’s constants are the school’s', () => {
  const settle = (engine: School['engine']) => {
    const other = { ...STATIC, engine };
    const made = sitOn({ body, saddle, setup, rider: null, pose: 'resting' }, null, other.engine);
    if (!made.ok) throw new Error(JSON.stringify(made.problems));
    return made.value;
  };
  const { engine } = STATIC;
  it('softer tissue lets it sink further', () => {
    const soft = settle({ ...engine, stiffnessKPaPerMm: { ...engine.stiffnessKPaPerMm, tissue: 2 } });
    expect(soft.settled.pose.heaveMm).toBeLessThan(settle(engine).settled.pose.heaveMm);
  });
  it('more friction leaves less of it used', () => {
    const used = (e: School['engine']) => Math.abs(settle(e).drift.along);
    expect(used({ ...engine, friction: 2 * engine.friction })).toBeLessThan(used(engine));
  });
  it('a harder girth pulls more', () => {
    const down = (e: School['engine']) => settle(e).pulls.reduce((s, p) => s + p.downN, 0);
    expect(down({ ...engine, strapPullN: 2 * engine.strapPullN })).toBeCloseTo(2 * down(engine), 6);
  });
});
