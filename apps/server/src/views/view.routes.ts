import {
  horseHistorySchema,
  horseTracingsSchema,
  idSchema,
  saddlePhotoSchema,
  storySchema,
  ownerPhotoSchema,
  tackPhotoSchema,
  visitPageSchema,
  yardPageSchema,
  yardQuerySchema,
} from '@fulcra/contract';
import { type FastifyRequest } from 'fastify';
import { type FastifyPluginAsyncZod } from 'fastify-type-provider-zod';
import { type DataSource } from 'typeorm';
import { z } from 'zod';
import { type Collections } from '../stores/collections';
import { signedIn } from '../platform/auth/plugin';
import { decidedAt } from '../visits/decided';
import { earlierFacts } from '../visits/fact-rules';
import { feltBefore, inUseAfter, ridesOfHorse, fellInNothingKnown } from '@fulcra/core';
import { heldTack } from '../tack/held-tack';
import { storyOf } from './story';
import { landmarksAt, tracedAt } from './tracings';
import { yardJson } from './yard';

interface Needs {
  readonly db: DataSource;
  readonly stores: Collections;
}
const ofHorse = z.object({ horseId: idSchema });
const ofVisit = z.object({ visitId: idSchema });

type HorseQuestion = FastifyRequest<{ Params: z.infer<typeof ofHorse> }>;
type VisitQuestion = FastifyRequest<{ Params: z.infer<typeof ofVisit> }>;

/** What screens read: each put together from several kinds of records. */
export const viewRoutes: FastifyPluginAsyncZod<Needs> = async (app, needs) => {
  app.get('/api/horses', { schema: { querystring: yardQuerySchema, response: { 200: yardPageSchema } } }, async (request, reply) => {
    void reply.header('content-type', 'application/json; charset=utf-8');
    // already JSON: what the schema says of it is for the documents, and is held to by the tests
    return reply.serializer(String).send((await yardJson(needs.db, signedIn(request).practiceId, request.query)) as never);
  });
  app.get('/api/horses/:horseId', { schema: { params: ofHorse, response: { 200: horseHistorySchema } } }, async (request) =>
    horseHistory(needs, request),
  );
  app.get('/api/horses/:horseId/tracings', { schema: { params: ofHorse, response: { 200: horseTracingsSchema } } }, async (request) =>
    horseTracings(needs, request),
  );
  app.get('/api/horses/:horseId/story', { schema: { params: ofHorse, response: { 200: storySchema } } }, async (request) =>
    storyOf(needs, signedIn(request).practiceId, request.params.horseId),
  );
  app.get('/api/visits/:visitId', { schema: { params: ofVisit, response: { 200: visitPageSchema } } }, async (request) =>
    visitPage(needs, request),
  );
  app.get('/api/saddle-photos', { schema: { response: { 200: z.array(saddlePhotoSchema) } } }, async (request) =>
    needs.stores.photos.ofSaddles(signedIn(request).practiceId),
  );
  app.get('/api/owner-photos', { schema: { response: { 200: z.array(ownerPhotoSchema) } } }, async (request) =>
    needs.stores.photos.ofOwnerWords(signedIn(request).practiceId),
  );
  app.get('/api/tack-photos', { schema: { response: { 200: z.array(tackPhotoSchema) } } }, async (request) =>
    needs.stores.photos.ofTackChecks(signedIn(request).practiceId),
  );
};

/** A horse with its visits, what was decided at each, and whether it may be ridden. */
async function horseHistory({ db, stores }: Needs, request: HorseQuestion) {
  const { practiceId } = signedIn(request);
  const horse = await stores.horse.get(practiceId, request.params.horseId);
  const own = await stores.visit.ofHorse(practiceId, horse.id);
  const ids = own.map((v) => v.id);
  const [decided, said] = [await stores.decisions.ofVisits(practiceId, ids), await stores.facts.ofVisits(practiceId, ids)];
  const measured = await stores.takes.visitsWithAny(practiceId, ids);
  const visits = own.map((visit) => ({ visit, ...decidedAt(decided, said, visit.id) }));
  const ended = [...visits].reverse().map(({ visit, decision }) => ({
    ...{ id: visit.id, on: visit.startedOn, said: visit.result, decision, measured: measured.has(visit.id) },
    facts: said.filter((f) => f.visitId === visit.id),
  }));
  const held = await heldTack(db.manager, practiceId);
  const fell = fellInNothingKnown(await stores.ownerWord.ofHorse(practiceId, horse.id), held.fallWords);
  const rides = ridesOfHorse({ visits: ended, riderIds: horse.riderIds, ridesIn: horse.ridesIn, fell }, held);
  return {
    horse,
    said: earlierFacts(said, daysOf(own), null, null),
    visits: visits.map((v) => ({ ...v, ride: rides.get(v.visit.id)! })),
    inUse: inUseAfter(ended, horse.ridesIn),
  };
}

/** Every visit's takes and landmarks, oldest first: what change over time is drawn from. */
async function horseTracings({ stores }: Needs, request: HorseQuestion) {
  const { practiceId } = signedIn(request);
  const horse = await stores.horse.get(practiceId, request.params.horseId);
  const own = (await stores.visit.ofHorse(practiceId, horse.id)).reverse();
  const ids = own.map((v) => v.id);
  const [taken, found] = [await stores.takes.ofVisits(practiceId, ids), await stores.facts.ofVisits(practiceId, ids)];
  return own.map(({ id, startedOn, stationMm }) => ({
    visitId: id,
    startedOn,
    stationMm,
    takes: tracedAt(taken, id),
    facts: landmarksAt(found, id),
  }));
}

/** One visit with all that was entered at it, and what earlier ones found. */
async function visitPage({ stores }: Needs, request: VisitQuestion) {
  const { practiceId } = signedIn(request);
  const { visit, horse, own, decisions } = await stores.visit.withHorse(practiceId, request.params.visitId);
  const ofThis = decisions.filter((d) => d.visitId === visit.id);
  const [said, takes, photos] = await Promise.all([
    stores.facts.ofVisits(
      practiceId,
      own.map((v) => v.id),
    ),
    stores.takes.ofVisits(practiceId, [visit.id]),
    stores.photos.ofVisit(practiceId, visit.id),
  ]);
  const before = own
    .slice(own.findIndex((v) => v.id === visit.id) + 1)
    .reverse()
    .map(({ id, startedOn }) => {
      const facts = said.filter((f) => f.visitId === id);
      return { id, on: startedOn, facts, ...decidedAt(decisions, facts, id) };
    });
  return {
    ...{ visit, horse, takes, photos },
    facts: said.filter((f) => f.visitId === visit.id),
    earlier: earlierFacts(said, daysOf(own), visit.id, visit.startedOn),
    ...decidedAt(ofThis, said, visit.id),
    cameIn: inUseAfter(before, horse.ridesIn),
    feltBefore: feltBefore(before).map(({ id }) => said.find((f) => f.id === id)!),
  };
}

const daysOf = (visits: readonly { readonly id: string; readonly startedOn: string }[]): Map<string, string> =>
  new Map(visits.map((v) => [v.id, v.startedOn]));
