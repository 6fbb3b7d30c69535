import { DEMO_ACCOUNT } from '@fulcra/demo';
import { type FastifyPluginAsyncZod } from 'fastify-type-provider-zod';
import { type DataSource } from 'typeorm';
import { z } from 'zod';
import { signedIn } from '../platform/auth/plugin';
import { FulcraError } from '../platform/errors/fulcra-error';
import { resetDemo } from './reset';

/** Only where the demo is: begins it anew, for whoever is signed in to it. */
export const demoRoutes: FastifyPluginAsyncZod<{ readonly db: DataSource }> = async (app, { db }) => {
  app.post('/api/demo/reset', { schema: { response: { 204: z.null() } } }, async (request, reply) => {
    if (signedIn(request).practiceId !== DEMO_ACCOUNT.practiceId) throw new FulcraError('NOT_FOUND');
    await resetDemo(db);
    return reply.status(204).send(null);
  });
};
