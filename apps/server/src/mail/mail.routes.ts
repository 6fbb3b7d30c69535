import { LETTER_FILES_BYTES, idSchema, mailSchema, newMailSchema } from '@fulcra/contract';
import { type FastifyPluginAsyncZod } from 'fastify-type-provider-zod';
import { z } from 'zod';
import { type Feeds } from '../calendar/feeds';
import { signedIn } from '../platform/auth/plugin';
import { type Attachment } from './mail.entity';
import { type PostOffice } from './post-office';

/** A letter with all its files and words, bytes. */
const LETTER_BYTES = LETTER_FILES_BYTES + 100_000;

interface Needs {
  readonly office: PostOffice;
  readonly feeds: Feeds;
  /** Sends at once what was just queued. */
  readonly goNow: () => Promise<void>;
}

/** Letters of the practice: queued at once, sent when a mail server takes them. */
export const mailRoutes: FastifyPluginAsyncZod<Needs> = async (app, { office, feeds, goNow }) => {
  app.get('/api/mail', { schema: { response: { 200: z.array(mailSchema) } } }, async (request) =>
    office.list(signedIn(request).practiceId),
  );
  app.post('/api/mail', { bodyLimit: LETTER_BYTES, schema: { body: newMailSchema, response: { 200: mailSchema } } }, async (request) => {
    const { practiceId } = signedIn(request);
    const { appointmentId, files, ...letter } = request.body;
    const papers = files.map(({ name, mediaType, base64 }): Attachment => ({ name, mediaType, text: base64, encoding: 'base64' }));
    const attachments = [...(appointmentId === null ? [] : [await feeds.asAttachment(practiceId, appointmentId)]), ...papers];
    const mail = await office.queue(practiceId, { ...letter, attachments }, new Date());
    void goNow();
    return mail;
  });
  app.post(
    '/api/mail/:mailId/again',
    { schema: { params: z.object({ mailId: idSchema }), response: { 200: mailSchema } } },
    async (request) => {
      const mail = await office.again(signedIn(request).practiceId, request.params.mailId, new Date());
      void goNow();
      return mail;
    },
  );
};
