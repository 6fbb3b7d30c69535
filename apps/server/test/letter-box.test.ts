import { type AddressInfo } from 'node:net';
import { SMTPServer } from 'smtp-server';
import { NeverTaken } from '../src/mail/post-office';
import { smtp } from '../src/mail/smtp';
import { demoFitter } from './journeys';
import { type Running, type Visitor, otherPractice, startServer } from './running-server';

const LETTER = { kind: 'reminder', to: 'stranger@far.example', text: 'Dear somebody', appointmentId: null };
const until = async <T>(look: () => Promise<T | undefined>): Promise<T> => {
  for (let i = 0; i < 60; i++) {
    const found = await look();
    if (found !== undefined) return found;
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  throw new Error('it did not come');
};
const letters = async (who: Visitor) => (await who.send('GET', '/api/mail')).body as { subject: string; state: string }[];
const box = async (who: Visitor) => (await who.send('GET', '/api/stand-in/mail')).body as { subject: string }[];
const write = (who: Visitor, subject: string) => who.send('POST', '/api/mail', { ...LETTER, subject });
const ended = (who: Visitor, subject: string) =>
  until(async () => (await letters(who)).find((m) => m.subject === subject && m.state !== 'queued')?.state);

async function two(running: Running) {
  const account = await otherPractice(running.db);
  const other = running.visitor();
  await other.signIn(account.email, account.password);
  return { demo: await demoFitter(running), other };
}

describe('the letter box', () => {
  it('is the practice’s own: nobody reads another’s, and a letter in it was sent to nobody', async () => {
    const running = await startServer();
    try {
      const { demo, other } = await two(running);
      await write(demo, 'of the demo');
      await write(other, 'of the other');
      expect([await ended(demo, 'of the demo'), await ended(other, 'of the other')]).toEqual(['boxed', 'boxed']);
      expect((await box(demo)).map((m) => m.subject)).toEqual(['of the demo']);
      expect((await box(other)).map((m) => m.subject)).toEqual(['of the other']);
    } finally {
      await running.stop();
    }
  });

  it('takes what the demo writes though a mail server is configured: the demo sends nothing to the outside, another practice does', async () => {
    const out: string[] = [];
    const server = new SMTPServer({
      authOptional: true,
      disabledCommands: ['STARTTLS', 'AUTH'],
      onData: (stream, session, done) => {
        out.push(...session.envelope.rcptTo.map((r) => r.address));
        stream.resume();
        stream.once('end', () => done());
      },
    });
    await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
    const { port } = server.server.address() as AddressInfo;
    const running = await startServer({ smtpUrl: `smtp://127.0.0.1:${port}` });
    try {
      const { demo, other } = await two(running);
      await write(demo, 'to a stranger');
      expect(await ended(demo, 'to a stranger')).toBe('boxed');
      expect(out).toEqual([]);
      await write(other, 'to a customer');
      expect(await ended(other, 'to a customer')).toBe('sent');
      expect(out).toEqual([LETTER.to]);
      expect(await box(other)).toEqual([]);
    } finally {
      await running.stop();
      await new Promise<void>((resolve) => server.close(() => resolve()));
    }
  });
});

describe('letters to a mail server', () => {
  const LETTER_OUT = {
    id: '01890000-0000-7000-8000-000000000001',
    practiceId: 'p',
    to: 'a@far.example',
    subject: 's',
    text: 't',
    attachments: [],
  };
  /** A server that answers every address as told, and keeps what it got. */
  async function serverAnswering(refusal: number | null) {
    const got: string[] = [];
    const server = new SMTPServer({
      authOptional: true,
      disabledCommands: ['STARTTLS', 'AUTH'],
      onRcptTo: (_address, _session, done) =>
        done(refusal === null ? null : Object.assign(new Error('not this one'), { responseCode: refusal })),
      onData: (stream, _session, done) => {
        let text = '';
        stream.on('data', (chunk: Buffer) => (text += chunk.toString()));
        stream.once('end', () => {
          got.push(text);
          done();
        });
      },
    });
    await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
    const { port } = server.server.address() as AddressInfo;
    return {
      got,
      deliver: smtp(`smtp://127.0.0.1:${port}`, 'Fulcra <post@yard.example>'),
      stop: () => new Promise<void>((r) => server.close(() => r())),
    };
  }

  it('carry one Message-ID however often they are sent, so that one that went out twice is known as one', async () => {
    const { got, deliver, stop } = await serverAnswering(null);
    try {
      await deliver(LETTER_OUT);
      await deliver(LETTER_OUT);
      await deliver({ ...LETTER_OUT, id: '01890000-0000-7000-8000-000000000002' });
      const ids = got.map((text) => /^Message-ID: (<.*>)/im.exec(text)?.[1]);
      expect(ids).toEqual([
        `<${LETTER_OUT.id}@yard.example>`,
        `<${LETTER_OUT.id}@yard.example>`,
        expect.stringContaining('0002@yard.example'),
      ]);
    } finally {
      await stop();
    }
  });

  it.each([
    [550, true],
    [553, true],
    [450, false],
    [421, false],
  ])('answered %d: never again is %s', async (refusal, final) => {
    const { deliver, stop } = await serverAnswering(refusal);
    try {
      const error = await deliver(LETTER_OUT).then(
        () => null,
        (e: unknown) => e,
      );
      expect(error).toBeInstanceOf(Error);
      expect(error instanceof NeverTaken).toBe(final);
    } finally {
      await stop();
    }
  });
});
