import { type FastifyPluginAsyncZod } from 'fastify-type-provider-zod';
import {
  decisionSchema,
  decisionWriteSchema,
  idSchema,
  takeSchema,
  takeWriteSchema,
  visitPageSchema,
  visitSchema,
  visitWriteSchema,
  withdrawalSchema,
} from '@fulcra/contract';
import { isLine, lineFromReading, sectionFromReading } from '@fulcra/core';
import { z } from 'zod';
import { type Horses } from '../horses/horse.repository';
import { signedIn } from '../platform/auth/plugin';
import { FulcraError } from '../platform/errors/fulcra-error';
import { type Photos } from '../photos/photo.repository';
import { type Saddles } from '../saddles/saddle.repository';
import { type Facts } from './fact.repository';
import { refuseUnsafeTack } from './refuse-unsafe-tack';
import { refuseWhileHeld } from './refuse-while-held';
import { type Takes } from './take.repository';
import { type Visits } from './visit.repository';

interface Needs {
  readonly horses: Horses;
  readonly visits: Visits;
  readonly takes: Takes;
  readonly facts: Facts;
  readonly photos: Photos;
  readonly saddles: Saddles;
}

const visitParams = z.object({ visitId: idSchema });
const takeParams = visitParams.extend({ takeId: idSchema });

export const visitRoutes: FastifyPluginAsyncZod<Needs> = async (app, { horses, visits, takes, facts, photos, saddles }) => {
  app.get('/api/visits/:visitId', { schema: { params: visitParams, response: { 200: visitPageSchema } } }, async (request) => {
    const { practiceId } = signedIn(request);
    const visit = await visits.get(practiceId, request.params.visitId);
    return {
      visit,
      horse: await horses.get(practiceId, visit.horseId),
      takes: await takes.ofVisits(practiceId, [visit.id]),
      facts: await facts.ofVisits(practiceId, [visit.id]),
      photos: await photos.ofVisit(practiceId, visit.id),
      earlier: await facts.earlier(practiceId, visit.horseId, visit.id, visit.startedOn),
      decision: await visits.decision(practiceId, visit.id),
    };
  });

  app.put(
    '/api/visits/:visitId',
    { schema: { params: visitParams, body: visitWriteSchema, response: { 200: visitSchema } } },
    async (request) => {
      const { practiceId, personId } = signedIn(request);
      await horses.get(practiceId, request.body.horseId);
      if (request.body.result === 'goodToRide') {
        await refuseWhileHeld(facts, practiceId, request.params.visitId);
        await refuseUnsafeTack({ visits, facts, saddles }, practiceId, request.params.visitId);
      }
      return visits.put(practiceId, personId, request.params.visitId, request.body);
    },
  );

  app.put(
    '/api/visits/:visitId/takes/:takeId',
    { schema: { params: takeParams, body: takeWriteSchema, response: { 200: takeSchema } } },
    async (request) => {
      const { practiceId, personId } = signedIn(request);
      const { visitId, takeId } = request.params;
      await visits.get(practiceId, visitId);
      const { station, reading } = request.body;
      const read = isLine(station) ? lineFromReading(reading) : sectionFromReading(reading);
      if (!read.ok) throw new FulcraError('SECTION_REFUSED', { problems: read.problems });
      return takes.add(practiceId, personId, visitId, takeId, request.body);
    },
  );

  app.put(
    '/api/visits/:visitId/takes/:takeId/withdrawn',
    { schema: { params: takeParams, body: withdrawalSchema, response: { 200: takeSchema } } },
    async (request) => {
      const { practiceId } = signedIn(request);
      const { visitId, takeId } = request.params;
      return takes.withdraw(practiceId, visitId, takeId, request.body.withdrawn);
    },
  );

  app.put(
    '/api/visits/:visitId/decision',
    { schema: { params: visitParams, body: decisionWriteSchema, response: { 200: decisionSchema } } },
    async (request) => {
      const { practiceId, personId } = signedIn(request);
      const visit = await visits.get(practiceId, request.params.visitId);
      if (request.body.saddleId !== null && !(await saddles.has(practiceId, request.body.saddleId))) {
        throw new FulcraError('SADDLE_UNKNOWN');
      }
      return visits.decide(practiceId, personId, visit.id, request.body);
    },
  );
};
