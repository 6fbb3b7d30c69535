import { idSchema, riderSchema, riderWriteSchema } from '@fulcra/contract';
import { type FastifyPluginAsyncZod } from 'fastify-type-provider-zod';
import { z } from 'zod';
import { signedIn } from '../platform/auth/plugin';
import { type Riders } from './rider.repository';

const params = z.object({ riderId: idSchema });

export const riderRoutes: FastifyPluginAsyncZod<{ readonly riders: Riders }> = async (app, { riders }) => {
  app.get('/api/riders', { schema: { response: { 200: z.array(riderSchema) } } }, async (request) =>
    riders.list(signedIn(request).practiceId),
  );

  app.put('/api/riders/:riderId', { schema: { params, body: riderWriteSchema, response: { 200: riderSchema } } }, async (request) =>
    riders.put(signedIn(request).practiceId, request.params.riderId, request.body),
  );
};
