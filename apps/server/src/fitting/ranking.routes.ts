import { rankingSchema, rankingWriteSchema } from '@fulcra/contract';
import { type FastifyPluginAsyncZod } from 'fastify-type-provider-zod';
import { signedIn } from '../platform/auth/plugin';
import { type Config } from '../platform/config';
import { type Saddles } from '../saddles/saddle.repository';
import { rankOnThreads } from './ranking-threads';

/** A whole stock against one horse; the measured back comes with the question, the saddles are the practice's own. */
export const rankingRoutes: FastifyPluginAsyncZod<{ readonly saddles: Saddles; readonly config: Config }> = async (
  app,
  { saddles, config },
) => {
  app.post('/api/rankings', { schema: { body: rankingWriteSchema, response: { 200: rankingSchema } } }, async (request, reply) => {
    const stock = await saddles.list(signedIn(request).practiceId);
    const gone = new AbortController();
    reply.raw.once('close', () => {
      if (!reply.raw.writableFinished) gone.abort();
    });
    const { ranked, refused, threads } = await rankOnThreads(config.rankingWorker, request.body, stock, gone.signal);
    return {
      ranked: ranked.map(({ id, best, triedCount, against }) => ({
        id,
        score: best.score,
        stops: [...best.stops],
        triedCount,
        setup: best.setup,
        against: against.map((row) => ({ id: row.id, value: row.value })),
      })),
      refused: refused.map(({ id, problems }) => ({ id, problems: problems.map(({ code, values }) => ({ code, values: { ...values } })) })),
      threads,
    };
  });
};
