import { type YardPage, yardPageSchema } from '@fulcra/contract';
import { v7 } from 'uuid';
import { yardSql } from '../src/views/yard';
import { HORSE, demoFitter, visitOf } from './journeys';
import { type Running, type Visitor, startServer } from './running-server';

let running: Running;
let fitter: Visitor;
beforeAll(async () => {
  running = await startServer();
  fitter = await demoFitter(running);
});
afterAll(() => running.stop());

const yard = async (query: string): Promise<YardPage> => yardPageSchema.parse((await fitter.send('GET', `/api/horses?${query}`)).body);
const names = (page: YardPage) => page.horses.map((h) => h.horse.name);

/** Horses straight into the table, as many as a large practice has. */
async function fill(count: number): Promise<void> {
  const practiceId = (await fitter.send('GET', '/api/session')).body.practice.id;
  const rows = Array.from({ length: count }, (_, i) => [
    v7(),
    practiceId,
    `Filled ${String(i).padStart(5, '0')}`,
    'cob',
    'x',
    'mare',
    '[]',
  ]);
  await running.db.query('INSERT INTO horse (id, practice_id, name, kind, note, sex, rider_ids) VALUES ?', [rows]);
  const [{ id: fitterId }]: [{ id: string }] = await running.db.query('SELECT id FROM person WHERE practice_id = ? LIMIT 1', [practiceId]);
  const visits = rows.map(([horseId]) => [v7(), practiceId, horseId, fitterId, '2026-01-01', 'static-close', 50, 'done', '']);
  await running.db.query(
    'INSERT INTO visit (id, practice_id, horse_id, fitter_id, started_on, school_id, station_mm, status, note) VALUES ?',
    [visits],
  );
  const decisions = visits.map(([visitId]) => [v7(), practiceId, visitId, fitterId, '2026-01-01', '{}', '[]']);
  await running.db.query('INSERT INTO decision (id, practice_id, visit_id, fitter_id, decided_at, body, outline) VALUES ?', [decisions]);
  await running.db.query('ANALYZE TABLE horse, visit, decision');
}

describe('the yard’s list', () => {
  it('comes in pages that together hold every horse once', async () => {
    const whole = names(await yard('limit=100'));
    const paged: string[] = [];
    for (let from: number | null = 0; from !== null;) {
      const page: YardPage = await yard(`limit=3&from=${from}`);
      expect(page.total).toBe(whole.length);
      paged.push(...names(page));
      from = page.next;
    }
    expect(paged).toEqual(whole);
  });

  it('finds by name and type, whatever the case and accents, and takes wild cards as they are', async () => {
    await fitter.send('PUT', `/api/horses/${v7()}`, { ...HORSE, name: 'Äbby 100% _true_', kind: 'Höhlenpony' });
    expect(names(await yard('search=abby'))).toEqual(['Äbby 100% _true_']);
    expect(names(await yard('search=HOHLEN'))).toEqual(['Äbby 100% _true_']);
    expect(names(await yard('search=100%25'))).toEqual(['Äbby 100% _true_']);
    expect(names(await yard('search=_tr'))).toEqual(['Äbby 100% _true_']);
    expect((await yard('search=nobody')).total).toBe(0);
  });

  it('sorts by the last visit, those without one last', async () => {
    const horseId = v7();
    await fitter.send('PUT', `/api/horses/${horseId}`, { ...HORSE, name: 'Zz newest' });
    await fitter.send('PUT', `/api/visits/${v7()}`, { ...visitOf(horseId), startedOn: '2090-01-01' });
    const page = await yard('sort=visited&limit=100');
    expect(page.horses[0]).toMatchObject({ horse: { name: 'Zz newest' }, lastVisitOn: '2090-01-01' });
    const days = page.horses.map((h) => h.lastVisitOn);
    const first = days.indexOf(null);
    if (first >= 0) expect(days.slice(first).every((d) => d === null)).toBe(true);
  });

  it('refuses a page that can’t be', async () => {
    for (const query of ['limit=0', 'limit=101', 'from=-1', 'from=x', 'sort=loud']) {
      expect((await fitter.send('GET', `/api/horses?${query}`)).status).toBe(400);
    }
  });

  it('asks the database three times a page, by its indexes, however many horses there are', async () => {
    await fill(500);
    const before = await questions();
    await yard('limit=50&from=250');
    const asked = (await questions()) - before - 1;
    expect(asked).toBeLessThanOrEqual(5);
    const practiceId = (await fitter.send('GET', '/api/session')).body.practice.id;
    const plan: { table: string; key: string | null }[] = await running.db.query(`EXPLAIN ${yardSql('name')}`, [
      practiceId,
      '',
      '%%',
      '%%',
      '%%',
      '',
      '%%',
      50,
      250,
    ]);
    for (const step of plan.filter((s) => s.table === 'v')) expect(step.key).toBe('visit_horse');
    expect(plan.find((step) => step.table === 'd')!.key).toBe('decision_visit');
  });

  /** Statements this server has been asked, our own question among them. */
  async function questions(): Promise<number> {
    const [row]: { Value: string }[] = await running.db.query("SHOW GLOBAL STATUS LIKE 'Com_select'");
    return Number(row!.Value);
  }
});
