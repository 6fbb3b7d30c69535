import { type AddressInfo } from 'node:net';
import { standInMailSchema } from '@fulcra/contract';
import { simpleParser } from 'mailparser';
import { SMTPServer } from 'smtp-server';
import { z } from 'zod';

const listSchema = z.array(standInMailSchema);
type LetterBoxMail = z.infer<typeof standInMailSchema>;
const MOST_KEPT = 200;
const MOST_BYTES = 5_000_000;

/** A mail server for the demo: takes every letter, keeps the last ones in memory, and sends nothing on. */
export interface LetterBox {
  readonly url: string;
  /** Newest first. */
  letters(): readonly LetterBoxMail[];
  close(): Promise<void>;
}

export async function openLetterBox(): Promise<LetterBox> {
  const kept: LetterBoxMail[] = [];
  const server = new SMTPServer({
    authOptional: true,
    disabledCommands: ['STARTTLS', 'AUTH'],
    size: MOST_BYTES,
    logger: false,
    onData: (stream, session, done) => {
      simpleParser(stream).then((mail) => {
        kept.unshift({
          at: new Date().toISOString(),
          from: mail.from?.text ?? '',
          to: session.envelope.rcptTo.map((r) => r.address),
          subject: mail.subject ?? '',
          text: mail.text ?? '',
          attachments: mail.attachments.map((a) => ({ name: a.filename ?? '', mediaType: a.contentType, bytes: a.size })),
        });
        kept.length = Math.min(kept.length, MOST_KEPT);
        done();
      }, done);
    },
  });
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  const { port } = server.server.address() as AddressInfo;
  return {
    url: `smtp://127.0.0.1:${port}`,
    letters: () => kept,
    close: () => new Promise((resolve) => server.close(() => resolve())),
  };
}

export const letterBoxReply = listSchema;
