import { type FastifyPluginAsyncZod } from 'fastify-type-provider-zod';
import { horseHistorySchema, horseSchema, horseSummarySchema, horseWriteSchema, idSchema } from '@fulcra/contract';
import { z } from 'zod';
import { signedIn } from '../platform/auth/plugin';
import { type Visits } from '../visits/visit.repository';
import { type Horses } from './horse.repository';

interface Needs {
  readonly horses: Horses;
  readonly visits: Visits;
}

const params = z.object({ horseId: idSchema });

export const horseRoutes: FastifyPluginAsyncZod<Needs> = async (app, { horses, visits }) => {
  app.get('/api/horses', { schema: { response: { 200: z.array(horseSummarySchema) } } }, async (request) => {
    const { practiceId } = signedIn(request);
    const [all, visited, decided] = [await horses.list(practiceId), await visits.list(practiceId), await visits.decisions(practiceId)];
    return all.map((horse) => {
      const own = visited.filter((v) => v.horseId === horse.id);
      const last = own.flatMap((v) => decided.find((d) => d.visitId === v.id) ?? [])[0];
      return {
        horse,
        lastVisitOn: own[0]?.startedOn ?? null,
        openVisitId: own.find((v) => v.status === 'open')?.id ?? null,
        outline: last?.section ?? [],
      };
    });
  });

  app.get('/api/horses/:horseId', { schema: { params, response: { 200: horseHistorySchema } } }, async (request) => {
    const { practiceId } = signedIn(request);
    const horse = await horses.get(practiceId, request.params.horseId);
    const own = (await visits.list(practiceId)).filter((v) => v.horseId === horse.id);
    const decided = await visits.decisions(practiceId);
    return { horse, visits: own.map((visit) => ({ visit, decision: decided.find((d) => d.visitId === visit.id) ?? null })) };
  });

  app.put('/api/horses/:horseId', { schema: { params, body: horseWriteSchema, response: { 200: horseSchema } } }, async (request) =>
    horses.put(signedIn(request).practiceId, request.params.horseId, request.body),
  );
};
