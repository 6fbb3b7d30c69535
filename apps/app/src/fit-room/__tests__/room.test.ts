import { type FactBody } from '@fulcra/contract';
import { AXIS_IDS, bodyInputOf, presentSetup, pressureThumb, schoolById, describedOf } from '@fulcra/core';
import { DEMO_SADDLES } from '@fulcra/demo';
import { fact, facts, takes, visited } from '../../visit/__tests__/demo-visit';
import { axisValue, setupLine } from '../../words/setup-words';
import { choiceOf } from '../model/chosen-sitting';
import { PRESSURE_COLOURS, pressureSteps, pressureImage, pressureStep } from '../model/pressure-scale';
import { firstState, usable } from '../model/room-start';
import { neighboursNow } from '../model/use-room';
import { EMPTY_ROOM, PLAIN_RIDER, type RoomState, changed, heldAgainst, undone } from '../model/room-state';
import { specificationLines } from '../../papers/specification-lines';

const saddle = DEMO_SADDLES[5]!;
const state = (placeMm: number): RoomState => ({
  saddleId: saddle.id,
  setup: presentSetup(describedOf(saddle), placeMm),
  rider: PLAIN_RIDER,
  pose: 'resting',
  strapPullN: 60,
});

describe('undo in the fit room', () => {
  it('goes back change by change, and no further than the first', () => {
    let room = changed(EMPTY_ROOM, state(50));
    room = changed(room, state(55));
    room = changed(room, state(60));
    room = undone(room);
    expect(room.now).toEqual(state(55));
    room = undone(undone(undone(room)));
    expect(room.now).toEqual(state(50));
  });

  it('a change that changes nothing leaves nothing to undo', () => {
    const room = changed(changed(EMPTY_ROOM, state(50)), state(50));
    expect(room.before).toEqual([]);
  });

  it('remembers a good many changes, not all for ever', () => {
    let room = EMPTY_ROOM;
    for (let i = 0; i < 200; i++) room = changed(room, state(i));
    expect(room.before.length).toBe(40);
    expect(room.before.at(-1)).toEqual(state(198));
  });

  it('what it is held against stays while the rest goes on', () => {
    const room = changed(heldAgainst(changed(EMPTY_ROOM, state(50))), state(70));
    expect(room.against).toEqual(state(50));
    expect(undone(room).against).toEqual(state(50));
  });
});

describe('what was kept over a reload', () => {
  it('is let go when its saddle, or its width, is no longer there', () => {
    expect(usable(state(50), DEMO_SADDLES)).toEqual(state(50));
    expect(usable(state(50), DEMO_SADDLES.slice(0, 3))).toBeNull();
    expect(usable({ ...state(50), setup: { ...state(50).setup, width: 30 } }, DEMO_SADDLES)).toBeNull();
  });
});

describe('what lies beside it', () => {
  const beside = { fresh: true, answered: { ok: true, answer: [] } } as const;
  it('is told only once both are of what lies there now', () => {
    expect(neighboursNow(true, beside)).toEqual([]);
    expect(neighboursNow(false, beside)).toBeNull();
    expect(neighboursNow(true, { ...beside, fresh: false })).toBeNull();
    expect(neighboursNow(true, { fresh: true, answered: { ok: false, message: 'stopped' } })).toBeNull();
    expect(neighboursNow(true, { fresh: false, answered: null })).toBeNull();
  });
});

describe('what lies on the horse when the room is opened', () => {
  const { id: saddleId, name: saddleName, front } = saddle;
  const shimmed = {
    ...state(50).setup,
    width: 1,
    shims: { near: { front: 0, middle: 0, rear: 0 }, off: { front: 6, middle: 6, rear: 6 } },
  };
  const kept = {
    ...{ kind: 'triedSetting', saddleId, saddleName, widthLabel: front.settings[1]!.label, setup: shimmed, pose: 'lifted', score: 70 },
    ...{ rider: { ...PLAIN_RIDER, massKg: 61 }, schoolId: 'static-close', schoolVersion: 1, coreVersion: '0', missed: [] },
    thumb: { rows: 1, columns: 1, kPa: [0] },
  } as unknown as FactBody;
  const opened = (bodies: readonly FactBody[], saddles = DEMO_SADDLES) => {
    const { page, measured, school } = visited({
      takes,
      facts: [...facts, ...bodies.map((body, i) => fact(i === 0 ? 'tried' : `f${i}`, body))],
    });
    return firstState(bodyInputOf(measured, page.facts), saddles, { page, school }, PLAIN_RIDER);
  };
  const chosen: FactBody = { kind: 'chosenSetting', triedId: 'tried', note: '' };

  it('is the setting that was chosen, with its rider and pose', () => {
    expect(opened([kept, chosen])).toMatchObject({ saddleId, setup: shimmed, pose: 'lifted', rider: { massKg: 61 } });
  });
  it('is the first of the stock as it is while one was tried and none chosen, or the chosen one is no longer there', () => {
    const first = { saddleId: DEMO_SADDLES[0]!.id, pose: 'resting', rider: PLAIN_RIDER };
    expect(opened([kept])).toMatchObject(first);
    expect(
      opened(
        [kept, chosen],
        DEMO_SADDLES.filter((s) => s.id !== saddleId),
      ),
    ).toMatchObject(first);
  });
});

describe('the scale of pressure', () => {
  const { engine } = schoolById('static-close');
  const steps = pressureSteps(engine);
  it('has a colour for every step and steps up at each limit', () => {
    expect(PRESSURE_COLOURS.length).toBe(steps.length + 1);
    expect(pressureStep(0, steps)).toBe(0);
    for (const [i, kPa] of steps.entries()) {
      expect(pressureStep(kPa - 0.01, steps)).toBe(i);
      expect(pressureStep(kPa, steps)).toBe(i + 1);
    }
    expect(pressureStep(500, steps)).toBe(PRESSURE_COLOURS.length - 1);
  });

  it('changes colour at the published levels', () => {
    const other = { published: { meanKPa: 9, peakKPa: 21 } };
    expect(pressureSteps(other)).toEqual([2, 5, 9, 12, 15, 18, 21]);
    expect(steps[2]).toBe(engine.published.meanKPa);
    expect(steps[6]).toBe(engine.published.peakKPa);
  });

  it('grows darker from step to step', () => {
    const light = (hex: string) => [1, 3, 5].reduce((s, i) => s + parseInt(hex.slice(i, i + 2), 16), 0);
    const lights = PRESSURE_COLOURS.map(light);
    expect(lights).toEqual([...lights].sort((a, b) => b - a));
  });

  it('draws the near side at the foot and nothing where there is no panel', () => {
    const grid = { countX: 2, countY: 2 };
    const pixels = pressureImage(grid, Float64Array.of(40, 0, 0, 0), Float64Array.of(9, -1, Number.NaN, Number.NaN), [1, 2, 3], steps);
    const at = (column: number, row: number) => [...pixels.slice(4 * (row * 2 + column), 4 * (row * 2 + column) + 4)];
    expect(at(0, 1)).toEqual([0x57, 0x1f, 0x2d, 255]);
    expect(at(0, 0)).toEqual([1, 2, 3, 255]);
    expect(at(1, 0)[3]).toBe(0);
  });

  it('makes a small map that keeps where there is panel', () => {
    const [countX, countY] = [48, 28];
    const all = countX * countY;
    const thumb = pressureThumb(
      { countX, countY },
      new Float64Array(all).fill(12),
      new Float64Array(all).map((_, i) => (i % countY < 14 ? 1 : Number.NaN)),
    );
    expect(thumb.kPa).toHaveLength(thumb.rows * thumb.columns);
    expect(thumb.kPa.filter((k) => k === 12)).toHaveLength((thumb.rows * thumb.columns) / 2);
    expect(thumb.kPa.filter((k) => k === -1)).toHaveLength((thumb.rows * thumb.columns) / 2);
  });
});

describe('the specification', () => {
  const tried = (change: Partial<RoomState['setup']>) =>
    ({ setup: { ...state(60).setup, ...change }, rider: null }) as unknown as Parameters<typeof specificationLines>[1];

  it('gives the width neutrally first and the maker’s label beside it', () => {
    const { make } = specificationLines(saddle, tried({ width: 3 }));
    expect(make[0]![1]).toMatch(/^94° included, \d+ mm at 100 mm$/);
    expect(make[1]![1]).toBe('Fathom Lorinery “VI”');
  });

  it('says only what differs from the saddle as it hangs in the stock', () => {
    expect(specificationLines(saddle, tried({})).change).toEqual([]);
    const flock = { near: { front: 0, middle: 0, rear: 0 }, off: { front: 4, middle: -2, rear: 0 } };
    const { change } = specificationLines(saddle, tried({ width: 3, curveMm: 35, flock }));
    expect(change).toEqual([
      ['Width', '“IIII” → “VI”'],
      ['Tree curve', '20 mm → 35 mm'],
      ['Filling, front', 'near 0 mm, off +4 mm'],
      ['Filling, middle', 'near 0 mm, off −2 mm'],
    ]);
  });

  it('says who sat in it, and where, when that was not over the lowest point', () => {
    const withRider = (rider: RoomState['rider']) =>
      specificationLines(saddle, { ...tried({}), rider }).horse.find(([name]) => name === 'Tried with')![1];
    expect(withRider(null)).toBe('nobody up');
    expect(withRider(PLAIN_RIDER)).toBe('75 kg up, at halt');
    expect(withRider({ ...PLAIN_RIDER, gait: 'trot', alongMm: 30, offsetMm: -10 })).toBe(
      '75 kg up, 30 mm back, 10 mm to the near, in trot',
    );
  });

  it('names another crown where the head is made with it, and none where it is its own', () => {
    const { make, change } = specificationLines(saddle, tried({ shape: 'peaked' }));
    expect(make.find(([name]) => name === 'Arch and points')![1]).toBe('peaked arch, points 165 mm');
    expect(change).toEqual([['Arch', 'round arch → peaked arch']]);
    expect(specificationLines(saddle, tried({ shape: 'round' })).change).toEqual([]);
  });
});

describe('what was chosen on a visit', () => {
  const triedFact = { kind: 'triedSetting', saddleId: saddle.id, setup: state(60).setup } as unknown as FactBody;
  const page = (bodies: readonly FactBody[]) => visited({ facts: bodies.map((b, i) => fact(`f${i}`, b)) });

  it('is nothing until one is chosen, and then the tried setting with its saddle', () => {
    expect(choiceOf(page([triedFact]), DEMO_SADDLES)).toBeNull();
    const choice = choiceOf(page([triedFact, { kind: 'chosenSetting', triedId: 'f0', note: '' }]), DEMO_SADDLES);
    expect(choice).toMatchObject({ saddle: { name: 'Breaker' }, tried: { id: 'f0' } });
  });

  it('is nothing once its saddle is gone', () => {
    const chosen = page([triedFact, { kind: 'chosenSetting', triedId: 'f0', note: '' }]);
    expect(choiceOf(chosen, DEMO_SADDLES.slice(0, 2))).toBeNull();
  });
});

describe('what a control says', () => {
  const { setup } = state(60);
  const described = describedOf(saddle);

  it('the arch by its name and its radius, its own one where nothing else is set', () => {
    expect(axisValue(described, setup, 'archShape')).toBe('round arch, crown radius 40 mm');
    expect(axisValue(described, { ...setup, shape: 'broad' }, 'archShape')).toBe('broad arch, crown radius 65 mm');
  });

  it('a width as angle, span and the maker’s label; a broader crown widens the span at the same angle', () => {
    const span = (shape: 'round' | 'broad') => Number(/· (\d+) mm/.exec(axisValue(described, { ...setup, shape }, 'width'))![1]);
    expect(axisValue(described, setup, 'width')).toMatch(/^84° · \d+ mm “IIII”$/);
    expect(span('broad')).toBeGreaterThan(span('round'));
  });

  it('every axis says something of every saddle of the stock', () => {
    for (const any of DEMO_SADDLES.map(describedOf)) {
      for (const axis of AXIS_IDS) expect(axisValue(any, presentSetup(any, 60), axis)).toMatch(/\S/);
      expect(setupLine(any, presentSetup(any, 60))).not.toContain('undefined');
    }
  });
});
