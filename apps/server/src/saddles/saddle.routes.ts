import { type FastifyPluginAsyncZod } from 'fastify-type-provider-zod';
import { idSchema, saddleSchema, saddleWriteSchema } from '@fulcra/contract';
import { z } from 'zod';
import { signedIn } from '../platform/auth/plugin';
import { type Saddles } from './saddle.repository';

const params = z.object({ saddleId: idSchema });

export const saddleRoutes: FastifyPluginAsyncZod<{ saddles: Saddles }> = async (app, { saddles }) => {
  app.get('/api/saddles', { schema: { response: { 200: z.array(saddleSchema) } } }, async (request) =>
    saddles.list(signedIn(request).practiceId),
  );

  app.put('/api/saddles/:saddleId', { schema: { params, body: saddleWriteSchema, response: { 200: saddleSchema } } }, async (request) =>
    saddles.put(signedIn(request).practiceId, request.params.saddleId, request.body),
  );
};
