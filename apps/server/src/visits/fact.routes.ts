import { type FactBody, factSchema, factWriteSchema, idSchema, withdrawalSchema } from '@fulcra/contract';
import { landmarkProblems } from '@fulcra/core';
import { type FastifyPluginAsyncZod } from 'fastify-type-provider-zod';
import { z } from 'zod';
import { signedIn } from '../platform/auth/plugin';
import { FulcraError } from '../platform/errors/fulcra-error';
import { type Facts } from './fact.repository';
import { type Visits } from './visit.repository';

interface Needs {
  readonly visits: Visits;
  readonly facts: Facts;
}
const params = z.object({ visitId: idSchema, factId: idSchema });

export const factRoutes: FastifyPluginAsyncZod<Needs> = async (app, { visits, facts }) => {
  app.put(
    '/api/visits/:visitId/facts/:factId',
    { schema: { params, body: factWriteSchema, response: { 200: factSchema } } },
    async (request) => {
      const { practiceId, personId } = signedIn(request);
      const { visitId, factId } = request.params;
      await visits.get(practiceId, visitId);
      refuseImpossible(request.body.body);
      return facts.add(practiceId, personId, visitId, factId, request.body);
    },
  );

  app.put(
    '/api/visits/:visitId/facts/:factId/withdrawn',
    { schema: { params, body: withdrawalSchema, response: { 200: factSchema } } },
    async (request) => {
      const { visitId, factId } = request.params;
      return facts.withdraw(signedIn(request).practiceId, visitId, factId, request.body.withdrawn);
    },
  );
};

/** By itself only: what contradicts another device's reading is kept and asked about, never thrown away. */
function refuseImpossible(body: FactBody): void {
  if (body.kind !== 'landmark') return;
  const problems = landmarkProblems(body, []);
  if (problems.length > 0) throw new FulcraError('LANDMARK_REFUSED', { problems });
}
