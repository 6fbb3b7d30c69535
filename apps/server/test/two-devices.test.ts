import { DEMO_LEATHERS, DEMO_SADDLES } from '@fulcra/demo';
import { v7 } from 'uuid';
import { DECISION, HORSE, TAKE, demoFitter, startedVisit } from './journeys';
import { type Reply, type Running, type Visitor, startServer } from './running-server';

let running: Running;
let devices: Visitor[];
beforeAll(async () => {
  running = await startServer();
  devices = await Promise.all(Array.from({ length: 3 }, () => demoFitter(running)));
});
afterAll(() => running.stop());

const ROUNDS = 25;
const [{ id: _id, ...SADDLE }] = DEMO_SADDLES as [(typeof DEMO_SADDLES)[number]];
const RIDER = { name: 'Ash Penhale', heightMm: 1700, weightKg: 70, note: '' };
const codes = (replies: readonly Reply[]) => replies.map((r) => (r.status === 200 ? 'ok' : r.body.error.code)).sort();

/** Records with two fields that two people may change at once. */
const RECORDS = [
  ['horse', async () => ({ path: `/api/horses/${v7()}`, fields: HORSE }), 'note', 'kind'],
  ['rider', async () => ({ path: `/api/riders/${v7()}`, fields: RIDER }), 'note', 'name'],
  [
    'leather',
    async () => ({ path: `/api/leathers/${v7()}`, fields: { ...DEMO_LEATHERS[0]!, riderId: null, saddleId: null } }),
    'note',
    'name',
  ],
  ['saddle', async () => ({ path: `/api/saddles/${v7()}`, fields: SADDLE }), 'note', 'whereabouts'],
  [
    'visit',
    async () => {
      const { visitId } = await startedVisit(devices[0]!, []);
      const { id: _, fitter: __, ...fields } = (await devices[0]!.send('GET', `/api/visits/${visitId}`)).body.visit;
      return { path: `/api/visits/${visitId}`, fields };
    },
    'note',
    'startedOn',
  ],
] as const;

const value = (field: string, round: number): string =>
  field === 'startedOn' ? `2026-10-${10 + (round % 20)}` : `${field} of round ${round}`;

describe.each(RECORDS)('two devices change one %s at the same moment', (_, make, one, other) => {
  it('different fields: both changes are there afterwards, every time', async () => {
    const { path, fields } = await make();
    await devices[0]!.send('PUT', path, fields);
    let was: object = fields;
    for (let round = 0; round < ROUNDS; round++) {
      const mine = { [one]: value(one, round) };
      const theirs = { [other]: value(other, round) };
      const replies = await Promise.all([
        devices[0]!.send('PUT', path, { ...was, ...mine, was }),
        devices[1]!.send('PUT', path, { ...was, ...theirs, was }),
      ]);
      expect(codes(replies)).toEqual(['ok', 'ok']);
      was = { ...was, ...mine, ...theirs };
      expect((await devices[2]!.send('PUT', path, { ...was, was })).body).toMatchObject({ ...mine, ...theirs });
    }
  });

  it('the same field: one is taken, the other is told of the clash, and what stands is the one taken', async () => {
    const { path, fields } = await make();
    await devices[0]!.send('PUT', path, fields);
    let was: object = fields;
    for (let round = 0; round < ROUNDS; round++) {
      const words = ['mine', 'theirs'].map((who) => `${who} ${round}`);
      const replies = await Promise.all(words.map((note, i) => devices[i]!.send('PUT', path, { ...was, note, was })));
      expect(codes(replies)).toEqual(['FIELDS_CLASH', 'ok']);
      const taken = words[replies.findIndex((r) => r.status === 200)]!;
      expect(replies.find((r) => r.status !== 200)!.body.error.clash).toMatchObject({ fields: ['note'], theirs: { note: taken } });
      was = { ...was, note: taken };
    }
  });

  it('the same write three times at once is one write', async () => {
    const { path, fields } = await make();
    for (let round = 0; round < ROUNDS / 5; round++) {
      const body = { ...fields, note: `thrice ${round}`, was: round === 0 ? fields : { ...fields, note: `thrice ${round - 1}` } };
      expect(codes(await Promise.all(devices.map((d) => d.send('PUT', path, body))))).toEqual(['ok', 'ok', 'ok']);
    }
  });
});

describe('things that are added', () => {
  it('each sent three times at once is there once', async () => {
    const { visitId } = await startedVisit(devices[0]!, []);
    const sends = Array.from({ length: 4 }, () => [
      [`/api/visits/${visitId}/takes/${v7()}`, TAKE],
      [`/api/visits/${visitId}/facts/${v7()}`, { madeAt: '2026-11-20T09:00:00.000Z', body: { kind: 'cautionsShown' } }],
      [`/api/visits/${visitId}/decisions/${v7()}`, DECISION],
      [`/api/horses/${v7()}`, HORSE],
    ]).flat() as [string, object][];
    const replies = await Promise.all(sends.flatMap(([path, body]) => devices.map((d) => d.send('PUT', path, body))));
    expect(codes(replies)).toEqual(replies.map(() => 'ok'));
    const page = (await devices[0]!.send('GET', `/api/visits/${visitId}`)).body;
    expect([page.takes.length, page.facts.length, page.superseded.length + 1]).toEqual([4, 4, 4]);
  });

  it('never are more than five takes of a station, however many come at once', async () => {
    const { visitId } = await startedVisit(devices[0]!, []);
    const replies = await Promise.all(
      Array.from({ length: 12 }, (_, i) => devices[i % 3]!.send('PUT', `/api/visits/${visitId}/takes/${v7()}`, TAKE)),
    );
    expect(codes(replies).filter((c) => c === 'ok')).toHaveLength(5);
    expect(codes(replies).filter((c) => c === 'TAKES_FULL')).toHaveLength(7);
  });

  it('a decision never overwrites another: both are kept and the later stands', async () => {
    const { visitId } = await startedVisit(devices[0]!);
    const decide = (device: Visitor, reasons: string, id = v7()) =>
      device.send('PUT', `/api/visits/${visitId}/decisions/${id}`, { ...DECISION, reasons });
    const id = v7();
    expect((await decide(devices[0]!, 'first', id)).status).toBe(200);
    expect((await decide(devices[1]!, 'second')).status).toBe(200);
    const page = (await devices[0]!.send('GET', `/api/visits/${visitId}`)).body;
    expect(page.decision.reasons).toBe('second');
    expect(page.superseded.map((d: { reasons: string }) => d.reasons)).toEqual(['first']);
    expect((await decide(devices[0]!, 'altered', id)).body.error.code).toBe('DECISION_IMMUTABLE');
    const history = (await devices[0]!.send('GET', `/api/horses/${page.horse.id}`)).body.visits[0];
    expect([history.decision.reasons, history.superseded[0].reasons]).toEqual(['second', 'first']);
  });
});

describe('what comes together is checked whole', () => {
  it('two changes, each right, that can’t stand together are put before a person; the record stays writable', async () => {
    const path = `/api/saddles/${v7()}`;
    const settings = [80, 90, 100].map((deg) => ({ label: `w${deg}`, includedAngleDeg: deg }));
    const start = { ...SADDLE, front: { ...SADDLE.front, settings, presentSetting: 0 } };
    await devices[0]!.send('PUT', path, start);
    const thinner = {
      ...start,
      front: { ...start.front, frontPanelDepthMm: start.front.frontPanelDepthMm + 5 },
      build: {
        ...start.build,
        panel: { ...start.build.panel, depthFrontMm: { kind: 'fixed', present: start.front.frontPanelDepthMm + 5 } },
      },
    };
    const deeper = {
      ...start,
      build: { ...start.build, frame: { ...start.build.frame, massKg: start.build.frame.massKg + 1 } },
    };
    expect((await devices[0]!.send('PUT', path, { ...deeper, was: start })).status).toBe(200);
    const clash = await devices[1]!.send('PUT', path, { ...thinner, was: start });
    expect(clash.body.error).toMatchObject({ code: 'FIELDS_CLASH' });
    const onlyFront = { ...deeper, front: thinner.front };
    const refused = await devices[1]!.send('PUT', path, { ...start, front: thinner.front, was: start });
    expect([400, 409]).toContain(refused.status);
    expect((await devices[1]!.send('PUT', path, { ...onlyFront, was: deeper })).status).toBe(400);
    const now = (await devices[0]!.send('GET', '/api/saddles')).body.find((s: { id: string }) => path.endsWith(s.id));
    const { id: _, ...fields } = now;
    expect((await devices[0]!.send('PUT', path, { ...fields, note: 'still writable', was: fields })).status).toBe(200);
  });
});
