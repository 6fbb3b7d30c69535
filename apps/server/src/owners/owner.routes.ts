import { idSchema, madeLinkSchema, newLinkSchema, ownerLinkSchema, reportSchema } from '@fulcra/contract';
import { type FastifyPluginAsyncZod } from 'fastify-type-provider-zod';
import { z } from 'zod';
import { type DueNeeds } from '../calendar/due';
import { signedIn } from '../platform/auth/plugin';
import { type OwnerLinks } from './owner-links';
import { reportOf } from './report';

interface Needs extends DueNeeds {
  readonly links: OwnerLinks;
}
const ofHorse = z.object({ horseId: idSchema });
const ofLink = z.object({ linkId: idSchema });

/** What the practice does about owners: reports, and links to them. */
export const ownerRoutes: FastifyPluginAsyncZod<Needs> = async (app, { links, ...needs }) => {
  app.get(
    '/api/visits/:visitId/report',
    { schema: { params: z.object({ visitId: idSchema }), response: { 200: reportSchema } } },
    async (request) => {
      const { practiceId } = signedIn(request);
      const visit = await needs.stores.visit.get(practiceId, request.params.visitId);
      return reportOf(needs, practiceId, visit.horseId, visit.id, new Date());
    },
  );
  app.get('/api/horses/:horseId/links', { schema: { params: ofHorse, response: { 200: z.array(ownerLinkSchema) } } }, async (request) =>
    links.ofHorse(signedIn(request).practiceId, request.params.horseId),
  );
  app.post(
    '/api/horses/:horseId/links',
    { schema: { params: ofHorse, body: newLinkSchema, response: { 200: madeLinkSchema } } },
    async (request) => links.make(signedIn(request), request.params.horseId, request.body.ownerName, request.body.days, new Date()),
  );
  app.delete('/api/links/:linkId', { schema: { params: ofLink, response: { 200: ownerLinkSchema } } }, async (request) =>
    links.revoke(signedIn(request).practiceId, request.params.linkId, new Date()),
  );
};
