import { CROWN_RADIUS_MM, middleSetup, presentSetup, underside } from '../../saddle';
import { horse, saddleFor, sitOn } from './invented-horses';
import { AS_PUT, laidPanel, saddleCut } from '..';
import { ENGINE_DEFAULTS } from '../../schools';

const LEVEL = AS_PUT;
const saddle = saddleFor(90);
const setup = presentSetup(saddle, 50);

describe('a saddle cut across', () => {
  it('is alike on both sides while it lies level', () => {
    const cut = saddleCut(saddle, setup, LEVEL, 150)!;
    const mirrored = cut.panel.near.map((p) => ({ yMm: -p.yMm, zMm: p.zMm }));
    mirrored.forEach((p, i) => {
      expect(p.yMm).toBeCloseTo(cut.panel.off[i]!.yMm, 9);
      expect(p.zMm).toBeCloseTo(cut.panel.off[i]!.zMm, 9);
    });
    expect(cut.tree[12]!.yMm).toBeCloseTo(0, 9);
    expect(cut.tree[12]!.zMm).toBeCloseTo(cut.roofMm, 9);
  });

  it('follows the pose it came to rest in: lifted, tipped about the tail, rolled to the off', () => {
    const at = (pose: typeof LEVEL, xMm: number) => saddleCut(saddle, setup, pose, xMm)!;
    expect(at({ ...LEVEL, heaveMm: 7 }, 150).roofMm - at(LEVEL, 150).roofMm).toBeCloseTo(7, 9);
    const tipped = at({ ...LEVEL, pitchDeg: 2 }, 150).roofMm - at(LEVEL, 150).roofMm;
    // a true turn about the origin, which also brings the place a little forward
    expect(Math.abs(tipped + 150 * Math.tan((2 * Math.PI) / 180))).toBeLessThan(0.3);
    const rolled = at({ ...LEVEL, rollDeg: 3 }, 150);
    expect(rolled.panel.off.at(-1)!.zMm).toBeLessThan(rolled.panel.near.at(-1)!.zMm);
  });

  it('is not there ahead of the panels or past them', () => {
    const { fromMm, toMm } = underside(saddle, setup);
    expect(saddleCut(saddle, setup, LEVEL, 50 + fromMm - 1)).toBeNull();
    expect(saddleCut(saddle, setup, LEVEL, 50 + toMm + 1)).toBeNull();
  });

  it('meets the horse where the solver found pressure: the settled panel is under the skin there by the squeeze', () => {
    const body = horse();
    const outcome = sitOn({ body, saddle, setup, rider: null, pose: 'resting' });
    if (!outcome.ok) throw new Error('refused');
    const { settled } = outcome.value;
    const { cells } = settled;
    const hardest = cells.pressureKPa.indexOf(Math.max(...cells.pressureKPa));
    const cut = saddleCut(saddle, setup, settled.pose, cells.x[hardest]!)!;
    const side = cells.y[hardest]! < 0 ? cut.panel.near : cut.panel.off;
    const low = side.slice(25).reduce((a, b) => (Math.abs(b.yMm - cells.y[hardest]!) < Math.abs(a.yMm - cells.y[hardest]!) ? b : a));
    const squeezed = cells.z[hardest]! + cells.squeezeMm[hardest]! / cells.nz[hardest]! - low.zMm;
    expect(squeezed).toBeGreaterThan(0);
    expect(squeezed).toBeLessThan(25);
  });
});

describe('one underside over one back', () => {
  it('has the same heights in every pose of the horse', () => {
    const body = horse();
    const under = underside(saddle, setup);
    const heights = (['resting', 'lifted', 'shoulderBack'] as const).map((pose) => {
      const outcome = sitOn({ body, saddle, setup, rider: null, pose });
      if (!outcome.ok) throw new Error('refused');
      return laidPanel(outcome.value.back, saddle, setup, under, ENGINE_DEFAULTS).z;
    });
    expect(heights[1]).toEqual(heights[0]);
    expect(heights[2]).toEqual(heights[0]);
  });
});

describe('the crown of the head', () => {
  const many = { ...saddle, front: { ...saddle.front, otherShapes: ['broad' as const] } };
  const over = (shape: 'round' | 'broad', apexMm: number) => {
    const outcome = sitOn({ body: horse({ apexMm }), saddle: many, setup: { ...setup, shape }, rider: null, pose: 'resting' });
    if (!outcome.ok) throw new Error('refused');
    return outcome.value;
  };

  it('is its own while a setup says nothing else, and a setup in the middle says nothing', () => {
    expect(middleSetup(many, 50).shape).toBeUndefined();
    const own = saddleCut(many, setup, LEVEL, 60)!;
    const said = saddleCut(many, { ...setup, shape: 'round' }, LEVEL, 60)!;
    expect(said).toEqual(own);
  });

  it('a broader crown takes the rails out sideways by the difference of the radii', () => {
    const half = (shape: 'round' | 'broad') => {
      const row = underside(many, { ...setup, shape }).rowAt(0);
      return row.crownReachMm;
    };
    const cos = Math.cos((45 * Math.PI) / 180);
    expect(half('broad') - half('round')).toBeCloseTo((CROWN_RADIUS_MM.broad - CROWN_RADIUS_MM.round) * cos, 6);
  });

  it('a broader crown comes lower on the same withers', () => {
    expect(over('broad', 40).withers.overMm!).toBeLessThan(over('round', 40).withers.overMm!);
  });
});
