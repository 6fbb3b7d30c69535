import { idSchema, mailSchema, newMailSchema } from '@fulcra/contract';
import { type FastifyPluginAsyncZod } from 'fastify-type-provider-zod';
import { z } from 'zod';
import { type Feeds } from '../calendar/feeds';
import { signedIn } from '../platform/auth/plugin';
import { type PostOffice } from './post-office';

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
  app.post('/api/mail', { schema: { body: newMailSchema, response: { 200: mailSchema } } }, async (request) => {
    const { practiceId } = signedIn(request);
    const { appointmentId, ...letter } = request.body;
    const attachments = appointmentId === null ? [] : [await feeds.asAttachment(practiceId, appointmentId)];
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
