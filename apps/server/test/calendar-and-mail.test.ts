import { LETTER_FILES_BYTES, dueListSchema, storySchema } from '@fulcra/contract';
import ICAL from 'ical.js';
import { v7 } from 'uuid';
import { type NamedAppointment, calendarOf, momentIn } from '../src/calendar/ics';
import { NeverTaken, postOffice } from '../src/mail/post-office';
import { demoFitter, startedVisit } from './journeys';
import { type Running, type Visitor, otherPractice, startServer } from './running-server';

let running: Running;
let fitter: Visitor;
beforeAll(async () => {
  running = await startServer();
  fitter = await demoFitter(running);
});
afterAll(() => running.stop());

const code = (reply: { readonly body: { readonly error?: { readonly code: string } } }) => reply.body.error?.code ?? null;
const planned = async (change: object = {}) => {
  const { horseId } = await startedVisit(fitter);
  const id = v7();
  const body = {
    horseId,
    on: '2026-12-03',
    at: '09:30',
    minutes: 60,
    reason: 'asked',
    fitter: 'Isla Venn',
    state: 'planned',
    note: '',
    ...change,
  };
  return { id, body, reply: await fitter.send('PUT', `/api/appointments/${id}`, body) };
};
/** Read by a parser that has nothing to do with the writer. */
const events = (text: string) => new ICAL.Component(ICAL.parse(text) as never).getAllSubcomponents('vevent').map((e) => new ICAL.Event(e));

describe('when horses are due', () => {
  it('is told with the reason: a young horse nine weeks after its visit', async () => {
    const due = dueListSchema.parse((await fitter.send('GET', '/api/due')).body);
    const pipit = due.find((d) => d.horseName === 'Pipit')!;
    expect(pipit).toMatchObject({ lastVisitOn: '2026-09-11', reason: 'young', on: '2026-11-13' });
    // its first saddle here: what it went in before nobody knows, so that nobody says it is new to it
    expect(pipit.others.map((o) => o.reason)).not.toContain('newSaddle');
    expect(due.map((d) => d.on)).toEqual([...due.map((d) => d.on)].sort());
  });

  it('carries the tree through the visits of a horse that was measured often enough', async () => {
    const due = dueListSchema.parse((await fitter.send('GET', '/api/due')).body);
    const corrie = due.find((d) => d.horseName === 'Corrie')!;
    expect(corrie.forecast).not.toBeNull();
    expect(corrie.forecast!.code === 'tooFewDates' ? 0 : corrie.forecast!.dates).toBe(4);
  });
});

describe('a horse’s whole history', () => {
  it('has its visits with outlines, how it improved, and what was found on its tack, oldest first', async () => {
    const { horseId } = dueListSchema.parse((await fitter.send('GET', '/api/due')).body).find((d) => d.horseName === 'Corrie')!;
    const story = storySchema.parse((await fitter.send('GET', `/api/horses/${horseId}/story`)).body);
    expect(story.visits.map((v) => v.on)).toEqual(['2026-03-12', '2026-05-02', '2026-06-19', '2026-09-18']);
    expect(story.visits.every((v) => v.outline.length > 10 && v.step.witherMm !== null)).toBe(true);
    expect(story.visits[0]!.move).toBeNull();
    expect(story.visits[3]!.move!.witherMm).toBeCloseTo(story.visits[3]!.step.witherMm! - story.visits[2]!.step.witherMm!, 9);
    expect(story.visits.map((v) => v.weightKg)).toEqual([478, 486, 492, 505]);
    expect(story.visits.map((v) => v.foretold)).toEqual([null, null, null, null]);
    expect(story.tack.map((t) => t.madeAt)).toEqual([...story.tack.map((t) => t.madeAt)].sort());
    expect(story.tack.length).toBeGreaterThan(0);
  });

  it('a fall that its owner told of brings it at once, and no visit’s date takes that back', async () => {
    const { horseId, visitId } = await startedVisit(fitter);
    const { token } = (await fitter.send('POST', `/api/horses/${horseId}/links`, { ownerName: 'O', days: 3 })).body as { token: string };
    const body = { kind: 'changed', what: ['fell'], note: '' };
    await running.visitor().send('PUT', `/api/shared/${token}/words/${v7()}`, { body });
    const due = async () => dueListSchema.parse((await fitter.send('GET', '/api/due')).body).find((d) => d.horseId === horseId)!;
    expect(await due()).toMatchObject({ reason: 'fall', atOnce: true });
    const { id: _, fitter: __, ...was } = (await fitter.send('GET', `/api/visits/${visitId}`)).body.visit;
    await fitter.send('PUT', `/api/visits/${visitId}`, { ...was, startedOn: '2031-01-01', was });
    expect((await due()).reason).toBe('fall');
  });
});

describe('a calendar for other programs', () => {
  it('holds the fitter’s visits as an independent parser reads them, at the yard’s own hour', async () => {
    const { id, body } = await planned({ note: 'Bring; the long, girth\\' });
    const { token } = (await fitter.send('POST', '/api/calendar-feed')).body as { token: string };
    const reply = await running.visitor().send('GET', `/api/calendar/${token}`);
    expect(reply.headers.get('content-type')).toContain('text/calendar');
    const event = events(reply.body as string).find((e) => e.uid === `${id}@fulcra`)!;
    expect(event.startDate.toJSDate().toISOString()).toBe('2026-12-03T09:30:00.000Z');
    expect(event.duration.toSeconds()).toBe(3600);
    expect(event.description).toBe(body.note);
    const single = await fitter.send('GET', `/api/appointments/${id}/ics`);
    expect(events(single.body as string).map((e) => e.uid)).toEqual([`${id}@fulcra`]);
  });

  it('has a secret address: a new one takes the old one back', async () => {
    const secret = async () => (await fitter.send('POST', '/api/calendar-feed')).body.token as string;
    const [first, second] = [await secret(), await secret()];
    const read = async (token: string) => (await running.visitor().send('GET', `/api/calendar/${token}`)).status;
    expect([await read(first), await read(second)]).toEqual([404, 200]);
    await fitter.send('DELETE', '/api/calendar-feed');
    expect(await read(second)).toBe(404);
  });

  it('shows no other practice’s visits', async () => {
    const account = await otherPractice(running.db);
    const stranger = running.visitor();
    await stranger.signIn(account.email, account.password);
    const { token } = (await stranger.send('POST', '/api/calendar-feed')).body;
    expect(events((await running.visitor().send('GET', `/api/calendar/${token}`)).body as string)).toEqual([]);
  });

  it.each([
    ['no such day', { on: '2026-02-29' }],
    ['no such hour', { at: '24:00' }],
    ['no time at all', { minutes: 0 }],
    ['a state that isn’t one', { state: 'perhaps' }],
  ])('refuses an appointment with %s', async (_, change) => {
    expect(code((await planned(change)).reply)).toBe('INPUT_INVALID');
  });
  it('takes 29 February where there is one', async () => expect((await planned({ on: '2028-02-29' })).reply.status).toBe(200));
});

describe('days and hours', () => {
  it.each([
    ['2026-03-29', '00:30', '2026-03-29T00:30:00.000Z'],
    ['2026-03-29', '09:30', '2026-03-29T08:30:00.000Z'],
    ['2026-03-29', '01:30', '2026-03-29T01:30:00.000Z'],
    ['2026-10-25', '09:30', '2026-10-25T09:30:00.000Z'],
    ['2026-12-31', '23:30', '2026-12-31T23:30:00.000Z'],
    ['2028-02-29', '12:00', '2028-02-29T12:00:00.000Z'],
  ])('%s %s on the yard’s clock', (on, at, moment) => {
    expect(momentIn('Europe/London', on, at).toISOString()).toBe(moment);
  });

  it('names fold and escape, whatever is in them, and no line is longer than 75 octets', () => {
    const horseName = `Mårl; “the, long” \\ <b>one</b>\nEND:VEVENT ${'þ'.repeat(90)}`;
    const text = calendarOf('A, B; C', [{ ...BARE, horseName, place: 'Top; field, 1' }], 'Europe/London', new Date(0));
    const [event] = events(text);
    expect(events(text)).toHaveLength(1);
    expect(event!.summary).toBe(horseName);
    expect(event!.location).toBe('Top; field, 1');
    for (const line of text.split('\r\n')) expect(Buffer.byteLength(line)).toBeLessThanOrEqual(75);
  });

  it('every line ends with CRLF, the last one too, and a change raises the sequence', async () => {
    const { id, body } = await planned();
    const file = async () => (await fitter.send('GET', `/api/appointments/${id}/ics`)).body as string;
    const first = await file();
    expect(first.endsWith('END:VCALENDAR\r\n')).toBe(true);
    expect(first.replaceAll('\r\n', '')).not.toMatch(/[\r\n]/);
    expect(first).toContain('SEQUENCE:0');
    for (const minutes of [30, 35]) {
      const { id: _, ...was } = (await fitter.send('GET', '/api/appointments')).body.find((a: { id: string }) => a.id === id);
      await fitter.send('PUT', `/api/appointments/${id}`, { ...was, minutes, was });
    }
    expect(await file()).toContain('SEQUENCE:2');
    await fitter.send('PUT', `/api/appointments/${id}`, { ...body, minutes: 35 });
    expect(await file()).toContain('SEQUENCE:2');
  });

  it('what is cancelled says so', () => {
    const text = calendarOf('A', [{ ...BARE, state: 'cancelled', horseName: 'Marl', place: '' }], 'Europe/London', new Date(0));
    expect(text).toContain('STATUS:CANCELLED');
  });
});
const BARE = {
  id: v7(),
  horseId: v7(),
  on: '2026-12-03',
  at: '09:30',
  minutes: 45,
  reason: 'asked',
  fitter: 'Isla Venn',
  state: 'planned',
  note: '',
  revision: 0,
} as const satisfies Partial<NamedAppointment>;

describe('letters', () => {
  const LETTER = { kind: 'reminder', to: 'a@b.example', subject: 'Marl <b> is due', text: 'Dear <A>,\nMarl.', appointmentId: null };
  const inBox = async (subject: string) => {
    for (let i = 0; i < 50; i++) {
      const box = (await fitter.send('GET', '/api/stand-in/mail')).body as {
        subject: string;
        text: string;
        to: string[];
        attachments: object[];
      }[];
      const found = box.find((m) => m.subject === subject);
      if (found !== undefined) return found;
      await new Promise((resolve) => setTimeout(resolve, 100));
    }
    throw new Error('the letter did not arrive');
  };

  it('go out through the mail server as they were written, with the calendar file beside them', async () => {
    const { id } = await planned();
    const subject = `With a file ${id}`;
    expect((await fitter.send('POST', '/api/mail', { ...LETTER, subject, appointmentId: id })).status).toBe(200);
    const got = await inBox(subject);
    expect(got).toMatchObject({ to: ['a@b.example'], attachments: [{ name: 'visit.ics', mediaType: 'text/calendar' }] });
    expect(got.text.trim()).toBe(LETTER.text);
    const sent = (await fitter.send('GET', '/api/mail')).body as { subject: string; state: string }[];
    expect(sent.find((m) => m.subject === subject)!).toMatchObject({ state: 'boxed', sentAt: null });
  });

  it('carry a paper of an order as the bytes it was, and not one too large', async () => {
    const subject = `With a paper ${v7()}`;
    const bytes = Buffer.alloc(900_000, '%PDF ');
    const file = { name: 'templates-Märl-2026-11-20.a4.pdf', mediaType: 'application/pdf', base64: bytes.toString('base64') };
    expect((await fitter.send('POST', '/api/mail', { ...LETTER, kind: 'order', subject, files: [file] })).status).toBe(200);
    const got = await inBox(subject);
    expect(got.attachments).toEqual([{ name: file.name, mediaType: 'application/pdf', bytes: bytes.length }]);
    const whole = { ...file, base64: 'AAAA'.repeat(LETTER_FILES_BYTES / 4) };
    expect((await fitter.send('POST', '/api/mail', { ...LETTER, kind: 'order', subject: `Whole ${subject}`, files: [whole] })).status).toBe(
      200,
    );
    expect((await inBox(`Whole ${subject}`)).attachments).toMatchObject([{ bytes: (3 * LETTER_FILES_BYTES) / 4 }]);
    const large = { ...file, base64: 'AAAA'.repeat(LETTER_FILES_BYTES / 4 + 1) };
    expect(code(await fitter.send('POST', '/api/mail', { ...LETTER, files: [large] }))).toBe('INPUT_INVALID');
  });

  it.each([
    ['a file that is no paper', { files: [{ name: 'a.html', mediaType: 'text/html', base64: 'AAAA' }] }],
    ['a file with a strange name', { files: [{ name: '../a.pdf', mediaType: 'application/pdf', base64: 'AAAA' }] }],
    ['no address', { to: 'nobody' }],
    ['a subject of two lines', { subject: 'Hello\r\nBcc: all@b.example' }],
    ['nothing in it', { text: '' }],
  ])('are refused with %s', async (_, change) => {
    expect(code(await fitter.send('POST', '/api/mail', { ...LETTER, ...change }))).toBe('INPUT_INVALID');
  });

  it('wait while the mail server is down, are tried again, then given up and said, and can be sent once more', async () => {
    const office = postOffice(running.db);
    const practiceId = (await fitter.send('GET', '/api/session')).body.practice.id as string;
    const far = new Date('2040-01-01T00:00:00.000Z');
    const { id } = await office.queue(practiceId, { ...LETTER, kind: 'reminder', attachments: [] }, far);
    const state = async () => (await office.list(practiceId)).find((m) => m.id === id)!;
    const down = () => Promise.reject(new Error('connect ECONNREFUSED'));
    const minutesLater = (m: number) => new Date(far.getTime() + m * 60_000);
    expect(await office.sendDue(down, far)).toBe(0);
    expect(await state()).toMatchObject({
      state: 'queued',
      tries: 1,
      problem: 'connect ECONNREFUSED',
      nextTryAt: minutesLater(1).toISOString(),
    });
    let sent = 0;
    const up = async () => {
      sent++;
      return 'sent' as const;
    };
    await office.sendDue(up, minutesLater(0.5));
    expect(sent).toBe(0);
    for (let day = 1; day <= 9; day++) await office.sendDue(down, minutesLater(day * 1500));
    expect(await state()).toMatchObject({ state: 'given up', tries: 10 });
    await office.again(practiceId, id, far);
    await office.sendDue(up, minutesLater(1_000_000));
    expect(sent).toBe(1);
    expect(await state()).toMatchObject({ state: 'sent', problem: '' });
    await office.sendDue(up, minutesLater(2_000_000));
    expect(sent).toBe(1);
  });

  it('are sent by one of two processes, and by the other only once the first is long gone', async () => {
    const [here, there] = [postOffice(running.db), postOffice(running.db)];
    const practiceId = (await fitter.send('GET', '/api/session')).body.practice.id as string;
    const far = new Date('2041-01-01T00:00:00.000Z');
    const ids = await Promise.all(
      Array.from({ length: 6 }, async () => (await here.queue(practiceId, { ...LETTER, kind: 'reminder', attachments: [] }, far)).id),
    );
    const sent: string[] = [];
    const slow = async ({ id }: { readonly id: string }) => {
      sent.push(id);
      await new Promise((next) => setTimeout(next, 20));
      return 'sent' as const;
    };
    await Promise.all([here.sendDue(slow, far), there.sendDue(slow, far), here.sendDue(slow, far)]);
    expect(sent.sort()).toEqual([...ids].sort());
    // a process that ends while it sends: its letter is nobody's until the lease has run out
    const { id } = await here.queue(practiceId, { ...LETTER, kind: 'reminder', attachments: [] }, far);
    const ended = new Promise<never>(() => undefined);
    void here.sendDue(() => ended, far);
    await new Promise((next) => setTimeout(next, 100));
    const later = (minutes: number) => new Date(far.getTime() + minutes * 60_000);
    expect(await there.sendDue(slow, later(2.9))).toBe(0);
    expect(await there.sendDue(slow, later(3))).toBe(1);
    expect(sent.filter((s) => s === id)).toEqual([id]);
  });

  it('that a mail server will never take are given up at once, and say why', async () => {
    const office = postOffice(running.db);
    const practiceId = (await fitter.send('GET', '/api/session')).body.practice.id as string;
    const far = new Date('2042-01-01T00:00:00.000Z');
    const { id } = await office.queue(practiceId, { ...LETTER, kind: 'reminder', attachments: [] }, far);
    await office.sendDue(() => Promise.reject(new NeverTaken('550 no such mailbox')), far);
    const found = (await office.list(practiceId)).find((m) => m.id === id);
    expect(found).toMatchObject({ state: 'given up', tries: 1, problem: '550 no such mailbox' });
  });
});
