import { type YardPage, yardPageSchema } from '@fulcra/contract';
import { v7 } from 'uuid';
import { pageQuestion, underWayQuestion } from '../src/views/yard';
import { fillYard } from './fill-yard';
import { DECISION, HORSE, demoFitter, visitOf } from './journeys';
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

  it('finds the horses of a rider, and that rider’s alone', async () => {
    const riderId = v7();
    await fitter.send('PUT', `/api/riders/${riderId}`, { name: 'Ash Penhale', heightMm: 1700, weightKg: 70, note: '' });
    await fitter.send('PUT', `/api/horses/${v7()}`, { ...HORSE, name: 'Ridden', riderIds: [riderId] });
    expect(names(await yard(`rider=${riderId}`))).toEqual(['Ridden']);
    expect(names(await yard(`rider=${v7()}`))).toEqual([]);
  });

  it('names the visit under way and the outline that was last decided, of the newest visit that has one', async () => {
    const horseId = v7();
    await fitter.send('PUT', `/api/horses/${horseId}`, { ...HORSE, name: 'Outlined "twice"' });
    const [old, newer, open] = [v7(), v7(), v7()];
    for (const [id, startedOn] of [
      [old, '2026-01-01'],
      [newer, '2026-02-01'],
      [open, '2026-03-01'],
    ] as const)
      await fitter.send('PUT', `/api/visits/${id}`, { ...visitOf(horseId), startedOn });
    const section = (z: number) => [-100, -50, 0, 50, 100].map((yMm) => ({ yMm, zMm: (z * Math.abs(yMm)) / 100 || 0 }));
    for (const [visitId, z] of [
      [newer, -50],
      [newer, -60],
      [old, -70],
    ] as const)
      await fitter.send('PUT', `/api/visits/${visitId}/decisions/${v7()}`, { ...DECISION, section: section(z) });
    for (const id of [old, newer]) {
      const { id: _id, fitter: _fitter, ...was } = (await fitter.send('GET', `/api/visits/${id}`)).body.visit;
      await fitter.send('PUT', `/api/visits/${id}`, { ...was, status: 'done', was });
    }
    const [found] = (await yard('search=outlined "twice"')).horses;
    expect(found).toMatchObject({ lastVisitOn: '2026-03-01', openVisitId: open });
    expect(found!.outline.map((p) => p.zMm)).toContain(-60);
    expect(found!.outline.map((p) => p.zMm)).not.toContain(-70);
    await fitter.send('PUT', `/api/bin/${open}`, {
      kind: 'visit',
      name: 'x',
      at: '2026-11-20T09:00:00.000Z',
      by: 'Isla Venn',
      restored: false,
    });
    expect((await yard('search=outlined')).horses[0]).toMatchObject({ lastVisitOn: '2026-02-01', openVisitId: null });
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

  it('asks the database twice a page, by its indexes, however many horses there are', async () => {
    const { practice, person } = (await fitter.send('GET', '/api/session')).body;
    await fillYard(
      (sql, values) => running.db.query(sql, values),
      { practiceId: practice.id, fitterId: person.id },
      { horses: 500, visits: 1 },
    );
    expect((await yard('')).horses).toHaveLength(40);
    const before = await questions();
    await yard('limit=50&from=250');
    const asked = (await questions()) - before;
    expect(asked).toBe(2);
    const explained = async ({ sql, values }: ReturnType<typeof pageQuestion>): Promise<unknown[]> => {
      const plan: { table: string; key: string; Extra: string }[] = await running.db.query(`EXPLAIN ${sql}`, [...values]);
      const [horses, ...others] = plan.filter(({ table }) => table !== 'yard_size');
      expect(others).toEqual([]);
      return [horses!.key, /filesort|temporary/.test(horses!.Extra) ? horses!.Extra : 'in order'];
    };
    const query = { search: '', rider: '', from: 250, limit: 50 };
    expect(await explained(pageQuestion(practice.id, { ...query, sort: 'name' }))).toEqual(['horse_listed', 'in order']);
    expect(await explained(pageQuestion(practice.id, { ...query, sort: 'visited' }))).toEqual(['horse_visited', 'in order']);
    expect(await explained(underWayQuestion(practice.id, { ...query, sort: 'name' }))).toContain('horse_under_way');
  });

  /** Statements this server has been asked. */
  async function questions(): Promise<number> {
    const [row]: { Value: string }[] = await running.db.query("SHOW GLOBAL STATUS LIKE 'Com_select'");
    return Number(row!.Value);
  }
});
