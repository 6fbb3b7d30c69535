import { type AddressInfo } from 'node:net';
import { LETTER_FILES_BYTES, standInMailSchema } from '@fulcra/contract';
import { type ParsedMail, simpleParser } from 'mailparser';
import { SMTPServer } from 'smtp-server';
import { z } from 'zod';
import { OF_PRACTICE } from '../mail/smtp';

const listSchema = z.array(standInMailSchema);
type LetterBoxMail = z.infer<typeof standInMailSchema>;
const MOST_KEPT = 200;
/** As large as a letter of ours gets on its way: its files broken into lines, and its words. */
const MOST_BYTES = Math.ceil(1.05 * LETTER_FILES_BYTES) + 200_000;

/** A mail server for the demo: takes every letter, keeps the last ones in memory, and sends nothing on. */
export interface LetterBox {
  readonly url: string;
  /** A practice's own, newest first. */
  letters(practiceId: string): readonly LetterBoxMail[];
  close(): Promise<void>;
}

/** The practice a letter is of, as its own header says. */
function headerOf({ headers }: ParsedMail): string {
  const said = headers.get(OF_PRACTICE.toLowerCase());
  return typeof said === 'string' ? said : '';
}

export async function openLetterBox(): Promise<LetterBox> {
  const kept: { readonly practiceId: string; readonly mail: LetterBoxMail }[] = [];
  const server = new SMTPServer({
    authOptional: true,
    disabledCommands: ['STARTTLS', 'AUTH'],
    size: MOST_BYTES,
    logger: false,
    onData: (stream, session, done) => {
      simpleParser(stream).then((parsed) => {
        const mail = {
          at: new Date().toISOString(),
          from: parsed.from?.text ?? '',
          to: session.envelope.rcptTo.map((r) => r.address),
          subject: parsed.subject ?? '',
          text: parsed.text ?? '',
          attachments: parsed.attachments.map((a) => ({ name: a.filename ?? '', mediaType: a.contentType, bytes: a.size })),
        };
        kept.unshift({ practiceId: headerOf(parsed), mail });
        kept.length = Math.min(kept.length, MOST_KEPT);
        done();
      }, done);
    },
  });
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  const { port } = server.server.address() as AddressInfo;
  return {
    url: `smtp://127.0.0.1:${port}`,
    letters: (practiceId) => kept.filter((k) => k.practiceId === practiceId).map((k) => k.mail),
    close: () => new Promise((resolve) => server.close(() => resolve())),
  };
}

export const letterBoxReply = listSchema;
