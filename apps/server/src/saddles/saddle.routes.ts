import { type FastifyPluginAsyncZod } from 'fastify-type-provider-zod';
import { saddleSchema } from '@fulcra/contract';
import { z } from 'zod';
import { signedIn } from '../platform/auth/plugin';
import { type Saddles } from './saddle.repository';

export const saddleRoutes: FastifyPluginAsyncZod<{ saddles: Saddles }> = async (app, { saddles }) => {
  app.get('/api/saddles', { schema: { response: { 200: z.array(saddleSchema) } } }, async (request) =>
    saddles.list(signedIn(request).practiceId),
  );
};
