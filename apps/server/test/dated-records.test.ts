import { v7 } from 'uuid';
import { demoFitter } from './journeys';
import { type Running, type Visitor, otherPractice, startServer } from './running-server';

let running: Running;
let fitter: Visitor;
const [riderId, leatherId] = [v7(), v7()];
const RIDER = { name: 'Ash Penhale', heightMm: 1700, weightKg: 70, note: '' };
const LEATHER = {
  ...{ name: 'Long pair', kind: 'looped', spacingMm: 25, holes: 16, newOn: null, eyeToTreadMm: 125, ironWidthMm: null },
  ...{ riderId, saddleId: null, state: 'sound', note: '' },
};
beforeAll(async () => {
  running = await startServer();
  fitter = await demoFitter(running);
  expect((await fitter.send('PUT', `/api/riders/${riderId}`, RIDER)).status).toBe(200);
  expect((await fitter.send('PUT', `/api/leathers/${leatherId}`, LEATHER)).status).toBe(200);
});
afterAll(() => running.stop());

const hands = { hand: 'Isla Venn', takenOn: '2026-11-20', withdrawn: false };
const MEASURED = { riderId, ...hands, lengthsMm: { stature: 1700, insideLeg: 790 } };
const TAKEN = {
  ...{ leatherId, ...hands, way: 'hang', second: null },
  ...{ near: { hole: 8, hangMm: 640 }, off: { hole: 8, hangMm: 644 } },
};
const DATED = [
  ['rider-measures', MEASURED, { lengthsMm: { stature: 1710 } }, { riderId: v7() }, 'RIDER_UNKNOWN'],
  ['leather-takes', TAKEN, { off: { hole: 8, hangMm: 650 } }, { leatherId: v7() }, 'LEATHER_UNKNOWN'],
] as const;

describe.each(DATED)('%s', (place, fields, altered, ofNobody, unknown) => {
  const path = `/api/${place}/${v7()}`;
  const send = (change: object, to = path) => fitter.send('PUT', to, { ...fields, ...change });
  const code = async (reply: ReturnType<typeof send>) => (await reply).body.error.code;

  it('are kept, withdrawn and brought back, and never altered', async () => {
    expect((await send({})).body).toMatchObject(fields);
    expect((await send({ withdrawn: true, was: fields })).body.withdrawn).toBe(true);
    expect((await send({ withdrawn: false, was: { ...fields, withdrawn: true } })).body.withdrawn).toBe(false);
    expect(await code(send({ ...altered, was: fields }))).toBe('MEASURE_IMMUTABLE');
    expect(await code(send({ takenOn: '2026-11-21', was: fields }))).toBe('MEASURE_IMMUTABLE');
    const { body } = await fitter.send('GET', `/api/${place}`);
    expect(body.filter((r: { hand: string; takenOn: string }) => r.takenOn === '2026-11-20')).toEqual([expect.objectContaining(fields)]);
  });

  it('are nobody’s but the hand’s that took them, and of something that is there', async () => {
    expect(await code(send({ hand: 'Somebody else' }, `/api/${place}/${v7()}`))).toBe('MEASURE_OTHER_HAND');
    expect(await code(send(ofNobody, `/api/${place}/${v7()}`))).toBe(unknown);
  });
});

it('a rider of another practice is nobody here', async () => {
  const account = await otherPractice(running.db);
  const stranger = running.visitor();
  await stranger.signIn(account.email, account.password);
  const body = { ...MEASURED, hand: (await stranger.send('GET', '/api/session')).body.person.name };
  expect((await stranger.send('PUT', `/api/rider-measures/${v7()}`, body)).body.error.code).toBe('RIDER_UNKNOWN');
  expect((await stranger.send('PUT', `/api/leathers/${v7()}`, LEATHER)).body.error.code).toBe('RIDER_UNKNOWN');
});

it.each([
  ['an inside leg in centimetres', { lengthsMm: { insideLeg: 79 } }],
  ['no length at all', { lengthsMm: {} }],
  ['a day that is none', { takenOn: '2026-13-40' }],
])('%s is refused and said', async (_, change) => {
  const reply = await fitter.send('PUT', `/api/rider-measures/${v7()}`, { ...MEASURED, ...change });
  expect(reply.status).toBe(400);
});

it('uneven leathers on purpose carry a person and a reason, or are refused', async () => {
  const put = (uneven: object) => fitter.send('PUT', `/api/riders/${v7()}`, { ...RIDER, uneven });
  expect((await put({ offLongerMm: 10, by: 'Dr. Fen Marsh', reason: 'off leg shorter since the break' })).status).toBe(200);
  expect((await put({ offLongerMm: 10, by: 'Dr. Fen Marsh', reason: '' })).status).toBe(400);
  expect((await put({ offLongerMm: 10, by: '', reason: 'a good one' })).status).toBe(400);
});

it('the yard shows the horses of one rider', async () => {
  const { body } = await fitter.send('GET', `/api/horses?rider=${v7()}`);
  expect(body.total).toBe(0);
  const riders = (await fitter.send('GET', '/api/riders')).body as { id: string; name: string }[];
  const wren = riders.find((r) => r.name === 'Wren Hollin')!;
  const hers = (await fitter.send('GET', `/api/horses?rider=${wren.id}`)).body;
  expect(hers.horses.map((h: { horse: { name: string } }) => h.horse.name)).toEqual(["Juno's Ledger"]);
});
