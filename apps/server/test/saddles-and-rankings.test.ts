import { type VisitPage, saddleFileSchema } from '@fulcra/contract';
import { ReadyBody, SCHOOLS, bodyInputOf, fitBenchOf, measuredVisit, rankStock, schoolById } from '@fulcra/core';
import { DEMO_ANIMALS, DEMO_SADDLES, wholeBackFacts, wholeBackTakes } from '@fulcra/demo';
import { v7 } from 'uuid';
import { demoFitter, startedVisit } from './journeys';
import { type Running, type Visitor, startServer } from './running-server';

let running: Running;
let visitor: Visitor;
beforeAll(async () => {
  running = await startServer();
  visitor = await demoFitter(running);
});
afterAll(() => running.stop());

const { id: FIRST_ID, ...FIRST } = DEMO_SADDLES[0]!;
const made = async (change: Partial<typeof FIRST> = {}) => {
  const id = v7();
  const reply = await visitor.send('PUT', `/api/saddles/${id}`, { ...FIRST, ...change });
  return { id, reply };
};

describe('the stock', () => {
  it('gives back every saddle as it was described', async () => {
    const { id, reply } = await made({ name: 'Round trip' });
    expect(reply.status).toBe(200);
    const list = (await visitor.send('GET', '/api/saddles')).body as { id: string }[];
    expect(list.find((s) => s.id === id)).toEqual({ id, ...FIRST, name: 'Round trip' });
  });

  it('is handed on in a file that reads back the same', () => {
    const saddles = DEMO_SADDLES.map(({ id: _, ...fields }) => fields);
    const file = { format: 'fulcra-saddles', version: 1, saddles: saddles.map((s) => ({ ...s, state: 'watch' as const })) };
    expect(saddleFileSchema.parse(JSON.parse(JSON.stringify(file)))).toEqual(file);
  });

  it('merges two people’s changes of different fields, and shows both where they clash', async () => {
    const { id } = await made({ name: 'Shared' });
    const was = { ...FIRST, name: 'Shared' };
    expect((await visitor.send('PUT', `/api/saddles/${id}`, { ...was, whereabouts: 'loft', was })).status).toBe(200);
    const merged = await visitor.send('PUT', `/api/saddles/${id}`, { ...was, note: 'cut back', was });
    expect(merged.body).toMatchObject({ whereabouts: 'loft', note: 'cut back' });
    const clash = await visitor.send('PUT', `/api/saddles/${id}`, { ...was, whereabouts: 'cellar', was });
    expect(clash.body.error).toMatchObject({ code: 'FIELDS_CLASH', clash: { fields: ['whereabouts'], theirs: { whereabouts: 'loft' } } });
  });

  it.each([
    ['a tree of four metres', { build: { ...FIRST.build, frame: { ...FIRST.build.frame, lengthMm: 4000 } } }],
    ['a seat outside its tree', { build: { ...FIRST.build, frame: { ...FIRST.build.frame, seatLowMm: 900 } } }],
    ['no width at all', { front: { ...FIRST.front, settings: [] } }],
    ['a width it hasn’t', { front: { ...FIRST.front, presentSetting: 30 } }],
    ['two front depths that differ', { front: { ...FIRST.front, frontPanelDepthMm: 12 } }],
    ['text for a number', { build: { ...FIRST.build, panel: { ...FIRST.build.panel, channelMidMm: 'wide' } } }],
  ] as const)('refuses %s by name', async (_, change) => {
    const { reply } = await made(change as Partial<typeof FIRST>);
    expect(reply.status).toBe(400);
    expect(reply.body.error.code).toBe('INPUT_INVALID');
    expect(reply.body.error.fields.length).toBeGreaterThan(0);
  });
});

describe('tried settings', () => {
  it('are kept with a visit and refused where they can’t be', async () => {
    const { visitId } = await startedVisit(visitor);
    const body = {
      kind: 'triedSetting',
      saddleId: FIRST_ID,
      saddleName: FIRST.name,
      widthLabel: 'Sedge',
      setup: {
        width: 2,
        curveMm: 20,
        frontDepthMm: 30,
        rearDepthMm: 42,
        flock: { near: { front: 0, middle: 0, rear: 0 }, off: { front: 2, middle: 0, rear: 0 } },
        shims: { near: { front: 0, middle: 0, rear: 0 }, off: { front: 0, middle: 0, rear: 0 } },
        pad: { kind: 'none', thicknessMm: 0 },
        placeMm: 55,
        straps: ['first', 'rear'],
      },
      rider: null,
      pose: 'resting',
      schoolId: 'static-close',
      schoolVersion: 1,
      coreVersion: '0.1.0',
      score: 82.5,
      missed: [{ id: 'peakPressure', value: 33, stops: false }],
      thumb: { rows: 1, columns: 2, kPa: [-1, 12] },
    };
    const put = (change: object) =>
      visitor.send('PUT', `/api/visits/${visitId}/facts/${v7()}`, { madeAt: '2026-11-20T10:00:00.000Z', body: { ...body, ...change } });
    expect((await put({})).status).toBe(200);
    const facts = (await visitor.send('GET', `/api/visits/${visitId}`)).body.facts as { body: unknown }[];
    expect(facts.map((f) => f.body)).toContainEqual(body);
    expect((await put({ rider: { massKg: 500, offsetMm: 0, stirrupShare: 0.2, gait: 'stand' } })).status).toBe(400);
    expect((await put({ setup: { ...body.setup, straps: ['crossed'] } })).status).toBe(400);
  });
});

describe('ranking the stock on the server’s threads', () => {
  const question = {
    schoolId: 'static-close' as const,
    rider: { massKg: 75, offsetMm: 0, stirrupShare: 0.2, gait: 'stand' as const },
    strapPullN: 60,
  };
  const measured = async (takesOf: (all: ReturnType<typeof wholeBackTakes>) => ReturnType<typeof wholeBackTakes>) => {
    const { visitId } = await startedVisit(visitor, []);
    const animal = DEMO_ANIMALS[1]!;
    for (const { take } of takesOf(wholeBackTakes(animal, animal.back, '2026-11-20', 1))) {
      await visitor.send('PUT', `/api/visits/${visitId}/takes/${v7()}`, take);
    }
    for (const { body, madeAt } of wholeBackFacts(animal.back, '2026-11-20', 500, 900, { barrel: null, seen: '' })) {
      await visitor.send('PUT', `/api/visits/${visitId}/facts/${v7()}`, { madeAt, body });
    }
    return visitId;
  };

  it('derives the back from the visit and gives the numbers the same core gives here, to the last bit', async () => {
    const visitId = await measured((all) => all);
    const reply = await visitor.send('POST', '/api/rankings', { visitId, ...question });
    expect(reply.status).toBe(200);
    expect(reply.body.threads).toBeGreaterThanOrEqual(1);
    const stock = (await visitor.send('GET', '/api/saddles')).body;
    const page = (await visitor.send('GET', `/api/visits/${visitId}`)).body as VisitPage;
    const ready = new ReadyBody(bodyInputOf(measuredVisit(page), page.facts));
    if (!ready.body.ok) throw new Error('no body');
    const search = rankStock(
      fitBenchOf(ready, ready.body.value, { ...question, school: schoolById(question.schoolId), strapPullN: 60 }),
      stock,
    );
    let step = search.next();
    while (!step.done) step = search.next();
    const here = step.value.ranked.map((r) => ({ id: r.id, score: r.best.score, stops: r.best.stops, setup: r.best.setup }));
    expect(here.length).toBeGreaterThan(0);
    expect(reply.body.ranked.map((r: (typeof here)[number]) => ({ id: r.id, score: r.score, stops: r.stops, setup: r.setup }))).toEqual(
      here,
    );
  }, 120_000);

  it('says of every saddle why not, where too little was measured', async () => {
    const visitId = await measured((all) => all.filter(({ take }) => take.station === 'front'));
    const { body } = await visitor.send('POST', '/api/rankings', { visitId, ...question });
    expect(body.ranked).toEqual([]);
    expect(body.refused.length).toBeGreaterThan(0);
    expect(body.refused.every((r: { problems: { code: string }[] }) => r.problems[0]!.code === 'SURFACE_TOO_FEW_STATIONS')).toBe(true);
  });

  it('doesn’t know another’s visit', async () => {
    expect((await visitor.send('POST', '/api/rankings', { visitId: v7(), ...question })).body.error.code).toBe('NOT_FOUND');
  });

  it('refuses a school that isn’t one and a rider of 500 kg', async () => {
    expect(SCHOOLS.some((s) => (s.id as string) === 'loud')).toBe(false);
    const visitId = v7();
    expect((await visitor.send('POST', '/api/rankings', { visitId, ...question, schoolId: 'loud' })).status).toBe(400);
    expect((await visitor.send('POST', '/api/rankings', { visitId, ...question, rider: { ...question.rider, massKg: 500 } })).status).toBe(
      400,
    );
  });
});
