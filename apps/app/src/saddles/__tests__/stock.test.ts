import { makeableShapes } from '@fulcra/core';
import { saddleFieldsSchema } from '@fulcra/contract';
import { DEMO_SADDLES } from '@fulcra/demo';
import { FRONT_MEASURES, NEW_SADDLE, PANEL_MEASURES, TREE_MEASURES, withPresent, withShapeToggled } from '../saddle-measures';
import { readStockFile, sameSaddle, stockFile } from '../stock-file';

const FILE = stockFile(DEMO_SADDLES, (id) => (id === DEMO_SADDLES[1]!.id ? 'unsafe' : 'sound'));

describe('a stock handed on in a file', () => {
  it('comes back as it went, without ids', () => {
    const text = JSON.stringify(FILE);
    expect(text).not.toContain(DEMO_SADDLES[0]!.id);
    const read = readStockFile(text);
    expect(read).toMatchObject({ ok: true });
    if (read.ok) expect(read.saddles.every((s, i) => sameSaddle(s, DEMO_SADDLES[i]!))).toBe(true);
    if (read.ok) expect(read.saddles.slice(0, 3).map((s) => s.state)).toEqual(['sound', 'unsafe', 'sound']);
  });

  it.each([
    ['no JSON', 'saddle;90', /not JSON/],
    ['another file', '{"format":"other","version":1,"saddles":[]}', /format/],
    ['a later version', JSON.stringify({ ...FILE, version: 2 }), /version/],
    [
      'one bad saddle among good ones',
      JSON.stringify({ ...FILE, saddles: [...FILE.saddles, { name: 'x' }] }),
      new RegExp(`Saddle ${DEMO_SADDLES.length + 1}, Maker`),
    ],
  ])('of %s nothing is taken in, and it says what is wrong', (_, text, message) => {
    const read = readStockFile(text);
    expect(read.ok).toBe(false);
    if (!read.ok) expect(read.message).toMatch(message);
  });
});

describe('describing a saddle', () => {
  const all = [...FRONT_MEASURES, ...TREE_MEASURES, ...PANEL_MEASURES];

  it('every measure reads back what was put, and moves nothing else', () => {
    for (const measure of all) {
      const value = measure.get(NEW_SADDLE) + measure.step;
      const put = measure.put(NEW_SADDLE, value);
      expect(measure.get(put)).toBe(value);
      for (const other of all) if (other.id !== measure.id) expect(other.get(put)).toBe(other.get(NEW_SADDLE));
    }
  });

  it('a new one can be kept once it has a name and a maker', () => {
    expect(saddleFieldsSchema.safeParse(NEW_SADDLE).success).toBe(false);
    expect(saddleFieldsSchema.safeParse({ ...NEW_SADDLE, name: 'a', maker: 'b' }).success).toBe(true);
  });

  it('a range or a list is stretched to hold what it is set to', () => {
    expect(withPresent({ kind: 'range', present: 30, least: 26, most: 38, step: 4 }, 44)).toMatchObject({
      present: 44,
      most: 44,
      least: 26,
    });
    expect(withPresent({ kind: 'options', present: 20, options: [8, 20] }, 35)).toMatchObject({ options: [8, 20, 35] });
    expect(withPresent({ kind: 'fixed', present: 20 }, 8)).toEqual({ kind: 'fixed', present: 8 });
  });

  it('the front depth says the same in the front and in the panel', () => {
    const put = PANEL_MEASURES.find((m) => m.id === 'depthFrontMm')!.put(NEW_SADDLE, 36);
    expect(put.front.frontPanelDepthMm).toBe(36);
    expect(put.build.panel.depthFrontMm.present).toBe(36);
  });
});

describe('the shapes a head can be made in', () => {
  const { front } = DEMO_SADDLES[0]!;

  it('are put in and taken out one by one; the one it has stays', () => {
    const others = (['peaked', 'round', 'broad'] as const).filter((s) => s !== front.shape);
    const plain = { ...front };
    const more = withShapeToggled(plain, others[0]!);
    expect(makeableShapes(more)).toEqual(expect.arrayContaining([front.shape, others[0]]));
    expect(withShapeToggled(more, others[0]!)).toEqual(plain);
    expect(withShapeToggled(plain, front.shape)).toEqual(plain);
  });
});
