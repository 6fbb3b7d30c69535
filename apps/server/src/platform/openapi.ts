import swagger from '@fastify/swagger';
import { type FastifyInstance } from 'fastify';
import { jsonSchemaTransform } from 'fastify-type-provider-zod';

/** Address of the description of this API, made from the contract's schemas. */
const OPENAPI_URL = '/api/openapi.json';

export async function describeApi(app: FastifyInstance): Promise<void> {
  await app.register(swagger, {
    openapi: {
      openapi: '3.1.0',
      info: { title: 'Fulcra', version: '0.1.0', description: 'Backs, saddles and what was decided. Lengths in mm, angles in degrees.' },
    },
    transform: jsonSchemaTransform,
  });
  app.get(OPENAPI_URL, { config: { open: true }, schema: { hide: true } }, async () => app.swagger());
}
