import { type Ranking, rankingSchema, rankingWriteSchema } from '@fulcra/contract';
import { type StandsOn, bodyInputOf, complaintsOf, measuredVisit, schoolOf, weighedFor } from '@fulcra/core';
import { type FastifyPluginAsyncZod } from 'fastify-type-provider-zod';
import { FulcraError } from '../platform/errors/fulcra-error';
import { type Collections } from '../stores/collections';
import { signedIn } from '../platform/auth/plugin';
import { type RankingPool } from './ranking-pool';

interface Needs {
  readonly stores: Pick<Collections, 'visit' | 'takes' | 'facts' | 'saddle' | 'practiceSettings'>;
  readonly pool: RankingPool;
}

/** A large stock has its turn behind others', and can be given up at any time. */
const RANKED_WITHIN_MS = 900_000;

/** A whole stock against one visit's horse; the measured back is derived here from the visit's own takes and facts. */
export const rankingRoutes: FastifyPluginAsyncZod<Needs> = async (app, { stores, pool }) => {
  const schema = { body: rankingWriteSchema, response: { 200: rankingSchema } };
  app.post('/api/rankings', { handlerTimeout: RANKED_WITHIN_MS, schema }, async (request, reply) => {
    const { practiceId, csrfToken } = signedIn(request);
    const { visitId, schoolId, ...question } = request.body;
    const visit = await stores.visit.get(practiceId, visitId);
    const takes = await stores.takes.ofVisits(practiceId, [visitId]);
    const facts = await stores.facts.ofVisits(practiceId, [visitId]);
    const body = bodyInputOf(measuredVisit({ visit, takes, facts }), facts);
    const stock = await stores.saddle.list(practiceId);
    const [settings] = await stores.practiceSettings.list(practiceId);
    const school = schoolOf(schoolId, settings?.schools ?? []);
    if (school === null) throw new FulcraError('SCHOOL_UNKNOWN');
    const gone = new AbortController();
    reply.raw.once('close', () => {
      if (!reply.raw.writableFinished) gone.abort();
    });
    const weighed = weighedFor(school, complaintsOf(facts));
    const { ranked, refused, threads } = await pool.rank({ ...question, body, school: weighed }, stock, csrfToken, gone.signal);
    return {
      ranked: ranked.map(({ id, best, triedCount, against }) => ({
        id,
        score: best.score,
        standing: best.standing,
        ridden: best.ridden,
        stops: [...best.stops],
        triedCount,
        setup: best.setup,
        standsOn: standsOnOf(best.resting.standsOn),
        against: against.map((row) => ({ id: row.id, value: row.value })),
      })),
      refused: refused.map(({ id, problems }) => ({ id, problems: problems.map(({ code, values }) => ({ code, values: { ...values } })) })),
      threads,
    };
  });
};

const standsOnOf = ({ share, waitsFor, byEye, unmeasured }: StandsOn): Ranking['ranked'][number]['standsOn'] => ({
  share,
  waitsFor: [...waitsFor],
  byEye: [...byEye],
  unmeasured: [...unmeasured],
});
