import { v7 } from 'uuid';
import { emptyBin } from '../src/bin/empty-bin';
import { DECISION, HORSE, demoFitter, visitOf } from './journeys';
import { type Running, type Visitor, startServer } from './running-server';
import { rebuildEveryStanding, standingsThatDiffer } from './standings';

let running: Running;
let devices: Visitor[];
const ask = (sql: string, values?: unknown[]) => running.db.query(sql, values);
beforeAll(async () => {
  running = await startServer();
  devices = await Promise.all([demoFitter(running), demoFitter(running)]);
});
afterAll(() => running.stop());
afterEach(async () => expect(await standingsThatDiffer(ask)).toEqual([]));

const put = (path: string, body: object, device = 0) => devices[device]!.send('PUT', path, body);
const standing = async (horseId: string) =>
  (await ask('SELECT in_bin, last_visit_on, open_visit_id, open_visit_on, outline FROM horse WHERE id = ?', [horseId]))[0] as object;
const newHorse = async (): Promise<string> => {
  const id = v7();
  expect((await put(`/api/horses/${id}`, HORSE)).status).toBe(200);
  return id;
};
const newVisit = async (horseId: string, startedOn: string, status = 'open') => {
  const id = v7();
  const fields = { ...visitOf(horseId), startedOn, status };
  expect((await put(`/api/visits/${id}`, fields)).status).toBe(200);
  return { id, fields };
};
const inBin = (id: string, kind: string, restored = false) => {
  const body = { kind, name: 'x', at: '2026-11-20T09:00:00.000Z', by: 'Isla Venn', restored: false };
  return put(`/api/bin/${id}`, restored ? { ...body, restored: true, was: body } : body);
};
const NEVER_VISITED = { in_bin: 0, last_visit_on: null, open_visit_id: null, open_visit_on: null, outline: null };

describe('how a horse stands in the list', () => {
  it('follows from the visits of what the demo begins with', async () => {
    expect(await standingsThatDiffer(ask)).toEqual([]);
    const [{ seen }] = await ask('SELECT COUNT(*) AS seen FROM horse WHERE last_visit_on IS NOT NULL AND outline IS NOT NULL');
    expect(Number(seen)).toBeGreaterThan(3);
  });

  it('is told apart from what it follows from, column by column: the check itself sees each', async () => {
    const id = await newHorse();
    const { id: visitId } = await newVisit(id, '2026-02-01');
    await put(`/api/visits/${visitId}/decisions/${v7()}`, DECISION);
    for (const column of [
      'in_bin = 1',
      'last_visit_on = NULL',
      `open_visit_id = '${v7()}'`,
      "open_visit_on = '2026-02-02'",
      "outline = '[]'",
    ]) {
      await ask(`UPDATE horse SET ${column} WHERE id = ?`, [id]);
      expect(await standingsThatDiffer(ask)).toEqual([`Sorrel: h.${column.split(' ')[0]}`]);
      await rebuildEveryStanding(ask);
    }
    await ask('UPDATE yard_size SET horses = horses + 1');
    expect(await standingsThatDiffer(ask)).toHaveLength(1);
    await rebuildEveryStanding(ask);
  });

  it('changes when a visit is begun, closed, dated anew, and goes over to another horse', async () => {
    const [one, other] = [await newHorse(), await newHorse()];
    expect(await standing(one)).toEqual(NEVER_VISITED);
    const { id, fields } = await newVisit(one, '2026-02-01');
    const open = { last_visit_on: '2026-02-01', open_visit_id: id, open_visit_on: '2026-02-01' };
    expect(await standing(one)).toMatchObject(open);
    const dated = { ...fields, startedOn: '2026-01-15' };
    await put(`/api/visits/${id}`, { ...dated, was: fields });
    expect(await standing(one)).toMatchObject({ ...open, last_visit_on: '2026-01-15', open_visit_on: '2026-01-15' });
    const moved = { ...dated, horseId: other };
    await put(`/api/visits/${id}`, { ...moved, was: dated });
    expect(await standing(one)).toEqual(NEVER_VISITED);
    expect(await standing(other)).toMatchObject({ last_visit_on: '2026-01-15', open_visit_id: id });
    await put(`/api/visits/${id}`, { ...moved, status: 'done', was: moved });
    expect(await standing(other)).toMatchObject({ last_visit_on: '2026-01-15', open_visit_id: null, open_visit_on: null });
  });

  it('goes back to the visit before when the latest is put into the bin, with its outline, and forward again when it is put back', async () => {
    const horseId = await newHorse();
    const { id: before } = await newVisit(horseId, '2026-01-01', 'done');
    const { id: latest } = await newVisit(horseId, '2026-03-01');
    await put(`/api/visits/${before}/decisions/${v7()}`, DECISION);
    const ofBefore = await standing(horseId);
    const narrower = { ...DECISION, section: DECISION.section.map((p) => ({ ...p, zMm: p.zMm / 2 })) };
    await put(`/api/visits/${latest}/decisions/${v7()}`, narrower);
    const whole = await standing(horseId);
    expect(whole).not.toMatchObject({ outline: (ofBefore as { outline: string }).outline });
    await inBin(latest, 'visit');
    expect(await standing(horseId)).toEqual({ ...ofBefore, last_visit_on: '2026-01-01', open_visit_id: null, open_visit_on: null });
    await inBin(latest, 'visit', true);
    expect(await standing(horseId)).toEqual(whole);
    await inBin(horseId, 'horse');
    expect(await standing(horseId)).toEqual({ ...whole, in_bin: 1 });
    await inBin(horseId, 'horse', true);
    expect(await standing(horseId)).toEqual(whole);
  });

  it('is right after two devices wrote visits, decisions and the bin of the same horses at once, and after the bin is emptied', async () => {
    const horses = [await newHorse(), await newHorse()];
    for (let round = 0; round < 12; round++) {
      const made = await Promise.all(horses.map((h, i) => newVisit(h, `2026-0${1 + ((round + i) % 9)}-11`)));
      const [{ id, fields }, second] = made as [(typeof made)[0], (typeof made)[0]];
      const replies = await Promise.all([
        put(`/api/visits/${id}`, { ...fields, horseId: horses[1], was: fields }, 0),
        put(`/api/visits/${id}/decisions/${v7()}`, DECISION, 1),
        put(`/api/visits/${second.id}`, { ...second.fields, status: 'done', horseId: horses[0], was: second.fields }, 1),
        inBin(round % 2 === 0 ? id : second.id, 'visit'),
      ]);
      expect(replies.map((r) => r.status)).toEqual([200, 200, 200, 200]);
      expect(await standingsThatDiffer(ask)).toEqual([]);
    }
    await ask('UPDATE binned SET heard_at = NOW(3) - INTERVAL 31 DAY');
    await emptyBin(running.db);
  });

  it('is refused to a visit of a horse that another practice has, or nobody', async () => {
    expect((await put(`/api/visits/${v7()}`, visitOf(v7()))).status).toBe(404);
  });
});
