import { setTimeout as pause } from 'node:timers/promises';
import { type FastifyPluginAsyncZod } from 'fastify-type-provider-zod';
import { CORE_VERSION } from '@fulcra/core';
import { FulcraError } from '../platform/errors/fulcra-error';
import { type DataSource } from 'typeorm';
import { z } from 'zod';

const healthSchema = z.object({ ok: z.literal(true), coreVersion: z.string() });

/** A database that takes longer to say one is as good as away, ms. */
const READY_WITHIN_MS = 2000;

/** Health: the process answers. Readiness: the database does too. */
export const healthRoutes: FastifyPluginAsyncZod<{ db: DataSource }> = async (app, { db }) => {
  const well = { ok: true as const, coreVersion: CORE_VERSION };
  app.get('/api/health', { config: { open: true }, schema: { response: { 200: healthSchema } } }, async () => well);
  app.get('/api/ready', { config: { open: true }, schema: { response: { 200: healthSchema } } }, async () => {
    const ready = await Promise.race([
      db
        .query('SELECT 1')
        .then(() => true)
        .catch(() => false),
      pause(READY_WITHIN_MS, false),
    ]);
    if (!ready) throw new FulcraError('NOT_READY');
    return well;
  });
};
