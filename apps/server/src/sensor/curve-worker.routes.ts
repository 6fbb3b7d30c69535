import { CURVE_WORKER_PATH, PRACTICE_DEFAULTS, curveOrigin } from '@fulcra/contract';
import { type FastifyPluginAsyncZod } from 'fastify-type-provider-zod';
import { signedIn } from '../platform/auth/plugin';
import { type Collections } from '../stores/collections';
import { CURVE_WORKER } from './curve-worker';

interface Needs {
  readonly stores: Collections;
}

/** A worker is bound by the policy of its own answer, not by the page's: it may open what the practice says its sensor is at, and nothing else. */
export const curveWorkerRoutes: FastifyPluginAsyncZod<Needs> = async (app, { stores }) => {
  app.get(CURVE_WORKER_PATH, { schema: { hide: true } }, async (request, reply) => {
    const { practiceId } = signedIn(request);
    const settings = (await stores.practiceSettings.list(practiceId))[0] ?? PRACTICE_DEFAULTS;
    const origin = curveOrigin(settings.curveAddress);
    return reply
      .type('text/javascript')
      .header('content-security-policy', `default-src 'none'; connect-src ${origin ?? "'none'"}`)
      .send(CURVE_WORKER);
  });
};
