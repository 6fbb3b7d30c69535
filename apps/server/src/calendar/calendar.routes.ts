import { dueListSchema, idSchema, linkTokenSchema } from '@fulcra/contract';
import { type FastifyReply } from 'fastify';
import { type FastifyPluginAsyncZod } from 'fastify-type-provider-zod';
import { z } from 'zod';
import { signedIn } from '../platform/auth/plugin';
import { linkLimit } from '../platform/link-limit';
import { type DueNeeds, dueList } from './due';
import { type Feeds } from './feeds';

interface Needs extends DueNeeds {
  readonly feeds: Feeds;
  readonly linksPerMinute: number;
}
const secretSchema = z.object({ token: linkTokenSchema });

/** When each horse is due and why, and calendars for other programs. */
export const calendarRoutes: FastifyPluginAsyncZod<Needs> = async (app, { feeds, linksPerMinute, ...needs }) => {
  app.get('/api/due', { schema: { response: { 200: dueListSchema } } }, async (request) =>
    dueList(needs, signedIn(request).practiceId, new Date()),
  );
  app.post('/api/calendar-feed', { schema: { response: { 200: secretSchema } } }, async (request) => ({
    token: await feeds.renew(signedIn(request), new Date()),
  }));
  app.delete('/api/calendar-feed', { schema: { response: { 204: z.null() } } }, async (request, reply) => {
    await feeds.revoke(signedIn(request));
    return reply.status(204).send(null);
  });
  app.get(
    '/api/calendar/:token',
    { config: { open: true, rateLimit: linkLimit(linksPerMinute) }, schema: { params: secretSchema } },
    async (request, reply) => asCalendar(reply, await feeds.read(request.params.token, new Date())),
  );
  app.get('/api/appointments/:appointmentId/ics', { schema: { params: z.object({ appointmentId: idSchema }) } }, async (request, reply) =>
    asCalendar(reply, await feeds.one(signedIn(request).practiceId, request.params.appointmentId, new Date())),
  );
};

const asCalendar = (reply: FastifyReply, text: string) =>
  reply
    .header('content-type', 'text/calendar; charset=utf-8')
    .header('content-disposition', 'attachment; filename="visits.ics"')
    .header('x-robots-tag', 'noindex')
    .send(text);
