import { FREEDOMS } from '../contact-problem';
import { anyProblem } from './any-problem';
import { workOf } from '../contact-work';
import { balanceAt } from '../balance';
import { restOf } from '../rest';
import { LAW, cellsOf, patch, weight } from './made-cells';

const rad = (deg: number): number => (deg * Math.PI) / 180;
const K = 2;
const KT = LAW.shearShare * K;

describe('a block on an incline', () => {
  const block = (deg: number, friction = 0.35) =>
    restOf({
      cells: cellsOf(patch(300, 200, [Math.sin(rad(deg)), 0, Math.cos(rad(deg))])),
      law: { ...LAW, friction },
      loads: [weight(600)],
    });
  const area = 300 * 200;

  it('below slipping goes u = W sin a / (kt A) down it, and sinks W cos a / (k A)', () => {
    const a = rad(12);
    const { balanced, ways } = block(12);
    expect(balanced).toBe(true);
    const along = ways.surge * Math.cos(a) - ways.heave * Math.sin(a);
    const into = -(ways.surge * Math.sin(a) + ways.heave * Math.cos(a));
    expect(along).toBeCloseTo((600 * Math.sin(a)) / (KT * area * 1e-3), 6);
    expect(into).toBeCloseTo((600 * Math.cos(a)) / (K * area * 1e-3), 6);
  });

  it.each([
    [0.35, -0.3, true],
    [0.35, 0.3, false],
    [0.6, -0.3, true],
    [0.6, 0.3, false],
  ])('with friction %d stays up to the angle of it, and %d degrees past that is %s', (friction, by, stays) =>
    expect(block((Math.atan(friction) * 180) / Math.PI + by, friction).balanced).toBe(stays),
  );

  it('friction told for each cell stands before that of all: as of the law where they say the same, none where they say none', () => {
    const on = (deg: number, ofCells: number | null, ofLaw: number) => {
      const cells = cellsOf(patch(300, 200, [Math.sin(rad(deg)), 0, Math.cos(rad(deg))]));
      const friction = ofCells === null ? {} : { friction: Float64Array.from(cells.x, () => ofCells) };
      return restOf({ cells: { ...cells, ...friction }, law: { ...LAW, friction: ofLaw }, loads: [weight(600)] });
    };
    expect(on(12, 0.35, 0).ways).toEqual(on(12, null, 0.35).ways);
    expect(on(12, 0, 0.35).balanced).toBe(false);
    // half of the cells hold nothing: the angle of friction is that of half of it
    const half = (deg: number) => {
      const cells = cellsOf(patch(300, 200, [Math.sin(rad(deg)), 0, Math.cos(rad(deg))]));
      const friction = Float64Array.from(cells.x, (_, i) => (i % 2 === 0 ? 0.6 : 0));
      return restOf({ cells: { ...cells, friction }, law: LAW, loads: [weight(600)], locked: ['roll', 'pitch', 'yaw'] }).balanced;
    };
    const limit = (Math.atan(0.3) * 180) / Math.PI;
    expect([half(limit - 0.3), half(limit + 0.3)]).toEqual([true, false]);
  });

  it('goes down to the side it slopes to', () => {
    const tail = block(8).ways.surge;
    const head = block(-8).ways.surge;
    expect(tail).toBeGreaterThan(0);
    expect(head).toBeCloseTo(-tail, 9);
  });
});

describe('a roof', () => {
  /** Half-angle from the vertical; both slopes 300 by 100 along the skin. */
  const roof = (halfDeg: number, slopeDeg = 0) => {
    const a = rad(halfDeg);
    const b = rad(slopeDeg);
    const tilt = ([x, y, z]: readonly [number, number, number]) =>
      [x * Math.cos(b) + z * Math.sin(b), y, z * Math.cos(b) - x * Math.sin(b)] as const;
    const side = (s: 1 | -1) => patch(300, 100, [0, s * Math.cos(a), Math.sin(a)], [0, s * 80, 0]);
    return cellsOf([...side(1), ...side(-1)].map((c) => ({ ...c, at: tilt(c.at), normal: tilt(c.normal) })));
  };
  const area = 2 * 300 * 100;

  it.each([25, 35, 45])('of %d degrees, slipping down its flanks, carries W = sum p A (sin a + mu cos a)', (deg) => {
    const a = rad(deg);
    // a stiff skin, so that it slips at once
    const { balanced, pressureKPa } = restOf({ cells: roof(deg), law: { ...LAW, shearShare: 3 }, loads: [weight(700)] });
    const p = 700 / (area * 1e-3 * (Math.sin(a) + LAW.friction * Math.cos(a)));
    expect(balanced).toBe(true);
    for (const each of pressureKPa) expect(each).toBeCloseTo(p, 6);
  });

  it('slides lengthwise at tan b = mu / sin a: its steepness makes it press harder than its weight', () => {
    const slides = (deg: number) =>
      !restOf({ cells: roof(40, deg), law: LAW, loads: [weight(700)], locked: ['pitch', 'yaw', 'roll'] }).balanced;
    const limit = (Math.atan(LAW.friction / Math.sin(rad(40))) * 180) / Math.PI;
    expect(slides(limit - 1)).toBe(false);
    expect(slides(limit + 0.5)).toBe(true);
  });
});

describe('a cylinder all stuck', () => {
  it('resists rolling with kt A R2', () => {
    const radius = 200;
    const cells = Array.from({ length: 81 }, (_, i) => {
      const a = rad(-40 + i);
      return {
        at: [0, radius * Math.sin(a), radius * Math.cos(a)] as const,
        normal: [0, Math.sin(a), Math.cos(a)] as const,
        areaMm2: 300 * radius * rad(1),
      };
    });
    const held = { ...cellsOf(cells), squeezeMm: cells.map(() => 5) };
    const law = { ...LAW, friction: 50 };
    const locked = ['surge', 'sway', 'heave', 'pitch', 'yaw'] as const;
    const push = 20_000;
    // a pair of forces about the axis of the cylinder; the weight only sets what is small
    const loads = [weight(500, 0, 0, 0), { x: 0, y: 0, z: 100, forceX: 0, forceY: -push / 100, forceZ: 0 }];
    const { ways } = restOf({ cells: held, law, loads, locked });
    const area = cells.reduce((s, c) => s + c.areaMm2, 0);
    expect(push / ways.roll).toBeCloseTo(KT * area * 1e-3 * radius * radius, -1);
  });
});

describe('a slick saddle round a cylinder', () => {
  const radius = 200;
  const cells = cellsOf(
    Array.from({ length: 81 }, (_, i) => {
      const a = rad(-40 + i);
      return {
        at: [0, radius * Math.sin(a), radius * Math.cos(a)] as const,
        normal: [0, Math.sin(a), Math.cos(a)] as const,
        squeezeMm: 5,
        areaMm2: 1000,
      };
    }),
  );
  const rollStiffness = (flat: boolean): number => {
    const z = flat ? new Float64Array(81) : cells.z;
    const w = workOf({ cells: { ...cells, z }, law: { ...LAW, friction: 0 }, loads: [weight(800)] });
    balanceAt(w, new Float64Array(8), true);
    return -w.tangent[3 * 8 + 3]!;
  };

  it('has no stiffness in roll about its axis: a true turn moves no cell into the barrel', () => {
    expect(Math.abs(rollStiffness(false))).toBeLessThan(1e-9 * rollStiffness(true));
    expect(rollStiffness(true)).toBeGreaterThan(10);
  });
});

describe('a table on four legs', () => {
  it('carries by the level law: each corner its share of the load and its moments', () => {
    const leg = (x: number, y: number) => ({ at: [x, y, 0] as const, normal: [0, 0, 1] as const, areaMm2: 1000 });
    const cells = cellsOf([leg(-200, -100), leg(-200, 100), leg(200, -100), leg(200, 100)]);
    const { pressureKPa } = restOf({
      cells,
      law: { ...LAW, friction: 0 },
      loads: [weight(800, 50, -20)],
      locked: ['surge', 'sway', 'yaw'],
    });
    const share = (x: number, y: number) => 800 * (0.25 + (50 * x) / (4 * 200 * 200) + (-20 * y) / (4 * 100 * 100));
    expect([...pressureKPa].map((p) => p * 1)).toEqual(
      [share(-200, -100), share(-200, 100), share(200, -100), share(200, 100)].map((n) => expect.closeTo(n, 6)),
    );
  });
});

describe('the balance', () => {
  it.each([0, 0.05, 0.35, 0.9, 5])('changes with every freedom as its slope says, with friction %d', (friction) => {
    for (const seed of [1, 2, 3]) {
      const w = workOf(anyProblem(seed, friction));
      const q = Float64Array.from([0.4, -0.3, -0.5, 0.2, 0.1, -0.3, 0.2, 0.1]);
      balanceAt(w, q, true);
      const slope = Float64Array.from(w.tangent);
      FREEDOMS.forEach((_, j) => {
        const at = (by: number): Float64Array => {
          const moved = Float64Array.from(q);
          moved[j]! += by;
          balanceAt(w, moved, false);
          return Float64Array.from(w.residual);
        };
        const [more, less] = [at(1e-5), at(-1e-5)];
        FREEDOMS.forEach((__, i) => expect((more[i]! - less[i]!) / 2e-5).toBeCloseTo(slope[i * 8 + j]!, 2));
      });
    }
  });

  it('what is left never grows in the search', () => {
    for (let seed = 1; seed <= 120; seed++) {
      const left: number[] = [];
      restOf({ ...anyProblem(seed, 0.35), locked: [] }, {}, { watch: (l) => left.push(l) });
      left.slice(1).forEach((l, i) => expect(l).toBeLessThan(left[i]!));
    }
  });

  it('has one answer from six starts', () => {
    let rested = 0;
    for (let seed = 1; seed <= 40; seed++) {
      const problem = anyProblem(seed, 0.35);
      const found = [0, 1, 2, 3, 4, 5].map((k) => restOf(problem, { heave: -2 * (k % 3), sway: k - 2, pitch: 0.01 * (k - 3) }));
      const [first] = found;
      if (!found.every((f) => f.balanced)) continue;
      rested++;
      for (const f of found) for (const way of ['surge', 'sway', 'heave'] as const) expect(f.ways[way]).toBeCloseTo(first!.ways[way], 5);
    }
    expect(rested).toBeGreaterThan(20);
  });
});
