import { type FastifyPluginAsyncZod } from 'fastify-type-provider-zod';
import { CORE_VERSION } from '@fulcra/core';
import { type DataSource } from 'typeorm';
import { z } from 'zod';

const healthSchema = z.object({ ok: z.literal(true), coreVersion: z.string() });

/** Health: the process answers. Readiness: the database does too. */
export const healthRoutes: FastifyPluginAsyncZod<{ db: DataSource }> = async (app, { db }) => {
  const well = { ok: true as const, coreVersion: CORE_VERSION };
  app.get('/api/health', { config: { open: true }, schema: { response: { 200: healthSchema } } }, async () => well);
  app.get('/api/ready', { config: { open: true }, schema: { response: { 200: healthSchema } } }, async () => {
    await db.query('SELECT 1');
    return well;
  });
};
