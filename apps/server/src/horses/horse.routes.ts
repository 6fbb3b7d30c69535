import { type FastifyPluginAsyncZod } from 'fastify-type-provider-zod';
import { horseHistorySchema, horseSchema, horseSummarySchema, horseTracingsSchema, horseWriteSchema, idSchema } from '@fulcra/contract';
import { z } from 'zod';
import { signedIn } from '../platform/auth/plugin';
import { FulcraError } from '../platform/errors/fulcra-error';
import { type Riders } from '../riders/rider.repository';
import { type Facts } from '../visits/fact.repository';
import { type Takes } from '../visits/take.repository';
import { type Visits } from '../visits/visit.repository';
import { type Horses } from './horse.repository';

interface Needs {
  readonly horses: Horses;
  readonly visits: Visits;
  readonly takes: Takes;
  readonly facts: Facts;
  readonly riders: Riders;
}

const params = z.object({ horseId: idSchema });

export const horseRoutes: FastifyPluginAsyncZod<Needs> = async (app, { horses, visits, takes, facts, riders }) => {
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
    const own = await visits.ofHorse(practiceId, horse.id);
    const decided = await visits.decisionsOf(
      practiceId,
      own.map((v) => v.id),
    );
    const said = await facts.earlier(practiceId, horse.id, null, '9999-12-31');
    return { horse, said, visits: own.map((visit) => ({ visit, decision: decided.find((d) => d.visitId === visit.id) ?? null })) };
  });

  app.get('/api/horses/:horseId/tracings', { schema: { params, response: { 200: horseTracingsSchema } } }, async (request) => {
    const { practiceId } = signedIn(request);
    const horse = await horses.get(practiceId, request.params.horseId);
    const own = (await visits.ofHorse(practiceId, horse.id)).reverse();
    const ids = own.map((v) => v.id);
    const [taken, found] = [await takes.ofVisits(practiceId, ids), await facts.ofVisits(practiceId, ids)];
    return own.map(({ id, startedOn, stationMm }) => ({
      visitId: id,
      startedOn,
      stationMm,
      takes: taken.filter((t) => t.visitId === id),
      facts: found.filter((f) => f.visitId === id && f.body.kind === 'landmark'),
    }));
  });

  app.put('/api/horses/:horseId', { schema: { params, body: horseWriteSchema, response: { 200: horseSchema } } }, async (request) => {
    const { practiceId } = signedIn(request);
    if (!(await riders.haveAll(practiceId, request.body.riderIds))) throw new FulcraError('RIDER_UNKNOWN');
    return horses.put(practiceId, request.params.horseId, request.body);
  });
};
